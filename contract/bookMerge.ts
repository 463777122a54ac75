import { Transform } from 'class-transformer';
import type { BookRowKind } from '@keeper/core/formats/bookRows';
import { IsId, IsName, Maybe } from './fields.js';

/** How a book comes in. */
export class MergeQueryDto {
  /** Only say what would come of it. */
  @Maybe() @Transform(({ value }) => value === true || value === 'true') dryRun?: boolean;
  /** The keeper of this book who the first keeper of that one is; nobody for a book of one's own. */
  @Maybe() @IsId() keeperId?: string;
  /** What that keeper is called, where this book does not know them yet. */
  @Maybe() @IsName(60, 'A keeper needs a name, such as the one you are called by at the water.') name?: string;
}

/** What came of a book that came in, or would come of it. */
export interface BookMerge {
  /** Pages that this book did not have, and pages that it had and that had something new. */
  readonly captures: { readonly fresh: number; readonly grown: number; readonly known: number };
  readonly outings: { readonly fresh: number; readonly grown: number; readonly known: number };
  readonly rows: {
    readonly fresh: number;
    /** Written later there: they took the place of what stood. */
    readonly newer: number;
    /** Written later here: what stands goes on standing. */
    readonly older: number;
    readonly known: number;
  };
  /** Waters that are new here, for the keeper to see whose book it is. */
  readonly freshOf: Readonly<Partial<Record<BookRowKind, readonly string[]>>>;
  /** Entries of another content under an id that stands here, and what could not be read: left out. */
  readonly clashing: number;
  readonly leftOut: number;
  /** Pictures that its fish have and that are not here: their bytes come by themselves. */
  readonly missingPictures: readonly string[];
  readonly exportedAt: string;
}
