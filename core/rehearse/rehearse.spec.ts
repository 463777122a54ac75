import { CAPTURE, event } from '../spec/events.js';
import { replay } from '../domain/capture/replay.js';
import type { CaptureEvent } from '../domain/capture/event.js';
import { DECISION_RULES, judgeRehearsal } from './judge.js';
import { drawScenario, SCENARIO_IDS, scenarioOf, twistsTold } from './scenario.js';

type Tap = readonly [type: string, atS: number, payload?: object];
const state = (...taps: Tap[]) =>
  replay(CAPTURE, [
    event('hooked', 0),
    ...taps.map(([type, atS, payload]): CaptureEvent => event(type as 'seen', atS * 1000, payload as { sign: 'calm' })),
  ]);
const judged = (id: string, ...taps: Tap[]) =>
  new Map(judgeRehearsal(scenarioOf(id, '1'), state(...taps)).decisions.map((each) => [each.id, each.right]));
const AWAY: Tap[] = [
  ['held', 330],
  ['released', 390],
];
const TO_HOOK: Tap[] = [
  ['netted', 240],
  ['hook-out', 250],
];
const LIFTED: Tap[] = [...TO_HOOK, ['lifted', 300]];
const wound: Tap = ['wound-noted', 305, { wound: { kind: 'ulcer', side: 'left', at: { u: 0.7, v: 0 }, sizeMm: 20 } }];

test('at least twenty, each drawn by some seed, the same by the same', () => {
  expect(SCENARIO_IDS.length).toBeGreaterThanOrEqual(20);
  const drawn = new Set(Array.from({ length: 400 }, (_, i) => drawScenario(String(i)).id));
  expect([...drawn].sort()).toEqual([...SCENARIO_IDS].sort());
  expect(drawScenario('7')).toEqual(drawScenario('7'));
  expect(drawScenario('7')).not.toEqual(drawScenario('8'));
  const first = drawScenario('7').id;
  expect(drawScenario('7', [first]).id).not.toBe(first);
  expect(() => scenarioOf('none', '1')).toThrow(RangeError);
});

test('what turns up is told when its moment has come', () => {
  const scenario = scenarioOf('line-caught', '1');
  const cut = state(['netted', 240], ['hook-cut', 250]).marks;
  const [caught, clear] = scenario.twists;
  expect(twistsTold(scenario, cut, 250_000 + (caught?.afterMs ?? 0) - 1)).toEqual([]);
  expect(twistsTold(scenario, cut, 250_000 + (clear?.afterMs ?? 0))).toEqual([caught, clear]);
  expect(twistsTold(scenario, state(['netted', 240]).marks, 9_000_000)).toEqual([]);
});

/** Each decision, rightly and wrongly made. */
const CASES: Record<string, readonly [scenario: string, right: Tap[], wrong: Tap[]]> = {
  net: ['clean', LIFTED, [['lifted', 300]]],
  hook: [
    'deep',
    [
      ['netted', 240],
      ['hook-cut', 250],
    ],
    TO_HOOK,
  ],
  'hook-left': ['clean', [...LIFTED, ...AWAY], [['netted', 240], ['lifted', 300], ...AWAY]],
  shed: [
    'shed',
    [
      ['netted', 240],
      ['hook-shed', 250],
    ],
    TO_HOOK,
  ],
  wait: ['lively', [...TO_HOOK, ['lifted', 260]], [...TO_HOOK, ['lifted', 251]]],
  free: ['line-caught', LIFTED, [...TO_HOOK, ['lifted', 252]]],
  'stay-in-water': ['boat-pike', TO_HOOK, LIFTED],
  zero: ['not-zeroed', [['zeroed', 200], ...LIFTED, ['weighed', 310]], [...LIFTED, ['weighed', 310]]],
  mat: ['hot-mat', [['wetted', 290], ...LIFTED], LIFTED],
  air: ['clean', [...LIFTED, ['held', 329]], [...LIFTED, ['held', 331]]],
  treat: [
    'ulcer',
    [...LIFTED, wound, ['treated', 306, { with: 'antiseptic' }], ['treated', 307, { with: 'sealant' }]],
    [...LIFTED, wound, ['treated', 307, { with: 'sealant' }]],
  ],
  dropped: [
    'dropped',
    [...LIFTED, ['weighed', 305], ['dropped', 310]],
    [...LIFTED, ['weighed', 305], ['dropped', 310], ['pictured', 315]],
  ],
  'second-rod': ['second-rod', [...LIFTED, ['rested', 310]], [...LIFTED, ['rested', 328]]],
  'no-keeping': ['no-keeping', LIFTED, [...LIFTED, ['rested', 310]]],
  predator: ['otter', [...LIFTED, ['held', 330], ['released', 350]], [...LIFTED, ['held', 330], ['released', 335]]],
  recovery: ['slow', [...LIFTED, ['held', 330], ['released', 380]], [...LIFTED, ['held', 330], ['released', 340]]],
  board: ['board', [...LIFTED, ['measured', 320], ['held', 360]], [...LIFTED, ['measured', 320], ['held', 361]]],
  held: ['clean', [...LIFTED, ...AWAY], [...LIFTED, ['returned', 330], ['released', 340]]],
};

test('every decision is tried', () =>
  expect(Object.keys(CASES).sort()).toEqual(DECISION_RULES.map(({ id }) => id).sort()));

test.each(Object.entries(CASES))('%s', (id, [scenario, right, wrong]) => {
  const sorted = (taps: Tap[]) => [...taps].sort((a, b) => a[1] - b[1]);
  expect(judged(scenario, ...sorted(right)).get(id)).toBe(true);
  expect(judged(scenario, ...sorted(wrong)).get(id)).toBe(false);
});

test('where length counts, a fish that was not measured was handled for nothing', () => {
  expect(judged('board', ...LIFTED, ['held', 320]).get('board')).toBe(false);
  expect(judged('floating-board', ...TO_HOOK, ['measured', 260, { in: 'water' }]).get('board')).toBe(true);
});

test('a forbidden treatment is wrong, leaving it alone is right', () => {
  expect(judged('no-treatment', ...LIFTED, wound).get('treat')).toBe(true);
  expect(judged('no-treatment', ...LIFTED, wound, ['treated', 306, { with: 'antiseptic' }]).get('treat')).toBe(false);
});

test('the numbers of a rehearsal', () => {
  const rehearsed = judgeRehearsal(scenarioOf('clean', '1'), state(...LIFTED, ...AWAY));
  expect(rehearsed).toMatchObject({
    airMs: 30_000,
    longestAirMs: 30_000,
    budgetMs: 30_000,
    handledMs: 150_000,
    score: 1,
  });
  expect(rehearsed.splits.map(({ step }) => step)).toEqual(['netted', 'hook-out', 'lifted', 'held', 'released']);
});

test('a fish that was never netted has no time from the net', () => {
  expect(judgeRehearsal(scenarioOf('clean', '1'), state(['lifted', 300], ...AWAY)).handledMs).toBeNull();
});
