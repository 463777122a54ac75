import { HOUR_MS } from '../measure/timeSpan.js';
import type { OutingState } from '../domain/outing/outingState.js';
import type { RodSetup } from '../domain/capture/rodFacts.js';
import { weatherAt } from '../domain/outing/weather.js';
import { TREND_MS } from './effort.js';
import type { HourOfOuting, OutingFished, RodMiss, RodStretch, TackleTold } from './fishingRecord.js';

/** What was measured so long before still says how it is: a night. */
const STILL_HOLDS_MS = 12 * HOUR_MS;

/**
 * An outing as findings take it: the time of its rods, and how it was hour by hour as far as that was measured or
 * forecast. Null where it never took place, or does still. `tackleOf` names what a rod was set up with. Example: a rod
 * that nobody took in fished until the outing was ended.
 */
export function outingFished(state: OutingState, tackleOf: (setup: RodSetup) => TackleTold): OutingFished | null {
  const { outingId, waterId, fromMs, endedAt, calledOff, expected } = state;
  if (calledOff || endedAt === null) return null;
  const endMs = Date.parse(endedAt);
  const stretches = state.rods.flatMap(({ rod, setup, swimId, fromMs: outMs, toMs }): RodStretch[] => {
    const stretch = { rod, fromMs: outMs, toMs: Math.min(toMs ?? endMs, endMs), swimId };
    const { rig, bait } = tackleOf(setup);
    return stretch.toMs > stretch.fromMs ? [{ ...stretch, rig, bait, distanceM: setup.distanceM ?? null }] : [];
  });
  const missed = state.signs.map(({ kind, rod, atMs, reason }): RodMiss => {
    const spell = state.rods.findLast((each) => each.rod === rod && each.fromMs <= atMs);
    return { ...tackleOf(spell?.setup ?? {}), kind, loss: reason ?? null };
  });
  return { outingId, waterId, fromMs, expected, stretches, hours: hoursOf(state, stretches), missed };
}

function hoursOf(state: OutingState, stretches: readonly RodStretch[]): HourOfOuting[] {
  if (stretches.length === 0) return [];
  const firstMs = Math.min(...stretches.map(({ fromMs }) => fromMs)) - TREND_MS;
  const lastMs = Math.max(...stretches.map(({ toMs }) => toMs));
  const hours: HourOfOuting[] = [];
  for (let atMs = Math.floor(firstMs / HOUR_MS) * HOUR_MS; atMs < lastMs; atMs += HOUR_MS) {
    const hour = hourOf(state, atMs);
    if (hour) hours.push(hour);
  }
  return hours;
}

/** Undefined where nothing is known of it. */
function hourOf({ conditions, forecast }: OutingState, atMs: number): HourOfOuting | undefined {
  const held = conditions.filter((each) => each.atMs <= atMs + HOUR_MS / 2 && each.atMs > atMs - STILL_HOLDS_MS);
  const measured = (kind: 'waterC' | 'pressureHpa' | 'windMs' | 'cloudOctas') =>
    held.findLast((each) => each[kind] !== undefined)?.[kind];
  const weather = forecast && forecast.hours.length > 0 ? weatherAt(forecast.hours, atMs) : undefined;
  const hour = {
    atMs,
    waterC: measured('waterC') ?? null,
    pressureHpa: measured('pressureHpa') ?? weather?.pressureHpa ?? null,
    windMs: measured('windMs') ?? weather?.windMs ?? null,
    cloudOctas: measured('cloudOctas') ?? weather?.cloudOctas ?? null,
  };
  const { atMs: _at, ...known } = hour;
  return Object.values(known).every((value) => value === null) ? undefined : hour;
}
