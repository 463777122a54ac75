import { event } from '../spec/events.js';
import { runAfter } from '../spec/runContexts.js';
import type { CaptureEvent } from '../domain/capture/event.js';
import { CAPTURE } from '../spec/events.js';
import { deathFacts } from './deathReview.js';
import type { RunContextInput } from './run/runContext.js';
import { replay } from '../domain/capture/replay.js';

const netted = (atS = 300): CaptureEvent[] => [event('hooked', 0), event('netted', atS * 1000)];
const ids = (events: CaptureEvent[], change: Partial<RunContextInput> = {}) => {
  const state = replay(CAPTURE, events);
  return deathFacts(state, runAfter(events, state.endMs ?? 0, change)).map(({ id }) => id);
};
const ended = (atS: number, leaving: 'not-recovered' | 'found-dead' = 'not-recovered') =>
  event('left-as', atS * 1000, { leaving });

// Common practice, no source, but where the facts name theirs.
test.each<[string, CaptureEvent[], Partial<RunContextInput>, string[]]>([
  ['nothing in the log explains it', [...netted(), event('hook-out', 310_000), ended(600)], {}, []],
  ['warm water, at the line', [...netted(), ended(600)], { conditions: { waterC: 28 } }, ['warm']],
  ['just under the line', [...netted(), ended(600)], { conditions: { waterC: 27.9 } }, []],
  ['a fight of ten minutes', [...netted(600), ended(700)], {}, ['fight']],
  ['a shorter fight', [...netted(599), ended(700)], {}, []],
  ['swallowed', [...netted(), event('seen', 305_000, { sign: 'hook-swallowed' }), ended(600)], {}, ['hook']],
  [
    'dropped',
    [...netted(), event('lifted', 310_000), event('dropped', 312_000), event('returned', 320_000), ended(600)],
    {},
    ['dropped'],
  ],
  ['its measure of air', [...netted(), event('lifted', 310_000), event('returned', 340_000), ended(600)], {}, []],
  [
    'more air than its measure',
    [...netted(), event('lifted', 310_000), event('returned', 340_100), ended(600)],
    {},
    ['air'],
  ],
  [
    'lifted in frost',
    [...netted(), event('lifted', 310_000), event('returned', 315_000), ended(600)],
    { conditions: { airC: 0 } },
    ['frost'],
  ],
  ['kept for longer than a quarter of an hour', [...netted(), ended(1201)], {}, ['kept']],
])('%s', (_name, events, change, facts) => {
  expect(ids(events, change)).toEqual(facts);
});

test('a fish found dead days later is dead in the book, whatever was said at its release', () => {
  const state = replay(CAPTURE, [
    ...netted(),
    event('released', 600_000),
    event('left-as', 610_000, { leaving: 'strong' }),
    event('left-as', 2 * 86_400_000, { leaving: 'found-dead' }),
  ]);
  expect(state).toMatchObject({ outcome: 'died', leaving: 'found-dead', endMs: 600_000 });
});
