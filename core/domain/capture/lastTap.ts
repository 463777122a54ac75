import { effectiveEvents } from './effectiveEvents.js';
import { RUN_STEPS } from './steps.js';
import type { CaptureEvent, EventType } from './event.js';

const TAPS: readonly EventType[] = [
  ...RUN_STEPS,
  ...([
    'hook-held',
    'seen',
    'wound-noted',
    'gill-beat',
    'recovering',
    'lost',
    'left-as',
    'reading-taken',
    'sling-hung',
    'interrupted',
    'gap-told',
  ] as const),
];

/**
 * The latest tap on the bank that still stands: what an undo takes back. The take itself is not among them, nor what
 * was written after the fish had gone.
 */
export function lastTap(events: readonly CaptureEvent[]): CaptureEvent | undefined {
  const standing = effectiveEvents(events);
  const goneMs = standing.find(({ type }) => type === 'released' || type === 'lost')?.elapsedMs ?? Infinity;
  return standing.findLast(
    (event) => TAPS.includes(event.type) || (event.type === 'described' && event.elapsedMs <= goneMs),
  );
}
