import { parseMass } from '../measure/parseMass.js';
import { tidyMeasureText } from '../measure/tidyText.js';
import { withoutRoughly } from './roughly.js';
import { foundOrder, ordersOf } from './dateOrder.js';
import { decimalQuarters } from './decimalQuarters.js';
import type { Sheet, SheetTable } from './sheet.js';
import { NO_ANSWERS, type SheetAnswers, type SheetQuestion, type SheetQuestionOf } from './sheetAnswers.js';
import { unitOfHeading, type Mapping, type SheetField, type SheetUnit } from './sheetField.js';
import { fishRows } from './tablesOf.js';

const EXAMPLES = 3;
const BARE = /^\d+(?:\.\d+)?$/;

/**
 * What of a table can mean two things, each asked once, with what the sheet itself says to it: a day above twelve says
 * which number is the month, a part of a pound above fifteen that no ounces are meant. Example: `03/04/05` in every row
 * asks for the order of the date; with one `25/12/05` among them the sheet has said it.
 */
export function sheetQuestions(
  sheet: Sheet,
  table: SheetTable,
  mapping: Mapping,
  { lengthUnit }: Pick<SheetAnswers, 'lengthUnit'> = NO_ANSWERS,
): readonly SheetQuestion[] {
  const rows = fishRows(sheet, table);
  const cellsOf = (...fields: SheetField[]) =>
    mapping.flatMap((field, column) => {
      if (field === null || !fields.includes(field)) return [];
      const unit = unitOfHeading(table.headings[column] ?? '');
      return rows.flatMap(({ cells }) => (cells[column]?.trim() ? [{ text: cells[column].trim(), unit }] : []));
    });
  const [weights, lengths] = [cellsOf('weight'), cellsOf('length', 'girth')];
  const offQuarter = lengths.filter(({ text, unit }) => isOffQuarter(text, unit ?? lengthUnit));
  return [
    askDateOrder(cellsOf('date').map(({ text }) => text)),
    askUnit('weightUnit', weights, ['lb', 'oz', 'kg', 'g', 'lb-oz']),
    askDotted(weights),
    askUnit('lengthUnit', lengths, ['in', 'cm', 'mm']),
    ask(
      'inches',
      offQuarter.map(({ text }) => text),
      null,
    ),
    ask('roughly', [...weights, ...lengths].map(({ text }) => text).filter(isRough), null),
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

function askDateOrder(dates: readonly string[]): SheetQuestion | undefined {
  const isOpen = (date: string) => {
    const orders = ordersOf(date);
    const [first, second] = date.split(/[/.-]/).map(Number);
    // 3/3/06 is one day, whichever of the two is the month.
    return orders.length > (first === second && !orders.includes('year-month-day') ? 2 : 1);
  };
  return ask('dateOrder', dates.filter(isOpen), foundOrder(dates));
}

/** Parts of an inch that no board has a mark for: a tape's own, or written by ear. */
function isOffQuarter(text: string, unit: SheetUnit | null): boolean {
  const quarters = decimalQuarters(bareOf(text), unit);
  return quarters !== null && !Number.isInteger(quarters);
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
