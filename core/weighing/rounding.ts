import { gramsOf, type Mass } from '../measure/mass.js';

/** What becomes of what lies between two marks: left off, taken to the nearer mark, or kept. */
export const ROUNDINGS = ['down', 'nearest', 'as-read'] as const;
export type Rounding = (typeof ROUNDINGS)[number];

/**
 * A weight brought to the division of the scale. A reading in steps stands for all that is nearest to it: a mark that
 * lies within half a step above counts as reached, for a scale that shows ounces and sends hundredths of a pound sends
 * 23 lb 10 oz as 23.62. `stepGrams` is the step in which it was sent, where that is coarser than the unit. Example:
 * 23.69 lb and 23.74 lb brought down to ounces are 23 lb 11 oz.
 */
export function roundToDivision(
  reading: Mass,
  division: Mass,
  rounding: 'down' | 'nearest',
  stepGrams = gramsOf({ unit: reading.unit, count: 1 }),
): Mass {
  const halfStep = stepGrams / 2;
  const steps = gramsOf(reading) / gramsOf(division);
  const whole = rounding === 'down' ? Math.floor(steps + halfStep / gramsOf(division) + 1e-9) : Math.round(steps);
  return { unit: division.unit, count: whole * division.count };
}
