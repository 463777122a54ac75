/**
 * A sheet of fish as somebody kept it: rows of cells, each as its text. What a file holds as a day of the calendar is
 * written `YYYY-MM-DD`, as a number with a point, and of a formula what it came to last.
 */
export interface Sheet {
  readonly name: string;
  readonly rows: readonly SheetRow[];
}

export type SheetRow = readonly string[];

/** One table of a sheet: its headings, and which rows, counted from 0, are its own; the last is not included. */
export interface SheetTable {
  readonly headings: readonly string[];
  /** Null where nobody wrote headings. */
  readonly headingRow: number | null;
  readonly from: number;
  readonly to: number;
}

/** A fish has no more columns than this; what lies beyond is another thing. */
export const MOST_COLUMNS = 60;
export const MOST_ROWS = 100_000;
/** No cell of a fish is longer. */
export const MOST_CELL_LETTERS = 4000;
