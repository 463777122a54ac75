import { HOUR_MS } from '../../measure/timeSpan.js';

/**
 * A time as it is said on the bank. Examples: `spoken(95_000) === '1½ minutes'`, `spoken(25_530_000) === '7 hours'`.
 */
export function spoken(ms: number): string {
  if (ms >= 2 * HOUR_MS) return `${Math.floor(ms / HOUR_MS)} hours`;
  const halves = Math.floor(ms / 30_000);
  if (halves < 2) return `${Math.floor(ms / 1000)} seconds`;
  const whole = Math.floor(halves / 2);
  return `${whole}${halves % 2 === 1 ? '½' : ''} ${halves === 2 ? 'minute' : 'minutes'}`;
}
