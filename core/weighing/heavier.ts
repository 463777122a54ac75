import { normalBelow } from '../statistics/normal.js';
import type { WeightResult } from './result.js';

/**
 * A weight as it is compared with others: what it is unsure of by itself, and what it shares with every fish off the
 * same scale.
 */
export interface ComparedWeight {
  readonly grams: number;
  readonly uGrams: number;
  /** Doubt of the scale's gain, as a share of the weight: the same for all that it weighed under one check. */
  readonly uGain: number;
  /** Names scale and check; fish that bear the same one share the error of the gain. */
  readonly scaleKey: string;
}

/**
 * Nodes and weights for the mean over a normal distribution (Gauss and Hermite; Abramowitz and Stegun 1964, table
 * 25.10, n = 9, from memory).
 */
const NODES: readonly (readonly [z: number, share: number])[] = [
  [0, 0.40634920634920635],
  ...(
    [
      [1.02325566378913, 0.244097502894939],
      [2.07684797867783, 0.0499164067652179],
      [3.20542900285647, 0.00278914132123177],
      [4.5127458633997826, 0.00002234584400774664],
    ] as const
  ).flatMap(([z, share]) => [[z, share] as const, [-z, share] as const]),
];
const STEPS = 200;
const REACH = 6;

/**
 * How likely one fish is heavier than every one of the rivals, all normal. Fish off one scale under one check share the
 * error of its gain, which hardly parts them; each has its own doubt beside. Where rivals of other scales share an
 * error among themselves, that is left out. Source: JCGM 101:2008 in outline: the joint distribution is integrated,
 * over the shared gain and the fish's own error. Example: 10.00 kg against 9.95 kg, each give or take 0.05 kg at k = 2
 * off two scales, is 0.92.
 */
export function probabilityHeaviest(one: ComparedWeight, rivals: readonly ComparedWeight[]): number {
  if (rivals.length === 0) return 1;
  const sharing = one.uGain > 0 && rivals.some(({ scaleKey }) => scaleKey === one.scaleKey);
  const nodes: typeof NODES = sharing ? NODES : [[0, 1]];
  return nodes.reduce(
    (sum, [z, share]) => sum + share * heaviestAt(one, rivals, sharing ? z * one.uGain : undefined),
    0,
  );
}

/** The same, the shared error of the gain being known; undefined where nothing is shared. */
function heaviestAt(one: ComparedWeight, rivals: readonly ComparedWeight[], gainError: number | undefined): number {
  const shares = ({ scaleKey }: ComparedWeight) => gainError !== undefined && scaleKey === one.scaleKey;
  const placed = (weight: ComparedWeight) =>
    shares(weight)
      ? { grams: weight.grams * (1 - (gainError ?? 0)), u: weight.uGrams }
      : { grams: weight.grams, u: Math.hypot(weight.uGrams, weight.uGain * weight.grams) };
  const { grams, u } = placed(one);
  const others = rivals.map(placed);
  const above = (x: number) => others.reduce((p, rival) => p * normalShare(x - rival.grams, rival.u), 1);
  if (u === 0) return above(grams);
  let [sum, total] = [0, 0];
  for (let i = 0; i <= STEPS; i += 1) {
    const z = -REACH + (2 * REACH * i) / STEPS;
    const density = Math.exp(-(z * z) / 2);
    total += density;
    sum += density * above(grams + z * u);
  }
  return sum / total;
}

function normalShare(by: number, u: number): number {
  if (u === 0) return by > 0 ? 1 : by < 0 ? 0 : 0.5;
  return normalBelow(by / u);
}

/**
 * Parts a weight into what it is unsure of by itself and what it shares with its scale. `scalesId` is undefined where
 * nobody noted the scale: such a weight shares nothing. Example: the doubt of a check is shared, the doubt of a sling
 * is not.
 */
export function comparedWeight(
  { best, budget, checkAt = '' }: WeightResult,
  scalesId: string | undefined,
): ComparedWeight {
  const isShared = (source: string) => scalesId !== undefined && (source === 'calibration' || source === 'drift');
  const root = (of: typeof budget) => Math.hypot(...of.map(({ uGrams }) => uGrams));
  return {
    grams: best.grams,
    uGrams: root(budget.filter(({ source }) => !isShared(source))),
    uGain: root(budget.filter(({ source }) => isShared(source))) / best.grams,
    scaleKey: scalesId === undefined ? '' : `${scalesId} ${checkAt}`,
  };
}
