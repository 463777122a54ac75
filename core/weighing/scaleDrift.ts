import { YEAR_MS } from '../measure/timeSpan.js';

/** What of a check tells how the gain changed. */
interface GainFound {
  readonly at: string;
  readonly shape: string;
  readonly gain: number;
  /** Variance of the gain first. */
  readonly covariance: readonly [readonly [number, number], readonly [number, number]];
}

/**
 * How the gain of a scale wanders: a standard deviation that grows with the root of the years, and how many changes
 * stand behind it.
 */
export interface Drift {
  readonly perRootYear: number;
  readonly freedom: number;
}

/**
 * A kept hanging scale changes by about a thousandth of the load in a year: common practice, no source. It counts for
 * four changes seen.
 */
const USUAL_PER_ROOT_YEAR = 0.001;
const USUAL_COUNTS = 4;

/**
 * How a scale drifts between its checks: the usual wander, with the changes of gain from check to check counted along,
 * each less what the two checks themselves were unsure of. `checks` in order of time; crooked ones say nothing of the
 * gain. Example: a scale whose gain changed by 0.002 in each of four years wanders by about 0.0016 a year.
 */
export function driftPerRootYear(checks: readonly GainFound[]): Drift {
  const believed = checks.filter(({ shape }) => shape === 'straight');
  const squares = believed.slice(1).flatMap((check, i) => {
    const earlier = believed[i];
    const years = earlier ? (Date.parse(check.at) - Date.parse(earlier.at)) / YEAR_MS : 0;
    // Two checks of one week tell of the checks, not of the scale.
    if (!earlier || years < 1 / 26) return [];
    const unsure = check.covariance[0][0] + earlier.covariance[0][0];
    return [Math.max(0, (check.gain - earlier.gain) ** 2 - unsure) / years];
  });
  const freedom = USUAL_COUNTS + squares.length;
  const sum = squares.reduce((all, each) => all + each, USUAL_COUNTS * USUAL_PER_ROOT_YEAR ** 2);
  return { perRootYear: Math.sqrt(sum / freedom), freedom };
}
