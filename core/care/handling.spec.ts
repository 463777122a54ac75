import { cleanCapture, event } from '../spec/events.js';
import { runAfter } from '../spec/runContexts.js';
import type { CaptureEvent } from '../domain/capture/event.js';
import { median } from '../statistics/median.js';
import { pastOf, splitsOf, suggestionOf, type HandlingPast } from './handling.js';
import { replay } from '../domain/capture/replay.js';

const marks = (events: readonly CaptureEvent[]) => replay('c', events).marks;
const run = (pictureMs: number, ...more: CaptureEvent[]) => [
  ...[event('hooked', 0), event('netted', 300_000), event('hook-out', 310_000), event('lifted', 320_000)],
  ...[
    event('looked-over', 325_000),
    event('pictured', 325_000 + pictureMs),
    event('held', 330_000 + pictureMs),
    ...more,
  ],
  event('released', 400_000),
];
const NONE: HandlingPast = { captures: 0, airMs: null, steps: [] };
const suggest = (events: readonly CaptureEvent[], past = NONE) =>
  suggestionOf(splitsOf(marks(events)), runAfter(events, 400_000), past).text;

test('splits go from step to step', () => {
  expect(splitsOf(marks(cleanCapture())).slice(0, 4)).toEqual([
    { step: 'netted', atMs: 300_000, tookMs: 300_000 },
    { step: 'hook-out', atMs: 330_000, tookMs: 30_000 },
    { step: 'lifted', atMs: 360_000, tookMs: 30_000 },
    { step: 'weighed', atMs: 380_000, tookMs: 20_000 },
  ]);
});

test('a treatment of several taps is one stretch; what is done on the side is none', () => {
  const treated = (atMs: number, what: 'antiseptic' | 'sealant') => event('treated', atMs, { with: what });
  const log = [
    event('hooked', 0),
    event('lifted', 10_000),
    event('zeroed', 11_000),
    treated(14_000, 'antiseptic'),
    treated(19_000, 'sealant'),
  ];
  expect(splitsOf(marks(log)).at(-1)).toEqual({ step: 'treated', atMs: 19_000, tookMs: 9000 });
});

test('the past is in medians', () => {
  expect([median([]), median([4]), median([9, 1, 2, 4])]).toEqual([null, 4, 3]);
  const past = pastOf([4000, 6000, 9000].map((ms) => ({ marks: marks(run(ms)), airMs: ms + 10_000 })));
  expect(past).toMatchObject({ captures: 3, airMs: 16_000 });
  expect(past.steps.find(({ step }) => step === 'pictured')).toEqual({ step: 'pictured', medianMs: 6000, times: 3 });
});

test('what was against the fish is said first, then what was slow, then that it went well', () => {
  const past = pastOf([4000, 5000, 6000].map((ms) => ({ marks: marks(run(ms)), airMs: ms })));
  expect(suggest(run(40_000), past)).toEqual({
    code: 'care.reviewAir',
    values: { longestAirMs: 50_000, spellMs: 30_000, most: 'pictured' },
  });
  expect(suggest(run(15_000), past)).toEqual({
    code: 'care.reviewSlow',
    values: { step: 'pictured', tookMs: 15_000, medianMs: 5000 },
  });
  expect(suggest(run(5000), past).code).toBe('care.reviewGood');
  expect(suggest(run(5000, event('dropped', 329_000)), past).code).toBe('care.reviewDropped');
  expect(suggest([event('hooked', 0), event('netted', 1), event('hook-out', 2), event('released', 9)]).code).toBe(
    'care.reviewNeverLifted',
  );
  expect(
    suggest([event('hooked', 0), event('lifted', 1), event('returned', 9000), event('released', 10_000)]).code,
  ).toBe('care.reviewNotLookedOver');
});
