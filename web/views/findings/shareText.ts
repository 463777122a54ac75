import type { Proportion } from '@keeper/core/statistics/proportion';
import { findingsText } from '../../parts/findings/text.en-GB.js';

/** A share as one says it: `7 %`. */
export function percent(share: number): string {
  return `${Math.round(100 * share)} %`;
}

/** The limits of a share: `2 to 21 %`. */
export function shareText({ low, high }: Pick<Proportion, 'low' | 'high'>): string {
  return findingsText.fromTo({ low: String(Math.floor(100 * low + 0.5)), high: percent(high) });
}
