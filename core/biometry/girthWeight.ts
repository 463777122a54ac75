import { GRAMS_PER_POUND } from '../measure/mass.js';

/** Scatter of fish about the girth rule, as a standard deviation of ln W: common practice, no source. */
export const GIRTH_SCATTER = 0.09;

/**
 * Weight in grams from length and girth: L G^2 / 800 with inches and pounds (common practice, no source).
 * Example: 40 in long and 20 in round is 20 lb.
 */
export function weightOfGirth(lengthMm: number, girthMm: number): number {
  const [length, girth] = [lengthMm / 25.4, girthMm / 25.4];
  return ((length * girth * girth) / 800) * GRAMS_PER_POUND;
}
