import type { SpeciesId } from '../domain/fish/species.js';

/** Parameters of `W = a L^b`, W in grams and L the total length in cm. */
export interface LengthWeight {
  readonly a: number;
  readonly b: number;
  /** Scatter of single fish about it, as a standard deviation of ln W. */
  readonly scatter: number;
  readonly source: string;
}

const FISHBASE =
  'of the size of the length-weight tables of FishBase (Froese and Pauly, eds.); from memory, to be verified';

/**
 * Length-weight relations of the kinds in the book. Heavily fed carp of stocked waters lie above theirs: the keeper's
 * own fish correct it. Scatter: common practice, no source.
 */
export const LENGTH_WEIGHT: Readonly<Partial<Record<SpeciesId, LengthWeight>>> = {
  carp: { a: 0.0165, b: 3.02, scatter: 0.12, source: FISHBASE },
  pike: { a: 0.0049, b: 3.08, scatter: 0.11, source: FISHBASE },
  barbel: { a: 0.0092, b: 3.02, scatter: 0.1, source: FISHBASE },
  wels: { a: 0.0063, b: 3.02, scatter: 0.12, source: FISHBASE },
  tench: { a: 0.0141, b: 3.05, scatter: 0.11, source: FISHBASE },
  bream: { a: 0.0089, b: 3.13, scatter: 0.11, source: FISHBASE },
  chub: { a: 0.0091, b: 3.11, scatter: 0.1, source: FISHBASE },
  zander: { a: 0.0075, b: 3.07, scatter: 0.1, source: FISHBASE },
  perch: { a: 0.0103, b: 3.11, scatter: 0.11, source: FISHBASE },
  trout: { a: 0.0107, b: 3.01, scatter: 0.12, source: FISHBASE },
};

/**
 * The length in mm at which a fish of that weight is an average one; undefined for kinds without a relation.
 * Example: `lengthOfWeight('pike', 7085)` is about 1000.
 */
export function lengthOfWeight(species: SpeciesId, grams: number): number | undefined {
  const relation = LENGTH_WEIGHT[species];
  return relation && grams > 0 ? 10 * (grams / relation.a) ** (1 / relation.b) : undefined;
}

/**
 * Mean weight in grams of a fish of that length; undefined for kinds without a relation.
 * Example: `weightOfLength('pike', 1000)` is about 7100 g.
 */
export function weightOfLength(species: SpeciesId, lengthMm: number): number | undefined {
  const relation = LENGTH_WEIGHT[species];
  return relation && relation.a * (lengthMm / 10) ** relation.b;
}
