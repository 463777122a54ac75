import { parseMass } from '../measure/parseMass.js';
import { tidyMeasureText } from '../measure/tidyText.js';
import { withoutRoughly } from './roughly.js';
import type { Sheet, SheetTable } from './sheet.js';
import type { SheetAnswers, SheetQuestion, SheetQuestionOf } from './sheetAnswers.js';
import { unitOfHeading, type Mapping, type SheetField, type SheetUnit } from './sheetField.js';
import { isBlank, isFoot } from './tablesOf.js';

const EXAMPLES = 3;
const NUMBERED_DATE = /^(\d{1,2})[/.-](\d{1,2})[/.-]\d{2,4}$/;
const BARE = /^\d+(?:\.\d+)?$/;

/**
 * What of a table can mean two things, each asked once, with what the sheet itself says to it: a day above twelve says
 * which number is the month, a part of a pound above fifteen that no ounces are meant. Example: `03/04/05` in every row
 * asks for the order of the date; with one `25/12/05` among them the sheet has said it.
 */
export function sheetQuestions(sheet: Sheet, table: SheetTable, mapping: Mapping): readonly SheetQuestion[] {
  const rows = sheet.rows.slice(table.from, table.to).filter((row) => !isBlank(row) && !isFoot(row, table));
  const cellsOf = (...fields: SheetField[]) =>
    mapping.flatMap((field, column) => {
      if (field === null || !fields.includes(field)) return [];
      const unit = unitOfHeading(table.headings[column] ?? '');
      return rows.flatMap((row) => (row[column]?.trim() ? [{ text: row[column].trim(), unit }] : []));
    });
  const weights = cellsOf('weight');
  return [
    askDayFirst(cellsOf('date').map(({ text }) => text)),
    askUnit('weightUnit', weights, ['lb', 'oz', 'kg', 'g', 'lb-oz']),
    askDotted(weights),
    askUnit('lengthUnit', cellsOf('length', 'girth'), ['in', 'cm', 'mm']),
    ask('roughly', [...weights, ...cellsOf('length', 'girth')].map(({ text }) => text).filter(isRough), null),
  ].flatMap((question) => question ?? []);
}

function ask<Of extends SheetQuestionOf>(
  of: Of,
  cells: readonly string[],
  found: SheetAnswers[Of],
): SheetQuestion | undefined {
  if (cells.length === 0) return undefined;
  return { of, rows: cells.length, examples: [...new Set(cells)].slice(0, EXAMPLES), found };
}

const isRough = (text: string) => withoutRoughly(text) !== null;

function askDayFirst(dates: readonly string[]): SheetQuestion | undefined {
  const numbered = dates.flatMap((text) => {
    const [, first, second] = NUMBERED_DATE.exec(text) ?? [];
    return first === undefined ? [] : [{ text, first: Number(first), second: Number(second) }];
  });
  const says = new Set(numbered.flatMap(({ first, second }) => (first > 12 ? [true] : second > 12 ? [false] : [])));
  const open = numbered.filter(({ first, second }) => first <= 12 && second <= 12 && first !== second);
  const [only] = says;
  return ask(
    'dayFirst',
    open.map(({ text }) => text),
    says.size === 1 ? (only ?? null) : null,
  );
}

interface MeasuredCell {
  readonly text: string;
  readonly unit: SheetUnit | null;
}

function askUnit(
  of: 'weightUnit' | 'lengthUnit',
  cells: readonly MeasuredCell[],
  units: readonly SheetUnit[],
): SheetQuestion | undefined {
  const bare = cells.filter(({ text, unit }) => BARE.test(bareOf(text)) && !(unit !== null && units.includes(unit)));
  return ask(
    of,
    bare.map(({ text }) => text),
    null,
  );
}

function askDotted(weights: readonly MeasuredCell[]): SheetQuestion | undefined {
  const inPounds = weights.filter(({ unit }) => unit === null || unit === 'lb' || unit === 'lb-oz');
  const open = inPounds.filter(({ text }) => parseMass(bareOf(text), 'lb-oz').kind === 'ambiguous');
  const isDecimal = inPounds.some(({ text }) => {
    const [, parts = ''] = /^\d+\.(\d+)(?:\s*lbs?)?$/.exec(tidyMeasureText(bareOf(text))) ?? [];
    return parts.length === 2 && Number(parts) > 15;
  });
  return ask(
    'dotted',
    open.map(({ text }) => text),
    isDecimal ? 'decimal' : null,
  );
}

function bareOf(text: string): string {
  return tidyMeasureText(withoutRoughly(text) ?? text);
}
