import { IS_WITHIN, levelOf, type Factor } from './factors.js';
import type { Effort, OutingEffort } from './effort.js';
import { LIGHTS } from './light.js';

/** Fish and rod-hours of one outing at one level of a factor. */
export interface OutingAtLevel {
  /** Its place in `Effort.outings`. */
  readonly outing: number;
  readonly level: number;
  readonly fish: number;
  readonly hours: number;
}

/**
 * One factor over the whole record. What is compared with each other stands in one stratum: an outing with itself where
 * the factor changes within a day, else the outings of one water.
 */
export interface FactorTable {
  readonly factor: Factor;
  readonly levels: readonly string[];
  readonly strata: readonly (readonly OutingAtLevel[])[];
  /** Of a factor that changes within a day: its course over the rod-hours of each outing that stands in a stratum. */
  readonly courses: readonly Course[];
}

/** Rod-hours of one outing in the order of their time: their level, their length, and how many fish took. */
export interface Course {
  readonly levels: readonly number[];
  readonly hours: readonly number[];
  readonly fish: readonly number[];
}

/** A level that holds less than this of all rod-hours is too rare to be asked about. */
export const LEAST_SHARE = 0.03;

/** The level of each rod-hour, outing by outing; null where it is not known. */
export type LevelsTold = readonly (readonly (string | null)[])[];

/** The levels of one factor over the whole record. */
export function levelsIn(factor: Factor, { outings }: Pick<Effort, 'outings'>): LevelsTold {
  return outings.map((each) => each.rodHours.map((rodHour) => levelOf(factor, rodHour, each)));
}

/** Sorts the record by one factor; rod-hours whose level is not known, and levels too rare, stay out. */
export function tableOf(factor: Factor, effort: Effort, told = levelsIn(factor, effort)): FactorTable {
  const levels = commonLevels(told, effort.outings);
  const number = new Map(levels.map((level, i) => [level, i]));
  const courses = effort.outings.map((each, o) => courseOf(each, told[o] ?? [], number));
  const parts = courses.map((course, outing) => partsOf(course, outing));
  const strata = IS_WITHIN[factor] ? parts : [...byWater(parts, effort.outings).values()];
  return {
    factor,
    levels,
    strata: strata.filter(hasTwoLevels),
    courses: courses.filter((_, o) => hasTwoLevels(parts[o] ?? [])),
  };
}

function commonLevels(told: LevelsTold, outings: readonly OutingEffort[]): readonly string[] {
  const hours = new Map<string, number>();
  let all = 0;
  told.forEach((levels, o) =>
    levels.forEach((level, i) => {
      if (level === null) return;
      const more = outings[o]?.rodHours[i]?.hours ?? 0;
      all += more;
      hours.set(level, (hours.get(level) ?? 0) + more);
    }),
  );
  return [...hours].flatMap(([level, sum]) => (sum >= LEAST_SHARE * all ? [level] : [])).sort(byOrder);
}

/** The light in the order of the day, bands and months by their number, all else by its letters. */
function byOrder(a: string, b: string): number {
  const [placeA, placeB] = [a, b].map((level) => LIGHTS.findIndex((light) => light === level));
  if (placeA !== placeB) return (placeA ?? 0) - (placeB ?? 0);
  return (parseFloat(a) || 0) - (parseFloat(b) || 0) || (a < b ? -1 : 1);
}

function courseOf(
  { rodHours, fish }: OutingEffort,
  told: readonly (string | null)[],
  number: ReadonlyMap<string, number>,
): Course {
  const levels: number[] = [];
  const hours: number[] = [];
  const counts: number[] = [];
  rodHours.forEach((rodHour, i) => {
    const level = number.get(told[i] ?? '');
    if (level === undefined) return;
    levels.push(level);
    hours.push(rodHour.hours);
    counts.push(fish[i] ?? 0);
  });
  return { levels, hours, fish: counts };
}

function partsOf({ levels, hours, fish }: Course, outing: number): OutingAtLevel[] {
  const parts: { outing: number; level: number; fish: number; hours: number }[] = [];
  levels.forEach((level, i) => {
    let part = parts.find((each) => each.level === level);
    if (!part) parts.push((part = { outing, level, fish: 0, hours: 0 }));
    part.fish += fish[i] ?? 0;
    part.hours += hours[i] ?? 0;
  });
  return parts;
}

function byWater(
  parts: readonly (readonly OutingAtLevel[])[],
  outings: readonly OutingEffort[],
): ReadonlyMap<string, readonly OutingAtLevel[]> {
  const waters = new Map<string, OutingAtLevel[]>();
  parts.forEach((of, o) => {
    const water = outings[o]?.outing.waterId ?? '';
    const there = waters.get(water);
    if (there) there.push(...of);
    else waters.set(water, [...of]);
  });
  return waters;
}

function hasTwoLevels(parts: readonly OutingAtLevel[]): boolean {
  return parts.some(({ level }) => level !== parts[0]?.level);
}
