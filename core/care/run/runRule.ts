import type { RunStep } from '../../domain/capture/steps.js';
import type { Finding, Rule } from '../counsel.js';
import type { RunState } from './runState.js';
import { HOUR_MS } from '../../measure/timeSpan.js';

/** What counsel can ask for or advise against, besides the steps of the run. */
export type Act = RunStep | 'pull-hard' | 'wait' | 'pour' | 'grip' | 'move-on' | 'clean' | 'seal' | 'leave-wound';

/** One piece of counsel; what it asks for and advises against is named, so that no two can pull both ways unseen. */
export interface RunCounsel extends Omit<Finding, 'rule'> {
  readonly does?: readonly Act[];
  readonly avoids?: readonly Act[];
}

export interface RunRule extends Rule<RunState> {
  readonly look: (run: RunState) => RunCounsel | null;
}

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
