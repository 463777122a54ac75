import { coverageFactor } from '../statistics/studentT.js';
import { IS_WITHIN } from './factors.js';
import type { FactorTable, OutingAtLevel } from './factorTable.js';

/** How many times the fish an hour of all others a level brings, with the limits that hold the truth in 19 of 20. */
export interface RateRatio {
  readonly ratio: number;
  readonly low: number;
  readonly high: number;
  /** Standard error of its logarithm. */
  readonly se: number;
}

const SHARE = 0.95;

/**
 * The ratio of Mantel and Haenszel (Rothman, Greenland and Lash 2008, Modern Epidemiology, 3rd ed., chapter 15) of one
 * level against the others, stratum by stratum; its spread is taken from how the outings differ, so that fish of one
 * day are not taken for so many days, with the t of as many outings as fish took on. Null where the level or the others
 * have no fish. Example: twice the fish in as many hours on every day is 2.
 */
export function rateRatioOf(table: FactorTable, level: number): RateRatio | null {
  let [more, less] = [0, 0];
  const pieces: { readonly parts: readonly OutingAtLevel[]; readonly in: number; readonly out: number }[] = [];
  for (const parts of table.strata) {
    const [here, there] = [sumOf(parts, (each) => each.level === level), sumOf(parts, (each) => each.level !== level)];
    const hours = here.hours + there.hours;
    if (here.hours === 0 || there.hours === 0) continue;
    pieces.push({ parts, in: there.hours / hours, out: here.hours / hours });
    more += (here.fish * there.hours) / hours;
    less += (there.fish * here.hours) / hours;
  }
  if (more === 0 || less === 0) return null;
  const ratio = more / less;
  const offBy = new Map<number, number>();
  for (const { parts, in: weightIn, out: weightOut } of pieces) {
    const [here, there] = [sumOf(parts, (each) => each.level === level), sumOf(parts, (each) => each.level !== level)];
    for (const part of parts) {
      const isHere = part.level === level;
      // Between outings each is compared with the rate of its level; an outing beside itself against nothing.
      const mean = IS_WITHIN[table.factor]
        ? 0
        : (isHere ? here.fish / here.hours : there.fish / there.hours) * part.hours;
      const off = (part.fish - mean) * (isHere ? weightIn : -ratio * weightOut);
      offBy.set(part.outing, (offBy.get(part.outing) ?? 0) + off);
    }
  }
  const outings = [...offBy.values()].filter((off) => off !== 0).length;
  const freedom = Math.max(1, outings - 1);
  const spread = [...offBy.values()].reduce((sum, off) => sum + off * off, 0);
  const se = Math.sqrt((spread * outings) / freedom) / more;
  const wide = coverageFactor(freedom, SHARE) * se;
  return { ratio, low: ratio * Math.exp(-wide), high: ratio * Math.exp(wide), se };
}

function sumOf(parts: readonly OutingAtLevel[], is: (part: OutingAtLevel) => boolean) {
  let [fish, hours] = [0, 0];
  for (const part of parts) {
    if (!is(part)) continue;
    fish += part.fish;
    hours += part.hours;
  }
  return { fish, hours };
}
