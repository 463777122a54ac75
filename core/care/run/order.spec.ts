import fc from 'fast-check';
import { runStateOf } from './runState.js';
import { advisedAgainst, counselOfRun } from './counselOfRun.js';
import { anyHistory, CAPTURE, event } from '../../spec/events.js';
import { anySituation, runAfter, context } from '../../spec/runContexts.js';
import type { CaptureEvent } from '../../domain/capture/event.js';
import { nextTap, rolesOf } from './order.js';
import { orderOfWork } from './orderOfWork.js';
import { DEFAULT_PRACTICES } from '../../domain/practice/bankPractices.js';
import { NO_RULES } from '../../domain/water/rules.js';
import { retentionLimit, type RunContextInput } from './runContext.js';
import { canHappen } from '../../domain/capture/steps.js';
import { replay } from '../../domain/capture/replay.js';

const order = (change: Partial<RunContextInput> = {}, ...events: CaptureEvent[]) =>
  orderOfWork(runAfter([event('hooked', 0), ...events], 60_000, change));
const next = (events: readonly CaptureEvent[], nowMs: number, change: Partial<RunContextInput> = {}) => {
  const tap = nextTap(replay(CAPTURE, events), runAfter(events, nowMs, change));
  return tap && (tap.kind === 'step' ? tap.step : tap.sign);
};

/** Follows the large control from the take to the release, a tap every four seconds, and says what was tapped. */
function follow(change: Partial<RunContextInput> = {}, ...first: CaptureEvent[]): string[] {
  const events = [event('hooked', 0), ...first];
  const tapped: string[] = [];
  for (let atMs = 300_000; tapped.length < 20; atMs += 4000) {
    const step = next(events, atMs, change);
    if (!step) return tapped;
    tapped.push(step);
    events.push(event(step as 'netted', atMs));
  }
  return tapped;
}

test('a clean carp takes nine taps from the take to the release', () => {
  expect(follow()).toEqual([
    ...['netted', 'hook-out', 'lifted', 'looked-over', 'weighed', 'pictured', 'carried', 'held', 'released'],
  ]);
});

test.each<[string, Partial<RunContextInput>, string[]]>([
  [
    'unhooked on the mat',
    { schools: { ...DEFAULT_PRACTICES, unhook: 'mat' } },
    ['netted', 'lifted', 'hook-out', 'looked-over', 'weighed', 'pictured', 'carried', 'held', 'released'],
  ],
  [
    'in a boat there is nothing to carry to',
    { bank: 'boat' },
    ['netted', 'hook-out', 'lifted', 'looked-over', 'weighed', 'pictured', 'held', 'released'],
  ],
  [
    'wading alone there is no scale',
    { bank: 'wading' },
    ['netted', 'hook-out', 'lifted', 'looked-over', 'pictured', 'held', 'released'],
  ],
  [
    'measured, where length is wanted',
    { schools: { ...DEFAULT_PRACTICES, measure: true, weigh: false } },
    ['netted', 'hook-out', 'lifted', 'looked-over', 'measured', 'pictured', 'carried', 'held', 'released'],
  ],
  [
    'over its line it does not leave the water',
    { species: 'pike', conditions: { waterC: 22.5 } },
    ['netted', 'hook-out', 'held', 'released'],
  ],
  ['in hard frost neither', { conditions: { airC: -8 } }, ['netted', 'hook-out', 'held', 'released']],
])('%s', (_, change, expected) => expect(follow(change)).toEqual(expected));

test('a small one is unhooked and goes; a spent one too', () => {
  expect(order({}, event('seen', 5, { sign: 'small' }))).toEqual(['netted', 'hook-out', 'held', 'released']);
  expect(follow({}, event('seen', 5, { sign: 'spent' }))).toEqual(['netted', 'hook-out', 'held', 'released']);
});

test('the hook comes away as it sits: cut when deep, left when swallowed', () => {
  const netted = [event('hooked', 0), event('netted', 1000)];
  expect(next([...netted, event('seen', 2000, { sign: 'hook-deep' })], 3000)).toBe('hook-cut');
  expect(next([...netted, event('seen', 2000, { sign: 'hook-swallowed' })], 3000)).toBe('line-cut');
  expect(next(netted, 62_000)).toBe('hook-cut');
});

test('what must be seen first comes before any step', () => {
  const netted = [event('hooked', 0), event('netted', 1000), event('hook-out', 2000)];
  expect(next([...netted, event('seen', 2500, { sign: 'thrashing' })], 3000)).toBe('calm');
  expect(next([...netted, event('seen', 2500, { sign: 'line-caught' })], 3000)).toBe('line-clear');
});

test('with its time in the air used up the water comes next; with most of it, a rest before the picture', () => {
  const lifted = [event('hooked', 0), event('netted', 1000), event('hook-out', 2000), event('lifted', 10_000)];
  expect(next([...lifted, event('looked-over', 12_000)], 41_000)).toBe('held');
  const weighed = [...lifted, event('weighed', 30_000)];
  expect(next(weighed, 35_000)).toBe('rested');
  expect(next([...weighed, event('rested', 36_000)], 90_000)).toBe('lifted');
  expect(next([...weighed, event('returned', 36_000)], 90_000)).toBe('held');
});

test('skipped steps are not asked for again', () => {
  const events = [
    event('hooked', 0),
    event('netted', 1),
    event('hook-out', 2),
    event('lifted', 3),
    event('pictured', 9),
  ];
  expect(next(events, 10)).toBe('carried');
});

test('the step put next can happen, and nothing that is said speaks against it', () => {
  fc.assert(
    fc.property(anyHistory, anySituation, fc.integer({ min: 0, max: 3_000_000 }), (events, context, nowMs) => {
      const state = replay(CAPTURE, events);
      const run = runStateOf(state, context, nowMs);
      const tap = nextTap(state, run);
      if (tap?.kind !== 'step') return;
      expect([tap.step, canHappen(state, tap.step)]).toEqual([tap.step, true]);
      expect([...advisedAgainst(run)]).not.toContain(tap.step);
    }),
    { numRuns: 2000 },
  );
});

test('two have their parts, one has none', () => {
  expect(rolesOf('weighed', context({ conditions: { companions: 1 } }))?.helper.code).toBe('run.roleWeighHelper');
  expect(rolesOf('weighed', context())).toBeUndefined();
});

test('cut in the net, no hook is asked out any more', () => {
  expect(order({}, event('netted', 10_000), event('hook-cut', 20_000))).not.toContain('hook-out');
  expect(order({}, event('netted', 10_000), event('hook-cut', 20_000))).toContain('hook-cut');
});

// Common practice, no source.
test.each([
  [0, 'held'],
  [0.5, 'lifted'],
])('at %d degrees of the air the large control says %s', (airC, step) => {
  const events = [event('hooked', 0), event('netted', 300_000), event('hook-out', 310_000)];
  expect(next(events, 350_000, { conditions: { waterC: 8, airC } })).toBe(step);
});

test('lifted against the counsel it goes back, and no picture comes next', () => {
  const events = [event('hooked', 0), event('netted', 300_000), event('hook-out', 310_000), event('lifted', 320_000)];
  expect(next(events, 322_000, { species: 'pike', conditions: { waterC: 27 } })).toBe('held');
});

test('a fish that is not named yet is judged by the strictest line of what it may be', () => {
  const line = (change: Partial<RunContextInput>) => context({ species: null, ...change }).stopLine.tempC;
  expect(line({ mayBe: ['carp', 'barbel'] })).toBe(23);
  expect(line({ mayBe: ['carp'] })).toBe(28);
  // With nothing planned: carp, pike, barbel or wels.
  expect(line({})).toBe(22);
  expect(context({ species: 'carp', mayBe: ['pike'] }).stopLine.tempC).toBe(28);
});

test.each([
  ['none', { kind: 'minutes', most: 20 }, 0],
  ['short', { kind: 'minutes', most: 20 }, 15],
  ['short', { kind: 'minutes', most: 10 }, 10],
  ['short', { kind: 'none' }, 0],
  ['none', null, 0],
  ['short', null, 15],
] as const)('keeping by the school %s under a rule of %j: the stricter counts', (keep, retention, minutes) => {
  const water = { name: 'Mere', rules: { ...NO_RULES, retention }, altitudeM: 0, salinity: 0 };
  expect(retentionLimit(context({ schools: { ...DEFAULT_PRACTICES, keep }, water })).ms).toBe(minutes * 60_000);
});

const crouching = { ...DEFAULT_PRACTICES, pictureAt: 'water' } as const;
test.each<[string, Partial<RunContextInput>, string[]]>([
  [
    'pictured in the water, then lifted to be weighed',
    { schools: crouching },
    ['netted', 'hook-out', 'pictured', 'lifted', 'looked-over', 'weighed', 'carried', 'held', 'released'],
  ],
  [
    'pictured in the water with nothing to read, it never leaves it',
    { schools: { ...crouching, weigh: false } },
    ['netted', 'hook-out', 'pictured', 'held', 'released'],
  ],
  [
    'measured on a floating board and pictured in the water',
    { schools: { ...crouching, weigh: false, measure: true, boardAt: 'water' } },
    ['netted', 'hook-out', 'measured', 'pictured', 'held', 'released'],
  ],
  [
    'over the side of a boat nobody crouches',
    { schools: crouching, bank: 'boat' },
    ['netted', 'hook-out', 'lifted', 'looked-over', 'weighed', 'pictured', 'held', 'released'],
  ],
])('%s', (_, change, expected) => expect(follow(change)).toEqual(expected));

test('with no net the hook comes out in the water, whatever the school', () => {
  const schools = { ...DEFAULT_PRACTICES, unhook: 'mat' } as const;
  expect(order({ schools }).slice(0, 3)).toEqual(['netted', 'lifted', 'hook-out']);
  expect(order({ schools }, event('seen', 5, { sign: 'no-net' })).slice(0, 3)).toEqual([
    'netted',
    'hook-out',
    'lifted',
  ]);
});

test('hung, it is laid level before anything else, and nothing else is said', () => {
  const lifted = [event('hooked', 0), event('netted', 1000), event('hook-out', 2000), event('lifted', 10_000)];
  const hung = [
    ...lifted,
    event('seen', 11_000, { sign: 'hangs-upright' }),
    event('seen', 11_500, { sign: 'bleeding' }),
  ];
  expect(next(hung, 60_000)).toBe('level');
  expect(counselOfRun(runAfter(hung, 60_000)).map(({ rule }) => rule)).toEqual(['hung']);
  expect(next([...hung, event('seen', 12_000, { sign: 'level' })], 13_000)).not.toBe('level');
});

test('with pliers as the school a swallowed hook is tried for a minute, then left', () => {
  const schools = { ...DEFAULT_PRACTICES, swallowed: 'pliers' } as const;
  const swallowed = [event('hooked', 0), event('netted', 1000), event('seen', 2000, { sign: 'hook-swallowed' })];
  expect(next(swallowed, 60_999, { schools })).toBe('hook-out');
  expect(next(swallowed, 61_000, { schools })).toBe('line-cut');
});

const CLUB_DAY = {
  name: 'Club day',
  identifier: 'green band 17',
  by: 'length',
  sort: 'club-day',
  lengthOf: null,
} as const;
const NO_FIGURES = { ...DEFAULT_PRACTICES, weigh: false, measure: false, picture: false };

test('a meeting that is on adds what it goes by to what the keeper does', () => {
  expect(follow({ schools: NO_FIGURES })).not.toContain('measured');
  expect(follow({ schools: NO_FIGURES, meeting: CLUB_DAY })).toEqual(expect.arrayContaining(['measured', 'pictured']));
  const season = { ...CLUB_DAY, by: 'weight', sort: 'own-season' } as const;
  const ofSeason = follow({ schools: NO_FIGURES, meeting: season });
  expect(ofSeason).toContain('weighed');
  expect(ofSeason).not.toContain('pictured');
});

test('the board is asked for with the identifier of the meeting, and by its rules', () => {
  const events = [event('hooked', 0), event('netted', 300_000), event('hook-out', 310_000)];
  const boardFirst = (change: Partial<RunContextInput>) =>
    counselOfRun(runAfter(events, 345_000, change)).find(({ rule }) => rule === 'board-first');
  const ofMeeting = boardFirst({ meeting: CLUB_DAY });
  expect(ofMeeting?.text.values).toEqual({ way: 'mat', identifier: 'green band 17' });
  expect(ofMeeting?.basis).toEqual({ kind: 'meeting', name: 'Club day' });
  const own = boardFirst({ schools: { ...DEFAULT_PRACTICES, measure: true } });
  expect(own?.text.values).toEqual({ way: 'mat', identifier: null });
  expect(own?.basis.kind).toBe('school');
  expect(boardFirst({ meeting: { ...CLUB_DAY, by: 'weight' } })).toBeUndefined();
});
