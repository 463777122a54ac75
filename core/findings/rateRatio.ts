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
  const compared = table.strata.flatMap((parts) => {
    const here = sumOf(parts.filter((each) => each.level === level));
    const there = sumOf(parts.filter((each) => each.level !== level));
    const hours = here.hours + there.hours;
    if (here.hours === 0 || there.hours === 0) return [];
    return [{ parts, here, there, weightIn: there.hours / hours, weightOut: here.hours / hours }];
  });
  const more = compared.reduce((sum, { here, weightIn }) => sum + here.fish * weightIn, 0);
  const less = compared.reduce((sum, { there, weightOut }) => sum + there.fish * weightOut, 0);
  if (more === 0 || less === 0) return null;
  const ratio = more / less;
  const offBy = new Map<number, number>();
  for (const { parts, here, there, weightIn, weightOut } of compared)
    for (const { outing, level: at, fish, hours } of parts) {
      const of = at === level ? here : there;
      // Between outings each is compared with the rate of its level; an outing beside itself with nothing.
      const mean = IS_WITHIN[table.factor] ? 0 : (of.fish / of.hours) * hours;
      const off = (fish - mean) * (at === level ? weightIn : -ratio * weightOut);
      offBy.set(outing, (offBy.get(outing) ?? 0) + off);
    }
  const outings = [...offBy.values()].filter((off) => off !== 0).length;
  const freedom = Math.max(1, outings - 1);
  const spread = [...offBy.values()].reduce((sum, off) => sum + off * off, 0);
  const se = Math.sqrt((spread * outings) / freedom) / more;
  const wide = coverageFactor(freedom, SHARE) * se;
  return { ratio, low: ratio * Math.exp(-wide), high: ratio * Math.exp(wide), se };
}

function sumOf(parts: readonly OutingAtLevel[]) {
  return parts.reduce((sum, { fish, hours }) => ({ fish: sum.fish + fish, hours: sum.hours + hours }), {
    fish: 0,
    hours: 0,
  });
}
