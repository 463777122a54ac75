import { isMeasure } from '../domain/fish/isMeasure.js';
import { quantileF } from '../statistics/fisherF.js';
import { findRoot } from '../statistics/findRoot.js';
import { WITHIN_TWO } from '../statistics/studentT.js';

/** One fish measured twice. */
export interface RecaptureIncrement {
  readonly firstMm: number;
  readonly secondMm: number;
  readonly years: number;
}

/** How fish of one kind grow at one water, from fish that were measured twice. */
export interface FabensGrowth {
  /** The length that they grow towards, and the rate a year at which they do. */
  readonly mostMm: number;
  readonly ratePerYear: number;
  /**
   * Rates that fit the fish nearly as well, about 19 in 20. 0 where growth may as well go on without an end, infinite
   * where it may as well have been over at once.
   */
  readonly rateFrom: number;
  readonly rateTo: number;
  /** What one of the middle first length gains in a year, at the best rate and over those rates. */
  readonly gainMm: number;
  readonly gainFromMm: number;
  readonly gainToMm: number;
  /** That first length. */
  readonly middleMm: number;
  /** How far single fish lie off it. */
  readonly sdMm: number;
  readonly fish: number;
}

/** With fewer fish measured twice nothing is said. */
export const LEAST_FISH = 6;
/** Rates that are searched: slower ones are straight growth, faster ones over within weeks. */
const [SLOWEST, FASTEST] = [0.002, 20];
const STEPS = 240;

/**
 * Growth from marked fish (Fabens 1965): what a fish gains is `(most - first) (1 - exp(-rate years))`. For each rate
 * the furthest length has one best value; the rate is searched by least squares, and its interval is every rate whose
 * squares are no more than Fisher's quantile above the least, for the scatter is estimated from the same few fish
 * (Bates and Watts 1988, Nonlinear Regression Analysis, 6.1). Undefined with fewer than six pairs, where no fish grew,
 * or where they do not tell a rate. Example: fish of 600 and 800 mm that gain 63 and 16 mm in a year grow towards about
 * 868 mm.
 */
export function fabensGrowth(pairs: readonly RecaptureIncrement[]): FabensGrowth | undefined {
  const usable = pairs.filter(
    ({ firstMm, secondMm, years }) => isMeasure(firstMm) && isMeasure(secondMm) && isMeasure(years) && years > 0.1,
  );
  if (usable.length < LEAST_FISH) return undefined;
  // Fish that shrank, taken together, have no length that they grow towards.
  if (!(usable.reduce((sum, { firstMm, secondMm }) => sum + secondMm - firstMm, 0) > 0)) return undefined;
  const squaresAt = (lnRate: number) => atRate(usable, Math.exp(lnRate)).squares;
  const best = leastAlong(squaresAt);
  if (best === undefined) return undefined;
  const rate = Math.exp(best);
  const { most, squares } = atRate(usable, rate);
  const middleMm = usable.reduce((sum, { firstMm }) => sum + firstMm, 0) / usable.length;
  if (!(most > middleMm)) return undefined;
  const spare = usable.length - 2;
  const bound = squares * (1 + quantileF(WITHIN_TWO, 1, spare) / spare) + 1e-9;
  const [from, to] = [Math.log(SLOWEST), Math.log(FASTEST)];
  const rateFrom = squaresAt(from) <= bound ? 0 : Math.exp(findRoot((ln) => bound - squaresAt(ln), from, best));
  const rateTo = squaresAt(to) <= bound ? Infinity : Math.exp(findRoot((ln) => squaresAt(ln) - bound, best, to));
  const gainAt = (each: number) => (atRate(usable, each).most - middleMm) * (1 - Math.exp(-each));
  const gain = gainAt(rate);
  const gains = [gainAt(Math.max(SLOWEST, rateFrom)), gain, gainAt(Math.min(FASTEST, rateTo))];
  const sdMm = Math.sqrt(squares / spare);
  // Beside the rate, the level of all gains is unsure too.
  const level = Math.sqrt(quantileF(WITHIN_TWO, 1, spare)) * (sdMm / Math.sqrt(usable.length));
  return {
    mostMm: most,
    ratePerYear: rate,
    rateFrom,
    rateTo,
    middleMm,
    sdMm,
    fish: usable.length,
    gainMm: gain,
    gainFromMm: gain - Math.hypot(gain - Math.min(...gains), level),
    gainToMm: gain + Math.hypot(Math.max(...gains) - gain, level),
  };
}

/** What a fish of a length gains in some years. Example: none once it is as long as they grow. */
export function fabensGain({ mostMm, ratePerYear }: FabensGrowth, firstMm: number, years: number): number {
  return (mostMm - firstMm) * (1 - Math.exp(-ratePerYear * years));
}

/**
 * Where the squares are least along the logarithm of the rate; undefined where that is at an end of what is searched.
 */
function leastAlong(squaresAt: (lnRate: number) => number): number | undefined {
  const [from, to] = [Math.log(SLOWEST), Math.log(FASTEST)];
  const tried = Array.from({ length: STEPS + 1 }, (_, i) => {
    const ln = from + ((to - from) * i) / STEPS;
    return { ln, squares: squaresAt(ln) };
  });
  const at = tried.reduce((least, { squares }, i) => (squares < (tried[least]?.squares ?? 0) ? i : least), 0);
  const [before, after] = [tried[at - 1], tried[at + 1]];
  if (!before || !after) return undefined;
  // Between the steps, by thirds: three hundredths of a step are close enough to start from, and the curve has one
  // valley here.
  let [low, high] = [before.ln, after.ln];
  for (let round = 0; round < 60; round += 1) {
    const third = (high - low) / 3;
    if (squaresAt(low + third) < squaresAt(high - third)) high -= third;
    else low += third;
  }
  return (low + high) / 2;
}

/** The furthest length that fits best at a rate, and how badly it fits. */
function atRate(
  pairs: readonly RecaptureIncrement[],
  rate: number,
): { readonly most: number; readonly squares: number } {
  let [above, below] = [0, 0];
  for (const { firstMm, secondMm, years } of pairs) {
    const share = 1 - Math.exp(-rate * years);
    above += share * (secondMm - firstMm + firstMm * share);
    below += share * share;
  }
  const most = above / below;
  const squares = pairs.reduce((sum, { firstMm, secondMm, years }) => {
    const gain = (most - firstMm) * (1 - Math.exp(-rate * years));
    return sum + (secondMm - firstMm - gain) ** 2;
  }, 0);
  return { most, squares };
}
