import type { Rng } from '../statistics/rng.js';
import { effortOf, type Effort } from './effort.js';
import { FACTORS, type Factor } from './factors.js';
import { levelsIn, tableOf, type FactorTable } from './factorTable.js';
import { falseDiscoveryRates } from './falseDiscovery.js';
import type { FishingRecord } from './fishingRecord.js';
import { jointModelOf } from './jointModel.js';
import { rateInterval, type Rate } from './rateInterval.js';
import { rateRatioOf, type RateRatio } from './rateRatio.js';
import { unlikelihoodOf } from './unlikelihood.js';

/** One level of a factor: what it brought, and against all others. */
export interface LevelFound {
  readonly level: string;
  readonly fish: number;
  readonly rodHours: number;
  readonly outings: number;
  /** Null where it was fished at no stratum that is compared. */
  readonly rate: Rate | null;
  readonly ratio: RateRatio | null;
}

/**
 * What a factor says: one of its levels brings more or fewer fish (`found`), none of them makes a difference that would
 * matter (`nothing`), or the book does not carry an answer yet (`open`).
 */
export interface Finding {
  readonly factor: Factor;
  readonly says: 'found' | 'nothing' | 'open';
  /** The level that stands farthest from the others. */
  readonly level: string | null;
  readonly p: number;
  /** The share of false ones among all that are called found with it. */
  readonly falseRate: number;
  readonly levels: readonly LevelFound[];
  /** The ratio of that level with all factors of `FindingsReport.together` at once; null where they are not. */
  readonly together: RateRatio | null;
  /** About so many more outings like these would settle it; null where that cannot be said. */
  readonly moreOutings: number | null;
}

export interface FindingsReport {
  readonly rests: Omit<Effort, 'outings'> & { readonly outings: number };
  /** Factors that the record carries all at once; none where it carries one alone. */
  readonly together: readonly Factor[];
  /** The surest first. */
  readonly findings: readonly Finding[];
  /** Factors of which the record does not tell two levels. */
  readonly untold: readonly Factor[];
}

/** Of several questions asked at once, at most this share of those that are called found is false. */
export const MOST_FALSE = 0.05;
/** With fewer fish than these nothing is asked. */
export const LEAST_FISH = 12;
/** Less than this is no difference that anybody would fish by (our choice). */
export const MATTERS = 1.6;
/** How far from chance an answer that settles a question stands: found in four of five books. */
const SETTLED_Z = 2.8;
/** Nobody fishes so many times as much again to settle one thing. */
const MOST_TIMES_MORE = 3;
/** A difference that is smaller than this would take longer than anybody fishes. */
const LEAST_DIFFERENCE = Math.log(1.2);

/**
 * What the record says of each factor, one at a time, the surest first. `onFactor` hears how far it is. Example: a
 * record without outings rests on nothing and finds nothing.
 */
export function findingsOf(
  record: FishingRecord,
  luck: Rng,
  onFactor: (done: number, of: number) => void = () => undefined,
  fished = effortOf(record),
): FindingsReport {
  const { outings, ...effort } = fished;
  const whole = { outings, ...effort };
  const levels = new Map(FACTORS.map((factor) => [factor, levelsIn(factor, whole)]));
  const tables = FACTORS.map((factor) => tableOf(factor, whole, levels.get(factor)));
  const isTold = (table: FactorTable) => table.strata.length > 0 && fishIn(table) >= LEAST_FISH;
  const told = tables.filter(isTold);
  const chances = told.map((table, i) => {
    onFactor(i, told.length + 1);
    return unlikelihoodOf(table, luck);
  });
  const falseRates = falseDiscoveryRates(chances.map(({ p }) => p));
  const alone = told.map((table, i): Finding => {
    const { z = [], p = 1 } = chances[i] ?? {};
    const falseRate = falseRates[i] ?? 1;
    const farthest = z.reduce((best, each, at) => (Math.abs(each) > Math.abs(z[best] ?? 0) ? at : best), 0);
    const found = table.levels.map((_, level) => levelFound(table, level));
    const says = falseRate <= MOST_FALSE ? 'found' : isNothing(found) ? 'nothing' : 'open';
    const ratio = found[farthest]?.ratio ?? null;
    return {
      factor: table.factor,
      says,
      level: table.levels[farthest] ?? null,
      p,
      falseRate,
      levels: found,
      together: null,
      moreOutings: says === 'open' ? moreOutings(ratio, outingsIn(table)) : null,
    };
  });
  const findings = alone.sort((a, b) => ORDER[a.says] - ORDER[b.says] || a.p - b.p);
  onFactor(told.length, told.length + 1);
  const joint = jointModelOf(
    whole,
    findings.map(({ factor }) => factor),
    (factor) => levels.get(factor) ?? [],
  );
  return {
    rests: { ...effort, outings: outings.length },
    together: joint?.factors ?? [],
    findings: findings.map((finding) => {
      const { factor, level } = finding;
      return { ...finding, together: level === null ? null : (joint?.ratioOf(factor, level) ?? null) };
    }),
    untold: tables.filter((table) => !isTold(table)).map(({ factor }) => factor),
  };
}

const ORDER = { found: 0, nothing: 2, open: 1 } as const;

function levelFound(table: FactorTable, level: number): LevelFound {
  let [fish, rodHours] = [0, 0];
  const outings = new Set<number>();
  for (const parts of table.strata)
    for (const part of parts) {
      if (part.level !== level) continue;
      fish += part.fish;
      rodHours += part.hours;
      outings.add(part.outing);
    }
  return {
    level: table.levels[level] ?? '',
    fish,
    rodHours,
    outings: outings.size,
    rate: rodHours > 0 ? rateInterval(fish, rodHours) : null,
    ratio: rateRatioOf(table, level),
  };
}

/** Whether no level can make a difference that matters. */
function isNothing(levels: readonly LevelFound[]): boolean {
  return levels.every(({ ratio }) => ratio !== null && ratio.high <= MATTERS && ratio.low >= 1 / MATTERS);
}

function moreOutings(ratio: RateRatio | null, outings: number): number | null {
  if (ratio === null || !(ratio.se > 0) || Math.abs(Math.log(ratio.ratio)) < LEAST_DIFFERENCE) return null;
  const z = Math.abs(Math.log(ratio.ratio)) / ratio.se;
  const more = Math.max(1, Math.ceil(outings * ((SETTLED_Z / z) ** 2 - 1)));
  return more > MOST_TIMES_MORE * outings ? null : more;
}

function fishIn({ strata }: FactorTable): number {
  return strata.reduce((sum, parts) => sum + parts.reduce((all, { fish }) => all + fish, 0), 0);
}

function outingsIn({ strata }: FactorTable): number {
  return new Set(strata.flatMap((parts) => parts.map(({ outing }) => outing))).size;
}
