import { sortByTime, type CardPicture, type CaptureSpan } from './sortByTime.js';

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
  const card = sortByTime(
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
  const card = sortByTime(
    [taken('known', 11), taken('a', 12), taken('a', 12), taken('plain', null), taken('ahead', 60 * 24 * 400)],
    captures,
    NOW,
  );
  expect([names(card.known), names(card.undated), names(card.future)]).toEqual(['known', 'plain', 'ahead']);
  expect(card.groups).toEqual([{ captureId: 'carp', pictures: [taken('a', 12)] }]);
});

test.each([
  ['an hour behind, as after summer time', -60],
  ['in another zone', 5.5 * 60],
])('a camera clock that is %s is set right', (_, offMin) => {
  const card = sortByTime(
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
  expect(sortByTime([taken('a', 2000), taken('b', 2600), taken('c', 3300)], captures, NOW).clockOffMs).toBe(0));

test('an empty card is an empty proposal', () =>
  expect(sortByTime([], captures, NOW)).toEqual({ groups: [], undated: [], future: [], known: [], clockOffMs: 0 }));
