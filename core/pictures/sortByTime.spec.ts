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
  expect(card.groups).toEqual([{ captureId: 'carp', pictures: [taken('a', 12)] }]);
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
