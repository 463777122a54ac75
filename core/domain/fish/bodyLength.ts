import { formatLength, lengthMm, type Length } from '../../measure/length.js';
import type { SpeciesId } from './species.js';

/**
 * What a length is of: to the tip of the tail as it lies, to the tip with the tail pinched together, or to the fork of
 * the tail.
 */
export const LENGTH_OF = ['tip', 'pinched', 'fork'] as const;
export type LengthOf = (typeof LENGTH_OF)[number];

/** A length of a fish, as read, and to where. Books from before that was asked do not say. */
export interface BodyLength extends Length {
  readonly of?: LengthOf;
}

interface TailShape {
  /** Length to the fork as a share of the length to the tip, tail pinched. */
  readonly fork: number;
  /** What a laid tail falls short of a pinched one, as a share. */
  readonly laid: number;
}

/**
 * Shapes of tails by kind. Fork shares are of the size of FishBase's length-length tables (Froese and Pauly, eds.),
 * from memory, to be verified; what pinching adds is common practice, no source. The wels has no fork, and tench hardly
 * one.
 */
const TAILS: Readonly<Record<SpeciesId, TailShape>> = {
  carp: { fork: 0.9, laid: 0.02 },
  pike: { fork: 0.945, laid: 0.015 },
  barbel: { fork: 0.9, laid: 0.02 },
  wels: { fork: 1, laid: 0 },
  tench: { fork: 0.97, laid: 0.005 },
  bream: { fork: 0.88, laid: 0.025 },
  chub: { fork: 0.925, laid: 0.015 },
  zander: { fork: 0.945, laid: 0.015 },
  perch: { fork: 0.96, laid: 0.01 },
  trout: { fork: 0.965, laid: 0.01 },
  other: { fork: 0.93, laid: 0.015 },
};
/** How far single fish lie off the shape of their kind, as a share of the length (common practice, no source). */
const SHAPE_SD = 0.008;

/** A length as it is compared: to the tip with the tail pinched, in mm, and what the conversion itself leaves open. */
export interface TotalLength {
  readonly totalMm: number;
  readonly uMm: number;
}

/**
 * The length that relations of length and weight, standard weights and growth mean: the maximum total length, nose to
 * the tip of the tail pinched together (Anderson and Neumann 1996, Fisheries Techniques, 2nd ed.). A length that does
 * not say of what it is counts as one to the tip, tail laid, with the doubt of that. Example: a bream of 440 mm to the
 * fork is 500 mm long.
 */
export function totalLength(length: BodyLength, species: SpeciesId | null | undefined): TotalLength {
  const mm = lengthMm(length);
  const { fork, laid } = TAILS[species ?? 'other'];
  switch (length.of) {
    case 'pinched':
      return { totalMm: mm, uMm: 0 };
    case 'fork':
      return { totalMm: mm / fork, uMm: fork === 1 ? 0 : (mm / fork) * SHAPE_SD };
    default: {
      const totalMm = mm / (1 - laid);
      return { totalMm, uMm: length.of ? 0.3 * laid * totalMm : 0.6 * laid * totalMm };
    }
  }
}

const OF_WORDS: Readonly<Record<LengthOf, string>> = { tip: '', pinched: ', tail pinched', fork: ' to the fork' };

/** A length as it stands in the book. Examples: `31¼ in`, `79.5 cm to the fork`, `31¼ in, tail pinched`. */
export function formatBodyLength(length: BodyLength): string {
  return `${formatLength(length)}${length.of ? OF_WORDS[length.of] : ''}`;
}
