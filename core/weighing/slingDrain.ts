import { type TareNote } from '../domain/kit/tareNote.js';
import { gramsOf } from '../measure/mass.js';

/** How a wet sling gives its water back: `keepsGrams + runsGrams * exp(-minutes / minutesToDrain)`. */
export interface SlingDrain {
  /** What it weighs when it has stopped dripping, wet through. */
  readonly keepsGrams: number;
  /** What runs off. */
  readonly runsGrams: number;
  /** After so many minutes about two thirds of that have run off. */
  readonly minutesToDrain: number;
  /** How many weighings it rests on; with fewer than three it is mostly the usual sling. */
  readonly weighings: number;
}

/** The usual sling, as shares of its wet weight: common practice, no source. */
const USUAL = { keeps: 0.82, runs: 0.18, minutes: 15 };
export const USUAL_SLING_GRAMS = 700;
const TIMES_MIN = [3, 5, 8, 12, 15, 20, 30, 45, 60];

/**
 * Learns from a sling's wet tares how it drains: least squares of what it keeps and what runs off at each of a row of
 * draining times, with the usual sling counted along the less, the more there are. Example: 800 g at once, 740 g after
 * 10 minutes and 700 g after an hour run off about 110 g.
 */
export function slingDrain(tares: readonly TareNote[]): SlingDrain {
  const wet = tares.filter((tare) => tare.wet);
  const timed = wet.flatMap(({ mass, hungMin }) =>
    hungMin === undefined ? [] : [{ minutes: hungMin, grams: gramsOf(mass) }],
  );
  const typical =
    wet.length > 0 ? wet.reduce((sum, { mass }) => sum + gramsOf(mass), 0) / wet.length : USUAL_SLING_GRAMS;
  const usual = (minutes: number) => typical * (USUAL.keeps + USUAL.runs * Math.exp(-minutes / USUAL.minutes));
  const trust = 1 / (1 + timed.length ** 2);
  const points = [
    ...timed.map((point) => ({ ...point, weight: 1 })),
    { minutes: 0, grams: usual(0), weight: trust },
    { minutes: 60, grams: usual(60), weight: trust },
  ];
  const total = points.reduce((sum, { weight }) => sum + weight, 0);
  const fits = TIMES_MIN.map((minutesToDrain) => {
    const spread = points.map(({ minutes, ...point }) => ({ ...point, x: Math.exp(-minutes / minutesToDrain) }));
    const mean = (of: (point: (typeof spread)[number]) => number) =>
      spread.reduce((sum, point) => sum + point.weight * of(point), 0) / total;
    const [mx, my] = [mean(({ x }) => x), mean(({ grams }) => grams)];
    const runsGrams = Math.max(0, mean(({ x, grams }) => (x - mx) * (grams - my)) / mean(({ x }) => (x - mx) ** 2));
    const keepsGrams = my - runsGrams * mx;
    const left = mean(({ x, grams }) => (grams - keepsGrams - runsGrams * x) ** 2);
    return { keepsGrams, runsGrams, minutesToDrain, left };
  });
  // With nothing timed every draining time fits as well: the usual one stands.
  const best =
    timed.length < 3
      ? fits.find(({ minutesToDrain }) => minutesToDrain === USUAL.minutes)
      : fits.reduce((a, b) => (b.left < a.left ? b : a));
  const { keepsGrams = 0, runsGrams = 0, minutesToDrain = USUAL.minutes } = best ?? {};
  return { keepsGrams, runsGrams, minutesToDrain, weighings: timed.length };
}

/** What the sling weighs so long after it came out of the water. */
export function wetTareGrams({ keepsGrams, runsGrams, minutesToDrain }: SlingDrain, hungMin: number): number {
  return keepsGrams + runsGrams * Math.exp(-hungMin / minutesToDrain);
}

/** A zero older than this is said to be old. */
export const OLD_ZERO_MIN = 15;

/**
 * How much lighter the hanging sling has become since the scale was zeroed with it, in grams; a weight read now is
 * short by as much if the sling is as it hung, and long by up to as much if it was dipped again. Example: forty minutes
 * after zeroing, most of what runs off.
 */
export function zeroErrorGrams(drain: SlingDrain, ageMin: number): number {
  return wetTareGrams(drain, 0) - wetTareGrams(drain, Math.max(0, ageMin));
}
