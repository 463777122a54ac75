import { parsePastDate } from '../measure/pastDate.js';
import { fishRows } from './tablesOf.js';
import type { Sheet, SheetTable } from './sheet.js';
import { fieldOfHeading, type Mapping, type SheetField } from './sheetField.js';
import { kindOfWord } from './kindOfWord.js';

/** What a column is, is asked of so many of its cells. */
const LOOKED_AT = 200;
/** And so many of those that are filled must say it. */
const MOST_OF_THEM = 0.7;

const SAYS: readonly (readonly [SheetField, (cell: string) => boolean])[] = [
  ['date', (cell) => /\d{2}/.test(cell) && parsePastDate(cell, { dayFirst: true, today: '9999-12-31' }).ok],
  ['species', (cell) => kindOfWord(cell) !== null],
  ['weight', (cell) => /^[\d\s./,-]+(lbs?|kgs?|g)\b/i.test(cell.trim())],
  ['length', (cell) => /^[\d\s./,-]+(cm|mm|in|inch(es)?|")\s*$/i.test(cell.trim())],
];

/**
 * What each column of a table is, by its heading; where that says nothing, by what stands in it. No field is given
 * twice but the note. Example: headings `Date`, `Lake`, `Wt` are date, water and weight.
 */
export function guessColumns(sheet: Sheet, table: SheetTable): Mapping {
  const taken = new Set<SheetField>();
  const take = (field: SheetField | null) => {
    if (field === null || (field !== 'note' && taken.has(field))) return null;
    taken.add(field);
    return field;
  };
  const named = table.headings.map(fieldOfHeading);
  // Pounds and ounces are two halves of one weight: one of them alone is a weight in its unit.
  const inHalves = named.includes('pounds') && named.includes('ounces');
  const whole = (field: SheetField | null) => (field === 'pounds' || field === 'ounces' ? 'weight' : field);
  const byName = named.map((field) => take(inHalves ? field : whole(field)));
  const rows = fishRows(sheet, table).slice(0, LOOKED_AT);
  return byName.map((field, column) => {
    if (field !== null) return field;
    const said = rows.flatMap(({ cells }) => cells[column]?.trim() || []);
    if (said.length === 0) return null;
    const says = SAYS.find(([of, is]) => !taken.has(of) && said.filter(is).length >= MOST_OF_THEM * said.length);
    return take(says?.[0] ?? null);
  });
}
