import type { CaptureState, Mark, MediumInterval } from './captureState.js';

/** The part of a capture that the clocks read. */
export type Timeline = Pick<CaptureState, 'spells' | 'endMs'> & {
  readonly marks: readonly Pick<Mark, 'type' | 'atMs'>[];
};

/** The times that matter at the bank, all in milliseconds. */
export interface Clocks {
  /** Since the take, until the fish left. */
  readonly elapsedMs: number;
  /** From the take to the net, or until now while it is still being played. */
  readonly fightMs: number;
  /** All spells out of the water together. */
  readonly airMs: number;
  /** The spell out of the water that is running; 0 in the water. */
  readonly airNowMs: number;
  readonly longestAirMs: number;
  readonly waterMs: number;
  /** Where the fish is; null before the take. After it has left: water. */
  readonly medium: MediumInterval['medium'] | null;
}

/**
 * Reads every clock of a capture at one moment. Air and water always add up to the elapsed time.
 * Example: lifted at 300 000 with no return, read at 312 000, gives `airNowMs` 12 000.
 */
export function clocksAt(state: Timeline, nowMs: number): Clocks {
  const untilMs = state.endMs ?? Math.max(nowMs, state.spells.at(-1)?.fromMs ?? 0);
  const fromMs = state.spells[0]?.fromMs ?? untilMs;
  let [airMs, longestAirMs] = [0, 0];
  for (const spell of state.spells) {
    if (spell.medium !== 'air') continue;
    const lastsMs = (spell.toMs ?? untilMs) - spell.fromMs;
    airMs += lastsMs;
    longestAirMs = Math.max(longestAirMs, lastsMs);
  }
  const elapsedMs = untilMs - fromMs;
  const last = state.spells.at(-1);
  const inAirNow = last?.medium === 'air' && last.toMs === null;
  return {
    elapsedMs,
    fightMs: fightEndMs(state, untilMs) - fromMs,
    airMs,
    airNowMs: inAirNow ? untilMs - last.fromMs : 0,
    longestAirMs,
    waterMs: elapsedMs - airMs,
    medium: last ? (inAirNow ? 'air' : 'water') : null,
  };
}

function fightEndMs(state: Timeline, untilMs: number): number {
  const ending = state.marks.find((mark) => mark.type === 'netted' || mark.type === 'lifted');
  return Math.min(ending?.atMs ?? untilMs, untilMs);
}
