import 'reflect-metadata';
import { Transform, Type } from 'class-transformer';
import { IsIn, IsInt, Max, Min } from 'class-validator';
import { SPECIES_IDS, type SpeciesId } from '@keeper/core/domain/fish/species';
import { BOOK_ORDERS, type BookOrder } from './orders.js';
import type { CaptureSummary, PictureOfSummary } from '@keeper/core/domain/capture/summary';
import { FinerFilterDto } from './finerFilter.js';
import { IsId, IsText, Maybe } from './fields.js';

/** Which captures of the book are shown, and in which order. Captures discarded as begun by mistake are never shown. */
export class BookFilterDto extends FinerFilterDto {
  @Maybe() @IsIn(SPECIES_IDS) species?: SpeciesId;
  @Maybe() @IsId() waterId?: string;
  /** Only the fish of this keeper. */
  @Maybe() @IsId() keeperId?: string;
  @Maybe() @IsIn(BOOK_ORDERS) order?: BookOrder;
  /** What is looked for, as it is typed: words, names, kinds, dates, weights and lengths (`readSearch`). */
  @Maybe() @IsText(200) q?: string;
  /**
   * Where the book is opened: at the end of this year, or at its beginning where the oldest come first. By weight it
   * means nothing.
   */
  @Maybe() @Type(() => Number) @IsInt() @Min(1800) @Max(9998) year?: number;
}

/** A page of the book. */
export class BookQueryDto extends BookFilterDto {
  @Maybe() @IsId() outingId?: string;
  /** Only those that still wait to be written up. */
  @Maybe() @Transform(({ value }) => value === true || value === 'true') waiting?: boolean;
  /** Where the last page ended, as the server said it. */
  @Maybe() @IsText(200) after?: string;
  @Maybe() @Type(() => Number) @IsInt() @Min(1) @Max(100) limit?: number;
}

export interface BookPage {
  readonly rows: readonly CaptureSummary[];
  /** Pass as `after` for the next page; null at the end. */
  readonly next: string | null;
  /** How many there are on all pages together. */
  readonly total: number;
}

/** A picture of the book with as much of its fish as stands under it. */
export interface PictureInBook
  extends PictureOfSummary, Pick<CaptureSummary, 'captureId' | 'startedAt' | 'zone' | 'species' | 'form' | 'net'> {}

/** How many of each kind are in the book, and the best of each by net weight. */
export interface BookTally {
  readonly captures: number;
  readonly lost: number;
  readonly waiting: number;
  readonly bySpecies: readonly {
    readonly species: SpeciesId;
    readonly captures: number;
    readonly best: CaptureSummary | null;
    /** The longest that was measured, to the tip with the tail pinched; null where none was. */
    readonly longestMm: number | null;
    /** When one was last on. */
    readonly lastAt: string;
  }[];
  readonly byWater: readonly { readonly waterId: string; readonly captures: number }[];
  /** The latest first. */
  readonly byYear: readonly { readonly year: number; readonly captures: number }[];
}

/** What an export of the book may hold. */
export class ExportQueryDto {
  @Maybe() @IsIn(['included', 'left-out']) positions?: 'included' | 'left-out';
  /** For people, cells that a table program could take for a formula are guarded; for machines nothing is. */
  @Maybe() @IsIn(['people', 'machines']) readers?: 'people' | 'machines';
}
