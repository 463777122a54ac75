import { coverageFactor } from '../statistics/studentT.js';
import { findRoot } from '../statistics/findRoot.js';
import { aboveChiSquared } from '../statistics/chiSquared.js';
import { rateInterval } from './rateInterval.js';

/** A number of fish, and the limits that hold the truth in 19 of 20; null above: there is no end. */
export interface Stock {
  readonly fish: number;
  readonly low: number;
  readonly high: number | null;
}

/** One day: how many were told apart, how many of those had been met before, and how many had been met by then. */
interface Visit {
  readonly caught: number;
  readonly met: number;
  readonly metBefore: number;
}

/** What catches of fish that are told apart say of how many there are. */
export interface StockFound {
  /** Catches that were told apart, the fish that they are of, and how often one was met again. */
  readonly catches: number;
  readonly met: number;
  readonly recaptures: number;
  /** Chapman's count, of catches that lie on two days alone; null of more, or with too few met again. */
  readonly chapman: Stock | null;
  /** Schnabel's count; null with fewer than `LEAST_RECAPTURES`. */
  readonly schnabel: Stock | null;
  /** Schumacher's and Eschmeyer's, by a line over the days; null where the days are too few. */
  readonly schumacher: Stock | null;
  /** There are at least so many, by those that were met once and twice. */
  readonly chaoLeast: number;
  /** How likely the next one is one that was had before; never surer than so many catches without a new one allow. */
  readonly nextWasMet: number;
  /** Some come again and again, more than chance has it: then there are more than the counts say. */
  readonly isUneven: boolean;
}

/** A catch of a fish that is told apart. */
export interface ToldCatch {
  readonly fishId: string;
  /** The day, `YYYY-MM-DD`. */
  readonly day: string;
}

/** With fewer the counts say nearly nothing (Ricker 1975 asks for three or four at least). */
export const LEAST_RECAPTURES = 4;
const SHARE = 0.95;
/** Half of the chi-squared of one degree of freedom that 19 of 20 stay under. */
const CREDIBLE = 3.841459 / 2;
/** Below this chance has it too seldom. */
const UNEVEN = 0.05;

/**
 * How many fish there are, from catches that are told apart, for a stock that neither grows nor shrinks and in which
 * each fish is as likely to be caught as another. Sources: Chapman (1951), University of California Publications in
 * Statistics 1, 131-160, with the limits of a Poisson count (Garwood 1936); Schnabel (1938), American Mathematical
 * Monthly 45, 348-352; Schumacher and Eschmeyer (1943), Journal of the Tennessee Academy of Science 18, 228-249; Chao
 * (1987), Biometrics 43, 783-791, with the correction of bias; Good (1953), Biometrika 40, 237-264. Example: with no
 * catches nothing is met, and nothing is counted.
 */
export function stockOf(catches: readonly ToldCatch[]): StockFound {
  const visits = visitsOf(catches);
  const times = new Map<string, number>();
  for (const { fishId } of catches) times.set(fishId, (times.get(fishId) ?? 0) + 1);
  const counts = [...times.values()];
  const [once, twice] = [1, 2].map((n) => counts.filter((count) => count === n).length) as [number, number];
  const recaptures = visits.reduce((sum, { met }) => sum + met, 0);
  return {
    catches: catches.length,
    met: times.size,
    recaptures,
    chapman: recaptures < LEAST_RECAPTURES ? null : atLeast(chapmanOf(visits), times.size),
    schnabel: recaptures < LEAST_RECAPTURES ? null : atLeast(schnabelOf(visits, recaptures, times.size), times.size),
    schumacher: recaptures < LEAST_RECAPTURES ? null : atLeast(schumacherOf(visits), times.size),
    chaoLeast: times.size + (once * (once - 1)) / (2 * (twice + 1)),
    nextWasMet: catches.length === 0 ? 0 : Math.min(1 - once / catches.length, catches.length / (catches.length + 1)),
    isUneven: isUneven(counts),
  };
}

/** Day by day; a fish that comes twice in a day is met again. */
function visitsOf(catches: readonly ToldCatch[]): Visit[] {
  const byDay = new Map<string, string[]>();
  for (const { day, fishId } of catches) byDay.set(day, [...(byDay.get(day) ?? []), fishId]);
  const known = new Set<string>();
  return [...byDay]
    .sort(([a], [b]) => (a < b ? -1 : 1))
    .map(([, fish]) => {
      const metBefore = known.size;
      const of = new Set(fish);
      const met = [...of].filter((id) => known.has(id)).length;
      for (const id of of) known.add(id);
      return { caught: of.size, met, metBefore };
    });
}

/** Of two visits; its limits are those of the fish that were met again (Ricker 1975, appendix II). */
function chapmanOf(visits: readonly Visit[]): Stock | null {
  const [first, second, ...more] = visits;
  if (!first || !second || more.length > 0) return null;
  const fish = (met: number) => ((first.caught + 1) * (second.caught + 1)) / (met + 1) - 1;
  const { low, high } = rateInterval(second.met, 1);
  return { fish: fish(second.met), low: fish(high), high: fish(low) };
}

/**
 * His count, with the limits of the likelihood of each day's fish that were met again (Darroch 1958, Biometrika 45,
 * 343-359): where most fish are known, a Poisson count would leave too much open.
 */
function schnabelOf(visits: readonly Visit[], recaptures: number, met: number): Stock {
  const chances = visits.reduce((sum, { caught, metBefore }) => sum + caught * metBefore, 0);
  const fish = Math.max(met, chances / recaptures);
  const lnLikelihood = (of: number) => {
    let sum = 0;
    for (const visit of visits) {
      const fresh = visit.caught - visit.met;
      sum -= visit.caught * Math.log(of);
      if (visit.met > 0) sum += visit.met * Math.log(visit.metBefore);
      if (fresh > 0) sum += fresh * Math.log(of - visit.metBefore);
    }
    return sum;
  };
  // From where every fish has been met, outwards to where nobody would believe it.
  const most = 1000 * fish;
  const slope = (of: number) => lnLikelihood(of + 0.01) - lnLikelihood(of);
  const likeliest = findRoot((of) => -slope(of), met + 0.001, most);
  const drop = (of: number) => lnLikelihood(likeliest) - lnLikelihood(of) - CREDIBLE;
  return {
    fish,
    low: drop(met + 0.001) < 0 ? met : findRoot((of) => -drop(of), met + 0.001, likeliest),
    high: drop(most) < 0 ? null : findRoot(drop, likeliest, most),
  };
}

function schumacherOf(visits: readonly Visit[]): Stock | null {
  const told = visits.filter(({ metBefore }) => metBefore > 0);
  const freedom = told.length - 2;
  if (freedom < 1) return null;
  const sum = (of: (visit: Visit) => number) => told.reduce((all, visit) => all + of(visit), 0);
  const squares = sum(({ caught, metBefore }) => caught * metBefore ** 2);
  const products = sum(({ met, metBefore }) => met * metBefore);
  const left = (sum(({ met, caught }) => met ** 2 / caught) - products ** 2 / squares) / freedom;
  const wide = coverageFactor(freedom, SHARE) * Math.sqrt(Math.max(0, left) / squares);
  const share = products / squares;
  return { fish: 1 / share, low: 1 / (share + wide), high: share > wide ? 1 / (share - wide) : null };
}

/** Nobody has met more than there are. */
function atLeast(stock: Stock | null, met: number): Stock | null {
  if (stock === null) return null;
  return {
    fish: Math.max(stock.fish, met),
    low: Math.max(stock.low, met),
    high: stock.high === null ? null : Math.max(stock.high, met),
  };
}

/**
 * Whether how often each was met spreads wider than chance has it: Fisher's index of dispersion on a Poisson count of
 * which nobody sees those that were met never, by the chi-squared of those that were (Rao and Chakravarti 1956,
 * Biometrics 12, 264-282).
 */
function isUneven(counts: readonly number[]): boolean {
  if (counts.length < 5) return false;
  const mean = counts.reduce((sum, count) => sum + count, 0) / counts.length;
  if (mean <= 1) return false;
  const rate = truncatedRate(mean);
  const variance = mean * (1 + rate - mean);
  const off = counts.reduce((sum, count) => sum + (count - mean) ** 2, 0);
  return variance > 0 && aboveChiSquared(off / variance, counts.length - 1) < UNEVEN;
}

/** The rate of a Poisson count whose mean, without the zeros, is this. */
function truncatedRate(mean: number): number {
  let rate = mean;
  for (let round = 0; round < 200; round += 1) rate = mean * (1 - Math.exp(-rate));
  return rate;
}
