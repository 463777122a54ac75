/** One fish measured twice. */
export interface LengthTwice {
  readonly firstMm: number;
  readonly secondMm: number;
  readonly years: number;
}

/** How fish of one kind grow at one water, from fish that were measured twice. */
export interface FabensGrowth {
  /** The length that they grow towards, and the rate a year at which they do. */
  readonly mostMm: number;
  readonly ratePerYear: number;
  /** Rates that fit the fish nearly as well: about 95 in 100. */
  readonly rateFrom: number;
  readonly rateTo: number;
  /** How far single fish lie off it. */
  readonly sdMm: number;
  readonly fish: number;
}

/** With fewer fish measured twice nothing is said. */
export const LEAST_FISH = 6;
const [SLOWEST, FASTEST] = [0.01, 1.5];
const STEPS = 400;
/** Half of the 95th hundredth of chi squared with one degree of freedom. */
const WITHIN = 1.92;

/**
 * Growth from marked fish (Fabens 1965): what a fish gains is `(most - first) (1 - exp(-rate years))`. For each rate the furthest length
 * has one best value; the rate is searched by least squares, its interval by the profile of the likelihood. Undefined with fewer than six
 * pairs, or where they do not tell a rate.
 * Example: fish of 600 and 800 mm that gain 63 and 16 mm in a year grow towards about 868 mm.
 */
export function fabensGrowth(pairs: readonly LengthTwice[]): FabensGrowth | undefined {
  const usable = pairs.filter(({ firstMm, years }) => firstMm > 0 && years > 0.1);
  if (usable.length < LEAST_FISH) return undefined;
  const tried = Array.from({ length: STEPS + 1 }, (_, i) => {
    const rate = SLOWEST * (FASTEST / SLOWEST) ** (i / STEPS);
    return { rate, ...atRate(usable, rate) };
  });
  const best = tried.reduce((a, b) => (b.squares < a.squares ? b : a));
  if (best.rate <= SLOWEST * 1.01 || best.rate >= FASTEST * 0.99) return undefined;
  const spread = (squares: number) => (usable.length / 2) * Math.log(squares / best.squares);
  const fits = tried
    .filter(({ squares }) => (best.squares === 0 ? squares === 0 : spread(squares) <= WITHIN))
    .map(({ rate }) => rate);
  return {
    mostMm: best.most,
    ratePerYear: best.rate,
    rateFrom: Math.min(...fits),
    rateTo: Math.max(...fits),
    sdMm: Math.sqrt(best.squares / Math.max(1, usable.length - 2)),
    fish: usable.length,
  };
}

/** What a fish of a length gains in some years. Example: none once it is as long as they grow. */
export function fabensGain({ mostMm, ratePerYear }: FabensGrowth, firstMm: number, years: number): number {
  return (mostMm - firstMm) * (1 - Math.exp(-ratePerYear * years));
}

/** The furthest length that fits best at a rate, and how badly it fits. */
function atRate(pairs: readonly LengthTwice[], rate: number): { readonly most: number; readonly squares: number } {
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
