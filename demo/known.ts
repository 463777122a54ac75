import type { CaptureEvent, Identified } from '@keeper/core/domain/capture/event';
import type { DemoCapture } from './captures.js';
import { demoIds } from './ids.js';
import { DAY_MS } from '@keeper/core/measure/timeSpan';

/** A known fish of the demo: its row and what the keeper said of its catches. */
export interface DemoKnown {
  readonly row: { readonly id: string; readonly name: string; readonly note: string | null };
  readonly events: readonly CaptureEvent[];
}

/** Invented names; the first go to the fish that were had most. */
const NAMES: readonly (readonly [string, string | null])[] = [
  ['Copper Lid', 'Copper on the gill cover when the sun is low.'],
  ['Rushlight', null],
  ['Ferryman', 'Always within a cast of the reeds.'],
  ['Old Sallow', null],
  ['Thimble', 'A nick in the top of the tail, from both sides.'],
  ['Wicket', null],
  ['Drover', null],
  ['Tallow', null],
  ['Kingcup', null],
  ['Sexton', null],
];
/** The keeper has linked the first two seasons by eye; the third is still to do. */
const LINKED_UNTIL_MS = Date.UTC(2026, 0, 1);

/**
 * The fish that the keeper knows again at the opening of the demo: those had more than once in the first two seasons.
 */
export function demoKnown(captures: readonly DemoCapture[]): DemoKnown[] {
  const byFish = new Map<string, DemoCapture[]>();
  for (const capture of captures) {
    if (capture.picturedMs === null || capture.takenAtMs >= LINKED_UNTIL_MS) continue;
    byFish.set(capture.fish.name, [...(byFish.get(capture.fish.name) ?? []), capture]);
  }
  return [...byFish]
    .filter(([, catches]) => catches.length > 1)
    .toSorted(([, a], [, b]) => b.length - a.length)
    .slice(0, NAMES.length)
    .map(([fish, catches], i) => {
      const [name, note] = NAMES[i] ?? [fish, null];
      const fishId = demoIds(`known ${fish}`, catches[0]?.takenAtMs ?? 0)();
      const events = catches.map(({ captureId, takenAtMs }, n) => {
        const atMs = takenAtMs + DAY_MS;
        const says: Identified['says'] = n === 0 ? 'new' : 'same';
        return {
          id: demoIds(`known ${captureId}`, atMs)(),
          captureId,
          deviceId: 'demo-desk',
          at: new Date(atMs).toISOString(),
          elapsedMs: DAY_MS,
          type: 'identified' as const,
          payload: { says, fishId, ...(n > 0 && { why: `By eye: ${name} again` }) },
        };
      });
      return { row: { id: fishId, name, note }, events };
    });
}
