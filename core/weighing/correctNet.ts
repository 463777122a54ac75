import type { StandingCheck } from './scaleCheck.js';
import { YEAR_MS } from '../measure/timeSpan.js';

/** A net weight put right by a check, with what is known of the putting right. */
export interface Correction {
  /** To be added to the net that was shown; 0 where the check is not believed. */
  readonly byGrams: number;
  /** Of the check itself, and of what the scale may have drifted since: standard uncertainties. */
  readonly uCheckGrams: number;
  readonly uDriftGrams: number;
  readonly driftFreedom: number;
}

const ROUNDS = 20;

/**
 * What a check makes of a net weight. A net is the difference of two loads, the sling with and without the fish: an
 * offset of the scale is in both and cancels, the gain acts on the fish, a curvature on where the two loads lie. A
 * crooked check puts nothing right; the doubt is then the whole span of what it found wrong, as a limit either way
 * (JCGM 100:2008, 4.3.7). `netGrams` is what the scale showed for the fish, `slingGrams` what hung there at the zero,
 * `readAt` when it was read. Example: an offset of 100 g and a gain of 1 change nothing; a gain of 1.01 takes 100 g off
 * a net of 10.1 kg.
 */
export function correctNet(
  check: StandingCheck,
  { netGrams, slingGrams, readAt }: { readonly netGrams: number; readonly slingGrams: number; readonly readAt: string },
): Correction {
  const years = Math.max(0, (Date.parse(readAt) - Date.parse(check.at)) / YEAR_MS) || 0;
  const drift = {
    uDriftGrams: netGrams * check.drift.perRootYear * Math.sqrt(years),
    driftFreedom: check.drift.freedom,
  };
  if (check.shape === 'crooked') {
    const errors = [0, ...check.points.map(({ errorGrams }) => errorGrams)];
    const span = Math.max(...errors) - Math.min(...errors);
    return { byGrams: 0, uCheckGrams: span / Math.sqrt(3), ...drift };
  }
  const { gain, curvature, covariance } = check;
  const bent = (grams: number) => (slingGrams + grams) ** 2 - slingGrams ** 2;
  let grams = netGrams / gain;
  for (let round = 0; curvature !== 0 && round < ROUNDS; round += 1)
    grams = (netGrams - curvature * bent(grams)) / gain;
  const [g, c] = [grams, bent(grams)];
  const variance = g * g * covariance[0][0] + 2 * g * c * covariance[0][1] + c * c * covariance[1][1];
  return { byGrams: grams - netGrams, uCheckGrams: Math.sqrt(Math.max(0, variance)) / gain, ...drift };
}
