import type { LengthOf } from '../fish/bodyLength.js';
import type { SpeciesId } from '../fish/species.js';

/** What sort of meeting it is: one among others, or a season of the keeper's own that nothing is sent for. */
export const MEETING_SORTS = ['club-day', 'league', 'charity', 'own-season'] as const;
export type MeetingSort = (typeof MEETING_SORTS)[number];

/** By what the best are found. */
export const MEETING_MEASURES = ['length', 'weight'] as const;
export type MeetingMeasure = (typeof MEETING_MEASURES)[number];

/** Where the best so many fish count, and by which rules. */
export interface Meeting {
  readonly id: string;
  readonly name: string;
  readonly sort: MeetingSort;
  /** What counts; empty: any kind. */
  readonly kinds: readonly SpeciesId[];
  /** Where it counts; empty: everywhere. */
  readonly waterIds: readonly string[];
  /** From when to when a take counts, ISO 8601. */
  readonly fromAt: string;
  readonly toAt: string;
  readonly by: MeetingMeasure;
  /** So many of the best count. */
  readonly best: number;
  /** Least size, in mm by length and in grams by weight; null: none. */
  readonly least: number | null;
  /** An upgrade is larger by at least so much, in mm or grams; null: by anything. */
  readonly upgradeBy: number | null;
  /** To where a length is read; null: as each is used to. */
  readonly lengthOf: LengthOf | null;
  /** What must be seen in the picture, in the meeting's words; null: nothing. */
  readonly identifier: string | null;
  /** How long after the take it may be sent, in hours; null: as late as one likes. */
  readonly sentWithinH: number | null;
  readonly note: string | null;
}
