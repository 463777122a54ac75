import type { CaptureEvent, EventType } from '@keeper/core/domain/capture/event';
import { replay } from '@keeper/core/domain/capture/replay';
import { createRng } from '@keeper/core/statistics/rng';
import { judgeRehearsal } from '@keeper/core/rehearse/judge';
import { rehearsalOf, type Rehearsal } from '@keeper/core/rehearse/rehearsal';
import { drawScenario, type Scenario } from '@keeper/core/rehearse/scenario';
import { demoIds } from './ids.js';

/** Evenings at home in which the demo keeper played fish through, the oldest first. */
const EVENINGS = [3, 9, 16, 25, 33, 44, 52, 61].map((day) => Date.UTC(2026, 1, day, 19, 30));

/**
 * The rehearsals of the demo keeper: slow and with things forgotten at first, better every few evenings. Judged as any
 * other is.
 */
export function demoRehearsals(): Rehearsal[] {
  const drawn: string[] = [];
  return EVENINGS.map((atMs, i) => {
    const seed = `evening ${i}`;
    const scenario = drawScenario(seed, drawn);
    drawn.push(scenario.id);
    const id = demoIds(seed, atMs)();
    const state = replay('rehearsal', played(scenario, seed, atMs, i / (EVENINGS.length - 1)));
    return rehearsalOf(
      { id, at: new Date(atMs).toISOString(), scenario: scenario.id, seed },
      judgeRehearsal(scenario, state),
    );
  });
}

/** One fish played through; `skill` goes from 0, the first evening, to 1. */
function played(scenario: Scenario, seed: string, atMs: number, skill: number): CaptureEvent[] {
  const luck = createRng(seed);
  const nextId = demoIds(`${seed} taps`, atMs);
  let elapsedMs = 0;
  const events: CaptureEvent[] = [];
  const tap = (type: EventType, seconds: number, payload: object = {}) => {
    elapsedMs += Math.round(1000 * seconds * luck.between(0.8, 1.2) * (1.8 - 0.9 * skill));
    const head = { id: nextId(), captureId: 'rehearsal', deviceId: 'demo-phone', at: new Date(atMs).toISOString() };
    events.push({ ...head, elapsedMs, type, payload } as CaptureEvent);
  };
  const remembered = () => luck.next() < 0.35 + 0.6 * skill;
  tap('hooked', 0, { around: scenario.conditions });
  // The fight is over when a rehearsal begins.
  elapsedMs = scenario.fightMs;
  tap('netted', 2);
  if (remembered()) tap('zeroed', 8);
  tap(remembered() && scenario.twists.some(({ sign }) => sign === 'hook-deep') ? 'hook-cut' : 'hook-out', 9);
  if (remembered()) tap('wetted', 5);
  tap('lifted', 6);
  if (remembered()) tap('looked-over', 5);
  tap('weighed', 8);
  if (remembered()) {
    tap('rested', 5);
    tap('lifted', 30);
  }
  tap('pictured', 9);
  if (remembered()) tap('held', 5);
  tap('released', 60);
  return events;
}
