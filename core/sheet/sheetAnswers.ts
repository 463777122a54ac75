import type { DateOrder } from './dateOrder.js';

/**
 * How a sheet is to be read where what stands in it can mean two things: found in the sheet itself, or asked once for
 * all its rows. Null while it is open.
 */
export interface SheetAnswers {
  /** 3/4/05 is the third of April, the fourth of March, or the fifth of April 2003. */
  readonly dateOrder: DateOrder | null;
  /** What a bare number is, as a weight. */
  readonly weightUnit: 'lb' | 'oz' | 'kg' | 'g' | null;
  /** 23.11 is 23 lb 11 oz, or 23.11 lb. */
  readonly dotted: 'ounces' | 'decimal' | null;
  /** What a bare number is, as a length. */
  readonly lengthUnit: 'in' | 'cm' | 'mm' | null;
  /** 31.3 inches are measured finer than the quarters of a board, or the mark below is meant. */
  readonly inches: 'decimal' | 'quarter' | null;
  /** "about 12" and "12+" are taken as 12, with the words in the note; or left out, with the words in the note. */
  readonly roughly: 'take' | 'leave' | null;
}

export type SheetQuestionOf = keyof SheetAnswers;

export const NO_ANSWERS: SheetAnswers = {
  dateOrder: null,
  weightUnit: null,
  dotted: null,
  lengthUnit: null,
  inches: null,
  roughly: null,
};

/** Something that is asked once for all the rows that it is about. */
export interface SheetQuestion {
  readonly of: SheetQuestionOf;
  readonly rows: number;
  /** A few cells as they are written, each once. */
  readonly examples: readonly string[];
  /** What the sheet itself says; null where it says nothing, and then somebody has to. */
  readonly found: SheetAnswers[SheetQuestionOf];
}
