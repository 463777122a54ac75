import { MOST_COLUMNS, type Sheet, type SheetRow, type SheetTable } from './sheet.js';
import { fieldOfHeading } from './sheetField.js';

/** So many columns whose headings are known make a row of headings. */
const KNOWN_HEADINGS = 2;
/** Above the headings stand a title and a few lines about it, no more. */
const SEARCHED_ROWS = 30;

/**
 * The tables of a sheet, in their order: each begins with a row of headings and ends before the next. Without any the
 * whole sheet is one table that nobody headed. A row that repeats the headings, as pages do in print, begins no table
 * anew. Example: a title, headings and four fish are one table of four rows.
 */
export function tablesOf({ rows }: Sheet): readonly SheetTable[] {
  const starts: number[] = [];
  rows.forEach((row, at) => {
    if (!isHeading(row)) return;
    const last = starts.at(-1);
    if (last === undefined ? at < SEARCHED_ROWS : !isSame(row, rows[last] ?? [])) starts.push(at);
  });
  if (starts.length === 0) {
    const from = rows.findIndex((row) => !isBlank(row));
    if (from < 0) return [];
    return [{ headings: widest(rows).map(() => ''), headingRow: null, from, to: rows.length }];
  }
  return starts.map((at, i) => ({
    headings: (rows[at] ?? []).slice(0, MOST_COLUMNS),
    headingRow: at,
    from: at + 1,
    to: starts[i + 1] ?? rows.length,
  }));
}

export function isBlank(row: SheetRow): boolean {
  return row.every((cell) => cell.trim() === '');
}

/** A row of the foot or of a break between pages: a sum, or the headings once more. */
export function isFoot(row: SheetRow, table: SheetTable): boolean {
  if (isSame(row, table.headings)) return true;
  const first = row.find((cell) => cell.trim() !== '') ?? '';
  return /^(sub)?(totals?|sum|averages?|mean|count|best|biggest|heaviest|number of fish)\b\s*:?/i.test(first.trim());
}

/** The rows of a table that may be fish, each with its place in the sheet. */
export function fishRows(
  { rows }: Sheet,
  table: SheetTable,
): readonly { readonly at: number; readonly cells: SheetRow }[] {
  return rows.slice(table.from, table.to).flatMap((cells, i) => {
    return isBlank(cells) || isFoot(cells, table) ? [] : [{ at: table.from + i, cells }];
  });
}

function isHeading(row: SheetRow): boolean {
  const known = row.filter((cell) => fieldOfHeading(cell) !== null);
  return new Set(known.map(fieldOfHeading)).size >= KNOWN_HEADINGS;
}

function isSame(row: SheetRow, other: SheetRow): boolean {
  const tidy = (cells: SheetRow) => cells.slice(0, MOST_COLUMNS).join('\t').toLowerCase().trim();
  return tidy(row) === tidy(other);
}

function widest(rows: readonly SheetRow[]): SheetRow {
  const cells = rows.reduce((most, row) => Math.max(most, row.length), 0);
  return Array.from({ length: Math.min(cells, MOST_COLUMNS) }, () => '');
}
