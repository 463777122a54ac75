/** The two clocks of a device. `timelineId` names the run of the monotonic one: a page reload starts another. */
export interface DeviceClock {
  readonly timelineId: string;
  monotonicMs(): number;
  wallMs(): number;
}

/** A moment that was written down on both clocks, so that counting can go on after a reload. */
export interface Anchor {
  readonly timelineId: string;
  readonly elapsedMs: number;
  readonly monotonicMs: number;
  readonly wallMs: number;
}

/** The wall clock running ahead of the monotonic one by more than this, while nobody looked, means the device slept. */
const SLEEP_MS = 3000;

/** Starts counting at a given elapsed time. Example: `anchorAt(clock, 0)` at the take. */
export function anchorAt(clock: DeviceClock, elapsedMs: number): Anchor {
  return { timelineId: clock.timelineId, elapsedMs, monotonicMs: clock.monotonicMs(), wallMs: clock.wallMs() };
}

/**
 * Elapsed milliseconds now.
 *
 * On the same timeline the monotonic clock alone decides, so a change of the wall clock moves nothing. Across a reload
 * only the wall clock spans the gap, never backwards; the anchor is therefore renewed often, so that the gap is short.
 * Some devices stop the monotonic clock while they sleep: when the page was hidden and the wall clock has run ahead by
 * more than three seconds, the difference is taken for sleep and counted.
 *
 * Example: anchored at 10 000 with 2 s on the monotonic clock since, and the wall clock put back an hour: 12 000.
 */
export function elapsedSince(anchor: Anchor, clock: DeviceClock, wasHidden = false): number {
  const byWall = clock.wallMs() - anchor.wallMs;
  if (anchor.timelineId !== clock.timelineId) return anchor.elapsedMs + Math.max(0, byWall);
  const byMonotonic = clock.monotonicMs() - anchor.monotonicMs;
  const slept = wasHidden && byWall - byMonotonic > SLEEP_MS;
  return anchor.elapsedMs + (slept ? byWall : byMonotonic);
}
