import { fitPenalisedPoisson, type CountedRow, type PoissonFit } from '../statistics/penalisedPoisson.js';
import { coverageFactor } from '../statistics/studentT.js';
import type { Effort, OutingEffort } from './effort.js';
import type { Factor } from './factors.js';
import { LEAST_SHARE, levelsIn, type LevelsTold } from './factorTable.js';
import type { RateRatio } from './rateRatio.js';

/** What each level brings beside the others of its factor, all other factors being as they were. */
export interface JointModel {
  readonly factors: readonly Factor[];
  ratioOf(factor: Factor, level: string): RateRatio | null;
}

/** With fewer fish than these for each level of all factors together they are not taken together (our choice). */
const FISH_A_LEVEL = 3;
/** A small model: with more the surest of them are as little told apart as with none (our choice). */
const MOST_FACTORS = 6;
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
 * dispersion of whole outings. Six factors are taken at most, in their order while there are fish enough. Null where
 * fewer than two can be. Example: a bait that was used in the good swim alone brings what the swim does not.
 */
export function jointModelOf(
  effort: Pick<Effort, 'outings' | 'fish'>,
  asked: readonly Factor[],
  levelsOf: (factor: Factor) => LevelsTold = (factor) => levelsIn(factor, effort),
): JointModel | null {
  const { outings } = effort;
  const { factors, columns } = columnsFor(effort, asked, levelsOf);
  if (factors.length < 2) return null;
  const size = 1 + columns.size;
  const told = factors.map(levelsOf);
  const byOuting = outings.map((each, o) =>
    cellsOf(
      each,
      told.map((of) => of[o] ?? []),
      factors,
      columns,
    ),
  );
  const penalty = new Float64Array(size * size);
  for (let i = 0; i < size; i += 1) penalty[i * size + i] = i === 0 ? FREE : 1 / SPREAD ** 2;
  const fit = fitPenalisedPoisson(sumUp(byOuting.flat()), size, penalty);
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

function columnsFor(
  { outings, fish }: Pick<Effort, 'outings' | 'fish'>,
  asked: readonly Factor[],
  levelsOf: (factor: Factor) => LevelsTold,
) {
  const columns = new Map<string, Column>();
  const factors: Factor[] = [];
  const waters = new Set(outings.map(({ outing }) => outing.waterId));
  if (waters.size > 1) for (const water of waters) columns.set(waterKey(water), { at: 1 + columns.size, hours: 0 });
  for (const factor of asked) {
    if (factors.length === MOST_FACTORS) break;
    const told = levelsOf(factor);
    const hours = new Map<string, number>();
    let all = 0;
    outings.forEach(({ rodHours }, o) =>
      rodHours.forEach((rodHour, i) => {
        const level = told[o]?.[i] ?? null;
        if (level === null) return;
        hours.set(level, (hours.get(level) ?? 0) + rodHour.hours);
        all += rodHour.hours;
      }),
    );
    const levels = [...hours].filter(([, of]) => of >= LEAST_SHARE * all);
    if (levels.length < 2 || fish < FISH_A_LEVEL * (columns.size + levels.length)) continue;
    factors.push(factor);
    for (const [level, of] of levels) columns.set(`${factor} ${level}`, { at: 1 + columns.size, hours: of });
  }
  return { factors, columns };
}

interface Cell extends CountedRow {
  readonly key: string;
}

/** The rod-hours of an outing, those of the same levels together. */
function cellsOf(
  { outing, rodHours, fish }: OutingEffort,
  told: readonly (readonly (string | null)[])[],
  factors: readonly Factor[],
  columns: Columns,
): Cell[] {
  const cells = new Map<string, { count: number; exposure: number; columns: readonly number[] }>();
  const water = columns.get(waterKey(outing.waterId))?.at;
  rodHours.forEach(({ hours }, i) => {
    if (!(hours > 0)) return;
    const at = water === undefined ? [0] : [0, water];
    factors.forEach((factor, k) => {
      const column = columns.get(`${factor} ${told[k]?.[i]}`);
      if (column) at.push(column.at);
    });
    const key = at.join();
    const cell = cells.get(key) ?? { count: 0, exposure: 0, columns: at };
    cell.count += fish[i] ?? 0;
    cell.exposure += hours;
    cells.set(key, cell);
  });
  return [...cells].map(([key, cell]) => ({ key, ...cell, values: cell.columns.map(() => 1) }));
}

/** Cells of all outings with the same levels are one row: the likelihood is the same. */
function sumUp(cells: readonly Cell[]): CountedRow[] {
  const rows = new Map<
    string,
    { count: number; exposure: number; columns: readonly number[]; values: readonly number[] }
  >();
  for (const { key, count, exposure, columns, values } of cells) {
    const row = rows.get(key) ?? { count: 0, exposure: 0, columns, values };
    row.count += count;
    row.exposure += exposure;
    rows.set(key, row);
  }
  return [...rows.values()];
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
