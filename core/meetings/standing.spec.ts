import type { Meeting } from '../domain/meeting/meeting.js';
import { standingOf, worthOf, type MeetingFish, type Entrant } from './standing.js';

const ANN = 'ann';
const BEN: Entrant = { keeperId: 'ben', lengthHabit: 'cm', pounds: false };
const meeting = (change: Partial<Meeting> = {}): Meeting => ({
  id: 'm',
  name: 'Club day',
  sort: 'own-season',
  kinds: ['pike'],
  waterIds: [],
  fromAt: '2026-06-01T05:00:00.000Z',
  toAt: '2026-06-01T19:00:00.000Z',
  by: 'length',
  best: 2,
  least: null,
  upgradeBy: null,
  lengthOf: null,
  identifier: null,
  sentWithinH: null,
  note: null,
  ...change,
});
/** A pike of so many half centimetres, so many minutes after six. */
const pike = (captureId: string, halfCm: number, minute: number, change: Partial<MeetingFish> = {}): MeetingFish => ({
  captureId,
  startedAt: new Date(Date.parse('2026-06-01T06:00:00.000Z') + minute * 60_000).toISOString(),
  outcome: 'released',
  species: 'pike',
  waterId: 'w',
  fishId: null,
  keeperId: BEN.keeperId,
  length: { unit: 'half-cm', count: halfCm, of: 'tip' },
  netGrams: null,
  putForward: [],
  ...change,
});
const ids = (list: readonly { fish: MeetingFish }[]) => list.map(({ fish }) => fish.captureId);
const codes = (fish: MeetingFish, change: Partial<Meeting> = {}) =>
  standingOf(meeting(change), [fish], BEN).failing.flatMap(({ fails }) => fails.map(({ code }) => code));

test('the list fills, then each larger one takes the place of the smallest', () => {
  const fish = [pike('a', 160, 0), pike('b', 180, 10), pike('c', 170, 20), pike('d', 200, 30), pike('e', 150, 40)];
  const standing = standingOf(meeting(), fish, BEN);
  expect(ids(standing.counted)).toEqual(['d', 'b']);
  expect(standing.total).toBe(1900);
  expect(standing.upgrades.map(({ fish: by, replaced, by: mm }) => [by.captureId, replaced.captureId, mm])).toEqual([
    ['c', 'a', 50],
    ['d', 'c', 150],
  ]);
  expect(ids(standing.smaller)).toEqual(['c', 'a', 'e']);
  expect(standing.nextMust).toBe(900);
});

test('the order in which fish come in changes nothing: they count as they were taken', () => {
  const fish = [pike('a', 160, 0), pike('b', 180, 10), pike('c', 170, 20)];
  expect(standingOf(meeting(), fish.toReversed(), BEN)).toEqual(standingOf(meeting(), fish, BEN));
});

test('an upgrade is one only by what the meeting asks; of equal ones the first stands', () => {
  const full = [pike('a', 160, 0), pike('b', 180, 10)];
  const counted = (third: MeetingFish, upgradeBy: number | null) =>
    ids(standingOf(meeting({ upgradeBy }), [...full, third], BEN).counted);
  expect(counted(pike('c', 160, 20), null)).toEqual(['b', 'a']);
  expect(counted(pike('c', 161, 20), null)).toEqual(['b', 'c']);
  expect(counted(pike('c', 161, 20), 10)).toEqual(['b', 'a']);
  expect(counted(pike('c', 162, 20), 10)).toEqual(['b', 'c']);
  expect(standingOf(meeting({ upgradeBy: 10 }), full, BEN).nextMust).toBe(810);
});

test('a list that is not full takes anything of the least size', () => {
  expect(standingOf(meeting(), [pike('a', 160, 0)], BEN).nextMust).toBeNull();
  expect(standingOf(meeting({ least: 600 }), [pike('a', 160, 0)], BEN).nextMust).toBe(600);
});

test('the same fish counts once, with its best, also when the list is not full', () => {
  const known = { fishId: 'notch' };
  const better = standingOf(meeting(), [pike('a', 160, 0, known), pike('b', 164, 10, known)], BEN);
  expect(ids(better.counted)).toEqual(['b']);
  expect(better.failing).toMatchObject([{ fish: { captureId: 'a' }, fails: [{ code: 'meeting.sameFish' }] }]);
  const worse = standingOf(meeting(), [pike('a', 164, 0, known), pike('b', 160, 10, known)], BEN);
  expect(ids(worse.counted)).toEqual(['a']);
  expect(ids(worse.failing)).toEqual(['b']);
});

test.each<[string, Partial<MeetingFish>, Partial<Meeting>]>([
  ['anotherAngler', { keeperId: null }, {}],
  ['anotherAngler', { keeperId: ANN }, {}],
  ['otherKind', { species: 'zander' }, {}],
  ['otherKind', { species: null }, {}],
  ['otherWater', {}, { waterIds: ['elsewhere'] }],
  ['otherWater', { waterId: null }, { waterIds: ['w'] }],
  ['didNotLeave', { outcome: 'died' }, {}],
  ['notMeasured', { length: null }, {}],
  ['notMeasured', {}, { by: 'weight' }],
  ['tailOtherwise', {}, { lengthOf: 'pinched' }],
  ['tooSmall', {}, { least: 800.1 }],
])('it says %s', (code, fish, change) => expect(codes(pike('a', 160, 0, fish), change)).toEqual([`meeting.${code}`]));

test('within the rules nothing is said', () => {
  expect(codes(pike('a', 160, 0))).toEqual([]);
  expect(codes(pike('a', 160, 0), { least: 800, lengthOf: 'tip', waterIds: ['w'] })).toEqual([]);
  expect(codes(pike('a', 160, 0, { species: 'zander' }), { kinds: [] })).toEqual([]);
  expect(codes(pike('a', 160, 0, { netGrams: 5000 }), { by: 'weight' })).toEqual([]);
});

test('a fish before or after its time is none of it, nor one that got off', () => {
  const all = [pike('early', 160, -61), pike('first', 160, -60), pike('last', 160, 780), pike('late', 160, 781)];
  const standing = standingOf(meeting({ best: 9 }), [...all, pike('off', 160, 5, { outcome: 'lost' })], BEN);
  expect(ids(standing.counted)).toEqual(['first', 'last']);
  expect(standing.failing).toEqual([]);
});

test('put forward in time it counts; later only with a reason', () => {
  const club: Partial<Meeting> = { sort: 'club-day', sentWithinH: 2 };
  const put = (at: string, lateWhy?: string) => ({
    putForward: [{ meetingId: 'm', sha256: 's', at, checks: [], ...(lateWhy && { lateWhy }) }],
  });
  expect(codes(pike('a', 160, 0, put('2026-06-01T08:00:00.000Z')), club)).toEqual([]);
  expect(codes(pike('a', 160, 0, put('2026-06-01T08:00:00.001Z')), club)).toEqual(['meeting.sentLate']);
  expect(codes(pike('a', 160, 0, put('2026-06-01T12:00:00.000Z', 'No signal.')), club)).toEqual([]);
  const other = { putForward: [{ meetingId: 'other', sha256: 's', at: '2026-06-01T07:00:00.000Z', checks: [] }] };
  const standing = standingOf(meeting({ ...club, best: 1 }), [pike('a', 160, 0, other)], BEN);
  expect(standing.failing).toEqual([]);
  expect(standing.counted[0]?.waits).toEqual({ untilMs: Date.parse('2026-06-01T08:00:00.000Z') });
});

test('what was not put forward yet counts on the own list and is told apart', () => {
  const put = { putForward: [{ meetingId: 'm', sha256: 's', at: '2026-06-01T07:00:00.000Z', checks: [] }] };
  const fish = [pike('a', 160, 0, put), pike('b', 180, 10)];
  const club = standingOf(meeting({ sort: 'club-day' }), fish, BEN);
  expect([club.total, club.putForward]).toEqual([1700, 800]);
  expect(club.counted.map(({ waits }) => waits)).toEqual([{ untilMs: null }, null]);
  const season = standingOf(meeting(), fish, BEN);
  expect([season.total, season.putForward]).toEqual([1700, 1700]);
});

test('what one more would be worth', () => {
  const full = standingOf(meeting({ upgradeBy: 10 }), [pike('a', 160, 0), pike('b', 180, 10)], BEN);
  expect([800, 809, 810, 950].map((mm) => worthOf(meeting({ upgradeBy: 10 }), full, mm))).toEqual([0, 0, 10, 150]);
  const open = standingOf(meeting({ least: 600 }), [pike('a', 160, 0)], BEN);
  expect([599, 600].map((mm) => worthOf(meeting({ least: 600 }), open, mm))).toEqual([0, 600]);
});
