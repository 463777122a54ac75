import fc from 'fast-check';
import type { OutingEvent, OutingEventType, OutingPayloads } from './event.js';
import { lastOutingTap, newest, outingMoment, summaryOfOuting, replayOuting } from './outingState.js';

const OUTING = 'o1';
let made = 0;
function event<T extends OutingEventType>(type: T, minute: number, payload: OutingPayloads[T]): OutingEvent {
  made += 1;
  const at = new Date(Date.UTC(2026, 6, 15, 5, minute)).toISOString();
  return {
    id: `e${String(made).padStart(4, '0')}`,
    outingId: OUTING,
    deviceId: 'phone',
    at,
    type,
    payload,
  } as OutingEvent;
}
const told = (...events: OutingEvent[]) => replayOuting(OUTING, events);
const at = (minute: number) => new Date(Date.UTC(2026, 6, 15, 5, minute)).toISOString();

const planned = event('outing-planned', 0, {
  waterId: 'w',
  fromAt: at(0),
  toAt: at(600),
  companions: 1,
  expected: ['carp'],
});
const history = [
  planned,
  event('swim-taken', 1, { swimId: 's1' }),
  event('item-checked', 2, { item: 'net', done: true }),
  event('condition-taken', 3, { source: 'hand', waterC: 18, depth: 'surface', when: at(3) }),
  event('condition-taken', 90, { source: 'probe', waterC: 19.5, when: at(90) }),
  event('care-done', 100, { kind: 'turned', face: 'down', when: at(100) }),
  event('laid-out', 101, { layout: { mat: { xM: 0, yM: -2 } } }),
  event('run-dropped', 110, {}),
  event('run-dropped', 120, {}),
];

test('an outing is told from its events', () => {
  const state = told(...history);
  expect(state).toMatchObject({ waterId: 'w', companions: 1, checked: ['net'], runsDropped: 2, endedAt: null });
  expect(state.deeds).toMatchObject([{ kind: 'turned', face: 'down', atMs: Date.parse(at(100)) }]);
  expect(newest(state, 'waterC')?.value).toBe(19.5);
  expect(newest(state, 'waterC', Date.parse(at(60)))?.value).toBe(18);
  expect(newest(state, 'airC')).toBeNull();
});

test('an end by mistake can be taken back, also when something was put right after it', () => {
  const end = event('outing-ended', 130, { note: 'Wind got up' });
  const after = event('item-checked', 131, { item: 'close.hooks', done: true });
  expect(told(planned).endedBy).toBeNull();
  expect(told(planned, end, after).endedBy).toBe(end.id);
  const goesOn = told(planned, end, after, event('taken-back', 132, { eventId: end.id }));
  expect(goesOn).toMatchObject({ endedBy: null, endedAt: null, note: null, checked: ['close.hooks'] });
});

test('the order of arrival, and repeats, change nothing', () => {
  fc.assert(
    fc.property(fc.shuffledSubarray(history, { minLength: history.length }), fc.subarray(history), (mixed, again) => {
      expect(told(...mixed, ...again)).toEqual(told(...history));
    }),
  );
});

test('what is taken back is as if it had never been', () => {
  const drop = event('run-dropped', 130, {});
  const undo = event('taken-back', 131, { eventId: drop.id });
  expect(told(...history, drop, undo)).toEqual(told(...history));
});

test('a second plan replaces the first; another swim begins its list anew', () => {
  const later = event('outing-planned', 140, { ...planned.payload, toAt: at(700) } as OutingPayloads['outing-planned']);
  const moved = event('swim-taken', 150, { swimId: 's2' });
  const state = told(...history, later, moved);
  expect(state.toMs).toBe(Date.parse(at(700)));
  expect(state).toMatchObject({ checked: [], layout: null });
  expect(summaryOfOuting(state)).toMatchObject({ swimId: 's2', runsDropped: 2 });
  expect(state.conditions).toHaveLength(2);
});

test('unchecked is not checked', () => {
  expect(told(...history, event('item-checked', 160, { item: 'net', done: false })).checked).toEqual([]);
});

test('an outing is looked at now while it is under way, else at its beginning', () => {
  const hour = 3_600_000;
  const outing = { fromMs: 100 * hour, toMs: 110 * hour, endedAt: null };
  expect([50, 99, 105, 112, 200].map((now) => outingMoment(outing, now * hour) / hour)).toEqual([
    100, 100, 105, 110, 100,
  ]);
  expect(outingMoment({ ...outing, endedAt: 'then' }, 105 * hour)).toBe(100 * hour);
});

test('taps can be taken back, plans cannot', () => {
  expect(lastOutingTap(told(planned))).toBeNull();
  expect(lastOutingTap(told(...history))?.type).toBe('run-dropped');
});

test('a cast whose time is put right stays in the swim that it was cast in', () => {
  const cast = event('rod-out', 5, { rod: 1, setup: { bait: 'Bread' }, when: at(5) });
  const moved = [event('swim-taken', 1, { swimId: 's1' }), cast, event('swim-taken', 60, { swimId: 's2' })];
  expect(told(planned, ...moved).rods).toMatchObject([{ swimId: 's1', castId: cast.id, fromMs: Date.parse(at(5)) }]);
  const later = [
    event('taken-back', 200, { eventId: cast.id }),
    event('rod-out', 200, { rod: 1, setup: { bait: 'Bread' }, when: at(20), swimId: 's1' }),
  ];
  const [spell] = told(planned, ...moved, ...later).rods;
  expect(spell).toMatchObject({ swimId: 's1', fromMs: Date.parse(at(20)), toMs: Date.parse(at(60)) });
});

describe('a fish that was lost on a rod', () => {
  const lost = event('fish-lost', 130, { rod: 1, when: at(130) });
  const how = event('lost-how', 131, { of: lost.id, reason: 'line-parted' });
  const left = event('lost-how', 132, { of: lost.id, reason: 'line-parted', left: 'hook' });
  const signs = (...events: OutingEvent[]) => told(...history, ...events).signs.slice(2);

  test('is told of afterwards, one tap after the other', () => {
    expect(signs(lost)).toMatchObject([{ kind: 'fish-lost', rod: 1 }]);
    expect(signs(lost)[0]).not.toHaveProperty('reason');
    expect(signs(lost, how, left)).toMatchObject([{ kind: 'fish-lost', reason: 'line-parted', left: 'hook' }]);
  });

  test('what was told is taken back before the fish itself', () => {
    expect(lastOutingTap(told(...history, lost, how))?.type).toBe('lost-how');
    const back = event('taken-back', 133, { eventId: left.id });
    expect(signs(lost, how, left, back)[0]).not.toHaveProperty('left');
    expect(signs(lost, how, event('taken-back', 134, { eventId: lost.id }))).toEqual([]);
  });

  test('of a run that was dropped, or of another outing, nothing is told', () => {
    const drop = event('run-dropped', 135, {});
    expect(signs(drop, event('lost-how', 136, { of: drop.id, reason: 'snagged' }))[0]).not.toHaveProperty('reason');
    expect(signs(lost, event('lost-how', 137, { of: 'elsewhere', reason: 'snagged' }))).toHaveLength(1);
  });
});

test('a swim that was amended is the other wherever it stands, until that is taken back', () => {
  const log = [
    ...history,
    event('rod-out', 130, { rod: 1, setup: {}, when: at(130) }),
    event('bite-missed', 135, { rod: 1 }),
    event('rod-in', 140, { rod: 1, why: 'rested', when: at(140) }),
  ];
  const amended = event('swim-amended', 200, { from: 's1', to: 's2' });
  const state = told(...log, amended);
  expect(state.swims.map(({ swimId }) => swimId)).toEqual(['s2']);
  expect(state.rods.map(({ swimId }) => swimId)).toEqual(['s2']);
  expect(new Set(state.signs.map(({ swimId }) => swimId))).toEqual(new Set(['s2']));
  expect(summaryOfOuting(state).fished.map(({ swimId }) => swimId)).toEqual(['s2']);
  const further = told(...log, amended, event('swim-amended', 201, { from: 's2', to: 's3' }));
  expect(further.swims.map(({ swimId }) => swimId)).toEqual(['s3']);
  const back = told(...log, amended, event('taken-back', 202, { eventId: amended.id }));
  expect(back.swims.map(({ swimId }) => swimId)).toEqual(['s1']);
});
