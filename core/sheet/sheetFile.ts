import type { Sheet } from './sheet.js';

/** What a file of sheets was found to be. */
export interface SheetFile {
  readonly sheets: readonly Sheet[];
  /** Of a file of text alone: by what its cells are parted, and how its letters are written. */
  readonly separator: string | null;
  readonly encoding: string | null;
}

/** Why a file cannot be read as sheets. */
export type NoSheet =
  'too-large' | 'unpacks-too-large' | 'not-a-sheet' | 'quote-never-closed' | 'empty' | 'too-many-rows';
