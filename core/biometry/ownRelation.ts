import { mean, squaresAboutMean } from '../statistics/mean.js';
import { coverageFactor } from '../statistics/studentT.js';
import { isMeasure } from '../domain/fish/isMeasure.js';
import { LENGTH_WEIGHT, weightOfLength } from './lengthWeight.js';
import type { SpeciesId } from '../domain/fish/species.js';

/** One earlier fish of the keeper's own. */
export interface OwnFish {
  readonly species: SpeciesId;
  readonly lengthMm: number | null;
  readonly grams: number;
  /**
   * The water it came from, and the known fish that it is: fish of one water are alike, and one fish met again is one
   * fish.
   */
  readonly waterId?: string | null;
  readonly fishId?: string | null;
}

/** How the keeper's fish lie about the published relation of length and weight, in ln W. */
export interface OwnRelation {
  /** How much heavier fish of this water are expected to be. */
  readonly move: number;
  /** How single fish scatter, and how unsure the move is: standard deviations. */
  readonly scatter: number;
  readonly unsure: number;
  /** What single fish must be given so that 19 of 20 lie within, over twice the root of both squares. */
  readonly widen: number;
  readonly fish: number;
}

/**
 * How far a keeper's waters together lie from the published relation, and one water from the others (common practice,
 * no source).
 */
const OF_KEEPER = 0.08;
const OF_WATER = 0.09;
/** The published scatter counts for as many fish as this when the keeper's own says otherwise. */
const SCATTER_WORTH = 8;

/**
 * How the keeper's own fish lie about the published relation, for a fish of one water: waters differ among themselves,
 * so fish of another water say less, and a fish that was met more than once counts once, with its mean. A normal
 * hierarchical model with known spreads between waters (Gelman and others 2013, Bayesian Data Analysis, 5.4), the
 * scatter within pooled with the published one. Example: one carp a fifth heavier than published moves the next of its
 * water by about half of that.
 */
export function ownRelation(species: SpeciesId, own: readonly OwnFish[], waterId: string | null = null): OwnRelation {
  const published = LENGTH_WEIGHT[species]?.scatter ?? 0.12;
  const byWater = deviationsByWater(species, own);
  const groups = [...byWater.values()];
  const all = groups.flat();
  const squares = groups.reduce((sum, group) => sum + squaresAboutMean(group), 0);
  const spare = all.length - groups.length;
  const freedom = SCATTER_WORTH + spare;
  const scatter = Math.sqrt((SCATTER_WORTH * published ** 2 + squares) / freedom);
  // What the other waters say of the keeper's level, then what this water says of itself.
  const others = [...byWater].filter(([id]) => id !== waterId);
  let precision = 1 / OF_KEEPER ** 2;
  let pull = 0;
  for (const [, group] of others) {
    const weight = 1 / (OF_WATER ** 2 + scatter ** 2 / group.length);
    precision += weight;
    pull += weight * mean(group);
  }
  let move = pull / precision;
  let variance = 1 / precision + OF_WATER ** 2;
  const here = waterId === null ? undefined : byWater.get(waterId);
  if (here) {
    const weight = here.length / scatter ** 2;
    move = (move / variance + weight * mean(here)) / (1 / variance + weight);
    variance = 1 / (1 / variance + weight);
  }
  return { move, scatter, unsure: Math.sqrt(variance), widen: coverageFactor(freedom) / 2, fish: all.length };
}

/**
 * ln of weight over published weight, one for each fish, by water. Fish of no noted water stand each for a water of
 * their own kind: together.
 */
function deviationsByWater(species: SpeciesId, own: readonly OwnFish[]): Map<string, number[]> {
  const byFish = new Map<string, { readonly water: string; readonly deviations: number[] }>();
  for (const [i, fish] of own.entries()) {
    const expected =
      fish.species === species && isMeasure(fish.lengthMm) ? weightOfLength(species, fish.lengthMm) : undefined;
    if (!expected || !isMeasure(fish.grams)) continue;
    const water = fish.waterId ?? '';
    const key = fish.fishId ? `${fish.fishId} ${water}` : `one ${i}`;
    const known = byFish.get(key) ?? { water, deviations: [] };
    known.deviations.push(Math.log(fish.grams / expected));
    byFish.set(key, known);
  }
  const byWater = new Map<string, number[]>();
  for (const { water, deviations } of byFish.values())
    byWater.set(water, [...(byWater.get(water) ?? []), mean(deviations)]);
  return byWater;
}
