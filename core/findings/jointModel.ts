import { fitPenalisedPoisson, type CountedRow, type PoissonFit } from '../statistics/penalisedPoisson.js';
import { coverageFactor } from '../statistics/studentT.js';
import type { Effort, OutingEffort } from './effort.js';
import { levelOf, type Factor } from './factors.js';
import { LEAST_SHARE } from './factorTable.js';
import type { RateRatio } from './rateRatio.js';

/** What each level brings beside the others of its factor, all other factors being as they were. */
export interface JointModel {
  readonly factors: readonly Factor[];
  ratioOf(factor: Factor, level: string): RateRatio | null;
}

/** With fewer fish than these for each level of all factors together they are not taken together (our choice). */
const FISH_A_LEVEL = 3;
/**
 * A level is held near the others of its factor as if its logarithm were drawn with this spread: half of them within a
 * third of the rest, one in twenty more than three times as good (our choice).
 */
const SPREAD = 0.6;
/** The rate of all is not held to anything. */
const FREE = 1e-6;
const SHARE = 0.95;

/**
 * All factors at once: a Poisson model of the fish of each rod-hour with a term for each level, held near the others of
 * its factor so that it keeps to what the book carries (ridge; Hastie, Tibshirani and Friedman 2009, 3.4), and the
 * dispersion of whole outings. Factors are taken in their order while there are fish enough. Null where fewer than two
 * can be. Example: a bait that was used in the good swim alone brings what the swim does not.
 */
export function jointModelOf(
  { outings, fish }: Pick<Effort, 'outings' | 'fish'>,
  asked: readonly Factor[],
): JointModel | null {
  const { factors, columns } = columnsFor(asked, outings, fish);
  if (factors.length < 2) return null;
  const size = 1 + columns.size;
  const byOuting = outings.map((each) => rowsOf(each, factors, columns));
  const penalty = new Float64Array(size * size);
  for (let i = 0; i < size; i += 1) penalty[i * size + i] = i === 0 ? FREE : 1 / SPREAD ** 2;
  const fit = fitPenalisedPoisson(byOuting.flat(), size, penalty);
  if (!fit) return null;
  const dispersion = dispersionOf(byOuting, fit);
  const wide = coverageFactor(Math.max(1, outings.length - fit.freedom), SHARE);
  return {
    factors,
    ratioOf: (factor, level) => {
      const weights = contrastOf(factor, level, columns);
      if (!weights) return null;
      let [ln, variance] = [0, 0];
      for (const [a, weight] of weights) {
        ln += weight * (fit.coefficients[a] ?? 0);
        for (const [b, other] of weights) variance += weight * other * (fit.inverse[a * size + b] ?? 0);
      }
      const se = Math.sqrt(variance * dispersion);
      return { ratio: Math.exp(ln), low: Math.exp(ln - wide * se), high: Math.exp(ln + wide * se), se };
    },
  };
}

interface Column {
  readonly at: number;
  readonly hours: number;
}
/** By factor and level. */
type Columns = ReadonlyMap<string, Column>;

function columnsFor(asked: readonly Factor[], outings: readonly OutingEffort[], fish: number) {
  const columns = new Map<string, Column>();
  const factors: Factor[] = [];
  const waters = new Set(outings.map(({ outing }) => outing.waterId));
  if (waters.size > 1) for (const water of waters) columns.set(waterKey(water), { at: 1 + columns.size, hours: 0 });
  for (const factor of asked) {
    const hours = new Map<string, number>();
    let all = 0;
    for (const each of outings)
      for (const rodHour of each.rodHours) {
        const level = levelOf(factor, rodHour, each);
        if (level === null) continue;
        hours.set(level, (hours.get(level) ?? 0) + rodHour.hours);
        all += rodHour.hours;
      }
    const levels = [...hours].filter(([, of]) => of >= LEAST_SHARE * all);
    if (levels.length < 2 || fish < FISH_A_LEVEL * (columns.size + levels.length)) continue;
    factors.push(factor);
    for (const [level, of] of levels) columns.set(`${factor} ${level}`, { at: 1 + columns.size, hours: of });
  }
  return { factors, columns };
}

function rowsOf(effort: OutingEffort, factors: readonly Factor[], columns: Columns): CountedRow[] {
  const rows = new Map<string, { count: number; exposure: number; columns: number[] }>();
  effort.rodHours.forEach((rodHour, i) => {
    if (!(rodHour.hours > 0)) return;
    const water = columns.get(waterKey(effort.outing.waterId))?.at ?? [];
    const at = [water]
      .flat()
      .concat(factors.flatMap((factor) => columns.get(`${factor} ${levelOf(factor, rodHour, effort)}`)?.at ?? []));
    const row = rows.get(at.join()) ?? { count: 0, exposure: 0, columns: [0, ...at] };
    row.count += effort.fish[i] ?? 0;
    row.exposure += rodHour.hours;
    rows.set(at.join(), row);
  });
  return [...rows.values()].map((row) => ({ ...row, values: row.columns.map(() => 1) }));
}

/** Waters differ, and nothing is asked of that here. */
function waterKey(waterId: string | null): string {
  return `of ${waterId}`;
}

/** One level less the mean of the others of its factor, by their hours. */
function contrastOf(factor: Factor, level: string, columns: Columns): readonly (readonly [number, number])[] | null {
  const here = columns.get(`${factor} ${level}`);
  if (!here) return null;
  const others = [...columns].flatMap(([key, column]) =>
    key.startsWith(`${factor} `) && column !== here ? [column] : [],
  );
  const hours = others.reduce((sum, each) => sum + each.hours, 0);
  return [[here.at, 1], ...others.map((each) => [each.at, -each.hours / hours] as const)];
}

function dispersionOf(byOuting: readonly (readonly CountedRow[])[], { coefficients, freedom }: PoissonFit): number {
  let sum = 0;
  for (const rows of byOuting) {
    let [count, mean] = [0, 0];
    for (const row of rows) {
      count += row.count;
      mean += row.exposure * Math.exp(row.columns.reduce((all, column) => all + (coefficients[column] ?? 0), 0));
    }
    if (mean > 0) sum += (count - mean) ** 2 / mean;
  }
  return Math.max(1, sum / Math.max(1, byOuting.length - freedom));
}
