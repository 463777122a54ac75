import { aboveChiSquared } from '../statistics/chiSquared.js';
import { findRoot } from '../statistics/findRoot.js';
import { lnGamma } from '../statistics/lnGamma.js';
import type { Effort } from './effort.js';
import type { Rate } from './rateInterval.js';

/** Fish and rod-hours. */
export interface Fished {
  readonly fish: number;
  readonly rodHours: number;
}

/** A swim: what it brought, and what it likely brings. */
export interface SwimRate extends Fished {
  readonly swimId: string;
  readonly outings: number;
  /** Drawn towards the other swims of its water, the more the less it was fished. */
  readonly likely: Rate | null;
  /** By month, from January. */
  readonly months: readonly Fished[];
}

export interface WaterSwims {
  readonly waterId: string;
  readonly swims: readonly SwimRate[];
}

/** With fewer swims there is nothing to be drawn towards. */
const LEAST_SWIMS = 3;
const TAIL = 0.025;
/** Shapes of how far swims lie apart that are tried: from hardly alike to all the same. */
const SHAPES = Array.from({ length: 49 }, (_, i) => 10 ** (-1 + i / 12));

/** The swims of each water where three or more were fished, the likeliest first. Example: without outings none. */
export function swimRatesOf({ outings }: Pick<Effort, 'outings'>): readonly WaterSwims[] {
  const waters = new Map<string, Map<string, Tally>>();
  for (const { outing, rodHours, fish } of outings) {
    if (outing.waterId === null) continue;
    const swims = waters.get(outing.waterId) ?? new Map<string, Tally>();
    waters.set(outing.waterId, swims);
    const month = new Date(outing.fromMs).getUTCMonth();
    rodHours.forEach(({ stretch, hours }, i) => {
      if (stretch.swimId === null) return;
      const tally = swims.get(stretch.swimId) ?? emptyTally();
      swims.set(stretch.swimId, tally);
      tally.outings.add(outing.outingId);
      const at = tally.months[month];
      if (!at) return;
      at.fish += fish[i] ?? 0;
      at.rodHours += hours;
    });
  }
  return [...waters].flatMap(([waterId, swims]) => {
    if (swims.size < LEAST_SWIMS) return [];
    const told = [...swims].map(([swimId, { months, outings: of }]) => ({
      swimId,
      outings: of.size,
      months,
      fish: months.reduce((sum, each) => sum + each.fish, 0),
      rodHours: months.reduce((sum, each) => sum + each.rodHours, 0),
    }));
    const likely = shrinkRates(told);
    const rated = told.map((each, i): SwimRate => ({ ...each, likely: likely[i] ?? null }));
    return [{ waterId, swims: rated.sort((a, b) => (b.likely?.rate ?? 0) - (a.likely?.rate ?? 0)) }];
  });
}

interface Tally {
  readonly outings: Set<string>;
  readonly months: { fish: number; rodHours: number }[];
}

function emptyTally(): Tally {
  return { outings: new Set(), months: Array.from({ length: 12 }, () => ({ fish: 0, rodHours: 0 })) };
}

/**
 * Rates of several places that are alike: each is taken as drawn from one gamma distribution, whose mean is the rate of
 * all and whose shape makes the counts likeliest, so that a place fished little is drawn towards the others
 * (gamma-Poisson, empirical Bayes; Gelman et al. 2013, Bayesian Data Analysis, 2.6 and 5.1). Example: a place that was
 * never fished has the rate of all, and where nothing was caught anywhere there are none.
 */
export function shrinkRates(places: readonly Fished[]): readonly Rate[] {
  const fish = places.reduce((sum, each) => sum + each.fish, 0);
  const rodHours = places.reduce((sum, each) => sum + each.rodHours, 0);
  if (fish === 0 || rodHours === 0) return [];
  const mean = fish / rodHours;
  const shape = SHAPES.reduce((best, each) =>
    lnLikelihood(places, each, mean) > lnLikelihood(places, best, mean) ? each : best,
  );
  return places.map((place): Rate => {
    const [a, b] = [shape + place.fish, shape / mean + place.rodHours];
    const quantile = (share: number) => findRoot((x) => 1 - aboveChiSquared(x, 2 * a) - share, 0, 50 + 8 * a) / 2 / b;
    return { rate: a / b, low: quantile(TAIL), high: quantile(1 - TAIL) };
  });
}

/** Of a negative binomial count; what does not depend on the shape is left out. */
function lnLikelihood(places: readonly Fished[], shape: number, mean: number): number {
  const b = shape / mean;
  return places.reduce(
    (sum, { fish, rodHours }) =>
      sum +
      lnGamma(shape + fish) -
      lnGamma(shape) +
      shape * Math.log(b / (b + rodHours)) +
      fish * Math.log(1 / (b + rodHours)),
    0,
  );
}
