import { normalBelow } from '../statistics/normal.js';
import { findRoot } from '../statistics/findRoot.js';
import type { SpeciesId } from '../domain/fish/species.js';
import { expectedWeight } from './expectedWeight.js';

/** A weight that nobody read: its middle, and the limits that hold the truth in about 19 of 20 such fish. */
export interface EstimatedWeight {
  readonly grams: number;
  readonly leastGrams: number;
  readonly mostGrams: number;
}

export interface EstimateAsked {
  readonly species: SpeciesId | null;
  /** To the tip with the tail pinched. */
  readonly lengthMm: number | null;
  readonly girthMm: number | null;
  /** Where every scale there ended: it is heavier than this. */
  readonly overGrams?: number | null;
}

/** Two standard deviations either side, as a weight that was read has them. */
const BELOW = 0.02275;

/**
 * What a fish weighs by its length and girth; undefined without both. The scale that ended below it is a fact, so the
 * part of the guess that lies under it is cut off and the rest counts as all there is.
 *
 * Length and girth together: common practice, no source (`weightOfGirth`), drawn towards what its kind weighs at that
 * length (`expectedWeight`).
 *
 * Example: a wels of 2000 mm and 850 mm round is about 50 kg, anything from 42 to 60.
 */
export function estimatedWeight({ species, lengthMm, girthMm, overGrams }: EstimateAsked): EstimatedWeight | undefined {
  if (!lengthMm || !girthMm) return undefined;
  const { lnGrams, sd } = expectedWeight({ species, lengthMm, girthMm, own: [] });
  const under = overGrams ? normalBelow((Math.log(overGrams) - lnGrams) / sd) : 0;
  // Far out in the tail the share that is left cannot be divided up any more: then it is at least what the scale bore.
  const at = (share: number) =>
    under > 0.999 && overGrams ? overGrams : Math.exp(lnGrams + sd * quantile(under + share * (1 - under)));
  return { grams: at(0.5), leastGrams: at(BELOW), mostGrams: at(1 - BELOW) };
}

/** The standard deviations below which a share of a normal distribution lies. */
function quantile(share: number): number {
  return findRoot((z) => normalBelow(z) - share, -8, 8);
}
