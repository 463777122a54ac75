import { betweenText, changeText, countText, doubtText } from './fishWords.js';

test.each([
  [0.4, 'the same day'],
  [1.2, '1 day'],
  [45, '45 days'],
  [426, '14 months'],
  [1500, '4 years'],
])('%s days are said as %s', (days, says) => expect(betweenText(days)).toBe(says));

test('what changed is said with how far it can be relied on', () => {
  const grams = (value: number) => `${Math.round(value)} g`;
  expect(changeText({ by: 510, u: 30, months: 14 }, grams)).toBe('Up 510 g (give or take 60 g) in 14 months');
  expect(changeText({ by: -510, u: 30, months: 1 }, grams)).toBe('Down 510 g (give or take 60 g) in 30 days');
  expect(changeText({ by: 20, u: 30, months: 14 }, grams)).toBe('About the same over 14 months (give or take 60 g)');
});

test('a doubt names both days and its reason', () => {
  const of = (day: string) => ({
    captureId: day,
    atMs: Date.parse(`${day}T08:00:00Z`),
    elapsedMs: 0,
    species: null,
    waterId: null,
    lengthMm: null,
    grams: null,
  });
  expect(doubtText({ kind: 'shrank', first: of('2025-05-01'), second: of('2025-09-01') })).toBe(
    '1 May 2025 and 1 September 2025: it would have shrunk: fish do not.',
  );
  expect([1, 2, 3].map(countText)).toEqual(['Caught once', 'Caught twice', 'Caught 3 times']);
});
