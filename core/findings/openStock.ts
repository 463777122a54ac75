import type { ToldCatch } from './stock.js';

/**
 * What was seen in one year: how many different fish, met before, let go, met again later, and met before and after
 * only.
 */
export interface YearSeen {
  readonly year: number;
  /** n: caught. */
  readonly caught: number;
  /** m: of those, met in a year before. */
  readonly met: number;
  /** R: let go again. */
  readonly letGo: number;
  /** r: of those, met again in a later year. */
  readonly metLater: number;
  /** z: met before and after, and not in this year. */
  readonly missed: number;
}

/** How many there were in a year, and how many of them lived and stayed to the next. */
export interface YearStock {
  readonly year: number;
  readonly fish: number;
  readonly low: number;
  readonly high: number;
  /** Share that was still there a year later; null of the last two years. */
  readonly stayed: number | null;
}

/** With fewer years, or fewer met again, the open count says nothing (Seber 1982 asks for ten). */
export const LEAST_YEARS = 4;
const LEAST_MET = 10;
const Z = 1.959964;

/** Sorts catches into years. Example: a fish that comes twice in a year is one that year. */
export function yearsSeen(catches: readonly ToldCatch[]): readonly YearSeen[] {
  const yearsOf = new Map<string, Set<number>>();
  for (const { fishId, day } of catches)
    yearsOf.set(fishId, (yearsOf.get(fishId) ?? new Set()).add(Number(day.slice(0, 4))));
  const all = [...new Set([...yearsOf.values()].flatMap((years) => [...years]))].sort((a, b) => a - b);
  const fish = [...yearsOf.values()].map((years) => ({ years, first: Math.min(...years), last: Math.max(...years) }));
  return all.map((year) => {
    const here = fish.filter(({ years }) => years.has(year));
    return {
      year,
      caught: here.length,
      met: here.filter(({ first }) => first < year).length,
      letGo: here.length,
      metLater: here.filter(({ last }) => last > year).length,
      missed: fish.filter(({ years, first, last }) => !years.has(year) && first < year && last > year).length,
    };
  });
}

/**
 * How many there were year by year where some came and some went: the estimates of Jolly (1965, Biometrika 52, 225-247)
 * and Seber (1965), with their corrections of bias (Seber 1982, The Estimation of Animal Abundance, 5.1), and limits on
 * the logarithm. The first and the last year cannot be told. `bias` 0 leaves the corrections out. Null where too few
 * were met again. Example: of three years nothing is said.
 */
export function openStockOf(years: readonly YearSeen[], bias: 0 | 1 = 1): readonly YearStock[] | null {
  if (years.length < LEAST_YEARS || years.reduce((sum, { met }) => sum + met, 0) < LEAST_MET) return null;
  const marked = years.map(({ met, letGo, metLater, missed }, i) =>
    i === 0 ? 0 : met + ((letGo + bias) * missed) / (metLater + bias),
  );
  const told = years.slice(1, -1).map(({ year, caught, met, letGo, metLater }, k): YearStock | null => {
    const [known, next] = [marked[k + 1] ?? 0, marked[k + 2] ?? 0];
    if (met + bias === 0 || metLater === 0 || met === 0) return null;
    const fish = Math.max(caught, (known * (caught + bias)) / (met + bias));
    const variance =
      fish *
      (fish - caught) *
      (((known - met + letGo) / known) * (1 / metLater - 1 / letGo) + (1 - caught / fish) / met);
    const wide = Math.exp((Z * Math.sqrt(Math.max(0, variance))) / fish);
    const isNextTold = k < years.length - 3;
    return {
      year,
      fish,
      low: Math.max(caught, fish / wide),
      high: fish * wide,
      stayed: isNextTold ? Math.min(1, next / (known - met + letGo)) : null,
    };
  });
  const all = told.flatMap((each) => each ?? []);
  return all.length === 0 ? null : all;
}
