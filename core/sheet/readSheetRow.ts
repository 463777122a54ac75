import type { Facts } from '../domain/capture/event.js';
import { ROD_BOUNDS } from '../domain/capture/rodFacts.js';
import { parseLength } from '../measure/parseLength.js';
import { LONGEST_MM, lengthMm, type Length } from '../measure/length.js';
import { measureMessage } from '../measure/measureMessages.js';
import type { Mass } from '../measure/mass.js';
import { gramsOf } from '../measure/mass.js';
import type { Message } from '../measure/message.js';
import { parseMass } from '../measure/parseMass.js';
import { parsePastDate, type PastDate } from '../measure/pastDate.js';
import { err, ok, type Result } from '../measure/result.js';
import { tidyMeasureText } from '../measure/tidyText.js';
import { withWholeYear } from './dateOrder.js';
import { dayOfCell } from './dayOfCell.js';
import { decimalQuarters } from './decimalQuarters.js';
import { kindOfWord } from './kindOfWord.js';
import { withoutRoughly } from './roughly.js';
import { MOST_CELL_LETTERS, type SheetRow, type SheetTable } from './sheet.js';
import type { SheetAnswers } from './sheetAnswers.js';
import { unitOfHeading, type Mapping, type SheetField } from './sheetField.js';

/** A fish as a row tells it, before its water and swim are those of the book. */
export interface SheetFish {
  /** Of the file, counted from 1 as a table shows it. */
  readonly row: number;
  readonly dated: PastDate;
  readonly water: string;
  readonly swim: string;
  readonly kind: Pick<Facts, 'species' | 'form' | 'kindName'>;
  readonly weight: Mass | null;
  readonly length: Length | null;
  readonly girth: Length | null;
  readonly rig: string;
  readonly bait: string;
  readonly method: string;
  readonly place: string;
  readonly note: string;
}

/** A cell that could not be read, and why. */
export interface CellProblem {
  readonly row: number;
  readonly field: SheetField;
  readonly text: string;
  readonly reason: Message;
}

export interface ReadRow {
  /** Nothing, where the day cannot be read: a fish of no time has no place in a book. */
  readonly fish: SheetFish | null;
  /** What else could not be read stands in the note of the fish, as it was written. */
  readonly problems: readonly CellProblem[];
}

/** How rows are read: the table and its columns, the answers, and the day that it is. */
export interface RowReading {
  readonly table: SheetTable;
  readonly mapping: Mapping;
  readonly answers: SheetAnswers;
  /** `YYYY-MM-DD`. */
  readonly today: string;
  /** Heading of what is written on in the note, where a column has none. */
  readonly nameOf: (field: SheetField) => string;
}

/**
 * Reads one row as a fish. What cannot be read is told with its reason and kept in the note; without a day there is no
 * fish. Example: `12/6/19 | Mere | 23-11` with the day first is a fish of 12 June 2019 of 23 lb 11 oz.
 */
export function readSheetRow(cells: SheetRow, row: number, reading: RowReading): ReadRow {
  const { table, mapping, answers, today, nameOf } = reading;
  const problems: CellProblem[] = [];
  const notes: string[] = [];
  const cellOf = (field: SheetField) => {
    const column = mapping.indexOf(field);
    return { text: (cells[column] ?? '').trim().slice(0, MOST_CELL_LETTERS), heading: table.headings[column] ?? '' };
  };
  const textOf = (field: SheetField, most: number) => {
    const written = cellOf(field).text;
    const text = NOTHING.test(written) ? '' : written;
    if (text.length > most) notes.push(`${nameOf(field)}: ${text}`);
    return text.slice(0, most);
  };
  const measured = <T>(field: SheetField, text: string, read: (bare: string) => Result<T>): T | null => {
    if (NOTHING.test(text)) return null;
    const bare = withoutRoughly(text);
    const wanted = bare === null || answers.roughly === 'take';
    if (bare !== null) notes.push(`${nameOf(field)}: ${text}`);
    if (!wanted) return null;
    const value = read(bare ?? text);
    if (value.ok) return value.value;
    problems.push({ row, field, text, reason: value.reason });
    if (bare === null) notes.push(`${nameOf(field)}: ${text}`);
    return null;
  };
  const written = cellOf('date').text;
  const day = answers.dateOrder === 'year-month-day' ? withWholeYear(dayOfCell(written), today) : dayOfCell(written);
  const dated = parsePastDate(day, { dayFirst: answers.dateOrder !== 'month-day-year', today });
  if (!dated.ok) return { fish: null, problems: [{ row, field: 'date', text: written, reason: dated.reason }] };
  const weight = mapping.includes('weight')
    ? measured('weight', cellOf('weight').text, (bare) => massOf(bare, cellOf('weight').heading, answers))
    : measured('pounds', poundsText(cellOf('pounds').text, cellOf('ounces').text), (bare) => massOf(bare, '', answers));
  const lengthIn = (field: 'length' | 'girth') =>
    measured(field, cellOf(field).text, (bare) => lengthOf(bare, cellOf(field).heading, answers));
  const [length, girth] = [lengthIn('length'), lengthIn('girth')];
  const fish = {
    row,
    dated: dated.value,
    water: textOf('water', 80),
    swim: textOf('swim', 80),
    kind: kindIn(cellOf('species').text),
    weight,
    length,
    girth,
    rig: textOf('rig', ROD_BOUNDS.mostText),
    bait: textOf('bait', ROD_BOUNDS.mostText),
    method: textOf('method', ROD_BOUNDS.mostText),
    place: textOf('place', ROD_BOUNDS.mostText),
  };
  const own = mapping.flatMap((field, column) => {
    const text = (cells[column] ?? '').trim();
    if (field !== 'note' || text === '') return [];
    const heading = (table.headings[column] ?? '').trim();
    return [heading === '' || mapping.indexOf('note') === mapping.lastIndexOf('note') ? text : `${heading}: ${text}`];
  });
  return { fish: { ...fish, note: [...own, ...notes].join('\n').slice(0, MOST_CELL_LETTERS) }, problems };
}

/** What a cell calls a fish: a kind of the book, or one of its own of that name. Example: `Grayling`; `?` is none. */
export function kindIn(text: string): SheetFish['kind'] {
  if (!/\p{L}/u.test(text)) return {};
  return kindOfWord(text) ?? { species: 'other', kindName: text.slice(0, 60) };
}

/** Two columns as one weight. Example: `23` and `11` are `23 lb 11 oz`. */
function poundsText(pounds: string, ounces: string): string {
  const [lb, oz] = [pounds, ounces].map((text) => text.replace(/\s*(lbs?|ozs?)\.?$/i, ''));
  if (!lb && !oz) return '';
  if (!oz) return `${lb} lb`;
  return lb ? `${lb} lb ${oz} oz` : `${oz} oz`;
}

/** What people write into a cell of which they know nothing. */
const NOTHING = /^([-–—?.]*|n\/?a)$/i;

const BARE = /^\d+(?:\.\d+)?$/;

function massOf(text: string, heading: string, answers: SheetAnswers): Result<Mass> {
  const tidy = tidyMeasureText(text);
  const named = unitOfHeading(heading);
  const unit = named === 'lb-oz' ? 'lb' : (named ?? answers.weightUnit);
  const whole = BARE.test(tidy) && unit !== null && unit !== 'lb' ? `${tidy} ${unit}` : tidy;
  const read = parseMass(whole, unit === 'kg' || unit === 'g' ? 'kg' : 'lb-oz');
  if (read.kind === 'mass') return ok(read.mass);
  if (read.kind === 'refused') return err(read.reason);
  const [ounces, decimal] = read.meanings;
  const meant = answers.dotted === 'ounces' ? ounces : answers.dotted === 'decimal' ? decimal : undefined;
  return meant ? ok(meant.mass) : err(read.question);
}

function lengthOf(text: string, heading: string, answers: SheetAnswers): Result<Length> {
  const named = unitOfHeading(heading);
  const unit = named === 'in' || named === 'cm' || named === 'mm' ? named : answers.lengthUnit;
  const tidy = tidyMeasureText(text);
  const quarters = answers.inches === null ? null : decimalQuarters(tidy, unit);
  if (quarters !== null && !Number.isInteger(quarters)) {
    const value: Length =
      answers.inches === 'decimal'
        ? { unit: 'mm', count: Math.round(lengthMm({ unit: 'quarter-in', count: quarters })) }
        : { unit: 'quarter-in', count: Math.floor(quarters) };
    return lengthMm(value) <= LONGEST_MM ? ok(value) : err(measureMessage('lengthTooLong', { value }));
  }
  const read = parseLength(unit === 'mm' && BARE.test(tidy) ? `${tidy} mm` : tidy, unit === 'in' ? 'in' : 'cm');
  return read.ok ? ok(read.value) : err(read.reason);
}

/** By what one row is told from another: all that it says. The same row of another file says the same. */
export function contentOf(fish: SheetFish): string {
  const { dated, water, swim, kind, weight, length, girth, rig, bait, method, place, note } = fish;
  const grams = weight === null ? '' : gramsOf(weight).toFixed(1);
  const told = [dated.as, dated.from, water, swim, kind.species, kind.form, kind.kindName, grams];
  return JSON.stringify([...told, length, girth, rig, bait, method, place, note]);
}
