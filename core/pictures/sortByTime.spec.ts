import { createRng } from '../statistics/rng.js';
import { BankTimes, type CaptureSpan } from './bankTimes.js';
import { sortByTime, type CardPicture } from './sortByTime.js';

function sorted(pictures: readonly CardPicture[], captures: readonly CaptureSpan[], nowMs: number) {
  return sortByTime(pictures, new BankTimes(captures), nowMs);
}

const MINUTE = 60_000;
const HOUR = 60 * MINUTE;
const DAY = Date.UTC(2026, 5, 1, 5);
const NOW = Date.UTC(2026, 5, 20);
const taken = (sha256: string, minutes: number | null): CardPicture => ({
  sha256,
  takenMs: minutes === null ? null : DAY + minutes * MINUTE,
});
const captures: readonly CaptureSpan[] = [
  { captureId: 'carp', fromMs: DAY, toMs: DAY + 20 * MINUTE, has: ['known'] },
  { captureId: 'pike', fromMs: DAY + 8 * HOUR, toMs: DAY + 8 * HOUR + 12 * MINUTE, has: [] },
];
const names = (pictures: readonly CardPicture[]) => pictures.map(({ sha256 }) => sha256).join(' ');

test('pictures go to the fish that was on the bank, the others lie together by time', () => {
  const card = sorted(
    [taken('b', 14), taken('a', 12), taken('c', 485), taken('d', 1500), taken('e', 1503), taken('f', 1560)],
    captures,
    NOW,
  );
  expect(card.groups.map(({ captureId, pictures }) => [captureId, names(pictures)])).toEqual([
    ['carp', 'a b'],
    ['pike', 'c'],
    [null, 'd e'],
    [null, 'f'],
  ]);
  expect(card.clockOffMs).toBe(0);
});

test('what is known, twice there, without a date or from the future stands apart', () => {
  const card = sorted(
    [taken('known', 11), taken('a', 12), taken('a', 12), taken('plain', null), taken('ahead', 60 * 24 * 400)],
    captures,
    NOW,
  );
  expect([names(card.known), names(card.undated), names(card.future)]).toEqual(['known', 'plain', 'ahead']);
  expect(card.groups).toEqual([{ captureId: 'carp', perhaps: 0, pictures: [taken('a', 12)] }]);
});

test.each([
  ['an hour behind, as after summer time', -60],
  ['in another zone', 5.5 * 60],
])('a camera clock that is %s is set right', (_, offMin) => {
  const card = sorted(
    [10, 12, 14, 482, 484].map((at, i) => taken(String(i), at + offMin)),
    captures,
    NOW,
  );
  expect(card.clockOffMs).toBe(-offMin * MINUTE);
  expect(card.groups.map(({ captureId, pictures }) => [captureId, pictures.length])).toEqual([
    ['carp', 3],
    ['pike', 2],
  ]);
});

test('pictures of no fish do not move the clock', () =>
  expect(sorted([taken('a', 2000), taken('b', 2600), taken('c', 3300)], captures, NOW).clockOffMs).toBe(0));

test('an empty card is an empty proposal', () =>
  expect(sorted([], captures, NOW)).toEqual({ groups: [], undated: [], future: [], known: [], clockOffMs: 0 }));

test('looked up in order it is what going over all of them finds', () => {
  const luck = createRng('bank times');
  const spans = Array.from({ length: 200 }, (_, i) => {
    const fromMs = luck.whole(0, 40_000) * 60_000;
    return { captureId: `c${i}`, fromMs, toMs: fromMs + luck.whole(0, i % 20 === 0 ? 5000 : 40) * 60_000, has: [] };
  });
  const on = ({ fromMs, toMs }: (typeof spans)[number], atMs: number) =>
    atMs >= fromMs - 5 * 60_000 && atMs <= toMs + 20 * 60_000;
  for (let i = 0; i < 300; i += 1) {
    const takenMs = luck.whole(0, 42_000) * 60_000;
    const nearest = spans
      .filter((span) => on(span, takenMs))
      .map(({ fromMs, toMs }) => Math.abs(takenMs - (fromMs + toMs) / 2));
    const [group] = sorted([{ sha256: 'a', takenMs }], spans, 1e13).groups;
    const found = spans.find(({ captureId }) => captureId === group?.captureId);
    const away = found ? Math.abs(takenMs - (found.fromMs + found.toMs) / 2) : Infinity;
    expect(away).toBe(Math.min(Infinity, ...nearest));
  }
});

// An hour behind: at 10 to 14 minutes they would be the carp's, at 482 and 484 the pike's.
const behind = (...minutes: number[]) => minutes.map((at, i) => taken(String(i), at - 60));
test.each([
  ['two of two: too few to go by', behind(10, 12), 0],
  ['three of three', behind(10, 12, 14), 60],
  ['seven of ten', behind(10, 11, 12, 13, 14, 482, 484, 3000, 3300, 3600), 60],
  ['six of ten', behind(10, 11, 12, 13, 14, 482, 3000, 3300, 3600, 3900), 0],
  ['half of them fall to fish as they are', [...behind(10, 12), taken('x', 11), taken('y', 483)], 0],
])('a clock is moved where it helps most pictures: %s', (_, pictures, offMin) => {
  expect(sorted(pictures, captures, NOW).clockOffMs).toBe(offMin * MINUTE);
});

describe('pictures of other years', () => {
  const NOON = Date.parse('2019-06-14T12:00:00Z');
  const old = (captureId: string, more: object = {}) => ({
    captureId,
    fromMs: NOON,
    toMs: NOON,
    has: [],
    day: '2019-06-14',
    untimed: true,
    grams: null,
    ...more,
  });
  const at = (sha256: string, hour: number, more: object = {}) => ({
    sha256,
    takenMs: NOON + (hour - 12) * 3_600_000,
    ...more,
  });
  const sorted = (pictures: Parameters<typeof sortByTime>[0], ...fish: ReturnType<typeof old>[]) =>
    sortByTime(pictures, new BankTimes(fish), Date.parse('2026-06-10T12:00:00Z')).groups.map(
      ({ captureId, pictures: of }) => [captureId, of.map(({ sha256 }) => sha256).join('')],
    );

  test('of the only fish that is remembered of a day are all its pictures, at whatever hour', () => {
    expect(sorted([at('a', 5), at('b', 22), at('c', 30)], old('one'))).toEqual([
      ['one', 'ab'],
      [null, 'c'],
    ]);
  });

  test('of several the one is taken whose weight stands in the name; else none is', () => {
    const fish = [old('light', { grams: 8_000 }), old('heavy', { grams: 10_744 })];
    expect(sorted([at('a', 5, { name: '23lb 11oz.jpg' }), at('b', 9)], ...fish)).toEqual([
      ['heavy', 'a'],
      [null, 'b'],
    ]);
    // A step of a dial apart they are one weight, further they are two.
    const off = (grams: number) => [old('light'), old('heavy', { grams: 10_000 + grams })];
    expect(sorted([at('a', 5, { name: '10kg' })], ...off(120))).toEqual([['heavy', 'a']]);
    expect(sorted([at('a', 5, { name: '10kg' })], ...off(121))).toEqual([[null, 'a']]);
  });

  test('how many fish of a day may be theirs is said, and nothing where one is', () => {
    const perhaps = (pictures: Parameters<typeof sortByTime>[0], ...fish: ReturnType<typeof old>[]) =>
      sortByTime(pictures, new BankTimes(fish), Date.parse('2026-06-10T12:00:00Z')).groups.map(
        (group) => group.perhaps,
      );
    expect(perhaps([at('a', 5)], old('one'))).toEqual([0]);
    expect(perhaps([at('a', 5), at('b', 5.1)], old('one'), old('two'))).toEqual([2]);
    expect(perhaps([at('c', 30)], old('one'), old('two'))).toEqual([0]);
    // Of the one fish of that day it is not, by the weight in its name: it may be all the same.
    expect(perhaps([at('a', 5, { name: '10kg' })], old('one', { grams: 5_000 }))).toEqual([1]);
  });

  test('the only fish of a day is not taken for one of another weight', () => {
    expect(sorted([at('a', 5, { name: '10kg' })], old('one', { grams: 5_000 }))).toEqual([[null, 'a']]);
    expect(sorted([at('a', 5, { name: '10kg' })], old('one'))).toEqual([['one', 'a']]);
  });

  test('a picture of which only the day is known is of the only fish of that day, timed or not', () => {
    const timed = old('timed', { untimed: false });
    expect(sorted([at('a', 12, { dayOnly: true })], timed)).toEqual([['timed', 'a']]);
    expect(sorted([at('a', 12, { dayOnly: true })], timed, old('other'))).toEqual([[null, 'a']]);
    // One with a time is of a timed fish by its time alone.
    expect(sorted([at('a', 5)], timed)).toEqual([[null, 'a']]);
  });
});
