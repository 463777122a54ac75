import { catchesOfFish, ofItsKind, type FlankOfCatch } from './ofItsKind.js';
import type { LinkedFacts } from './consistencyChecks.js';

const flank = (captureId: string, fishId: string | null, facts: Partial<LinkedFacts> = {}): FlankOfCatch => ({
  captureId,
  fishId,
  facts: { captureId, atMs: 0, untilMs: 0, waterId: 'mere', ...facts } as LinkedFacts,
});
// Both flanks of one catch, another of that fish, a fish of its own, and two of whom nothing is known.
const book = [
  flank('a', 'ada', { lengthMm: 700 }),
  flank('a', 'ada', { lengthMm: 700 }),
  flank('b', 'ada', { grams: 9000, waterId: 'pit' }),
  flank('c', 'bea'),
  flank('d', null),
  flank('e', null),
];
const ids = (catches: readonly LinkedFacts[]) => catches.map(({ captureId }) => captureId);

test('the catches of a known fish are all of its catches, each once', () => {
  expect(ids(catchesOfFish(book, { captureId: 'b', fishId: 'ada' }))).toEqual(['a', 'b']);
});

test('unknown fish are not one another', () => {
  expect(ids(catchesOfFish(book, { captureId: 'd', fishId: null }))).toEqual(['d']);
});

test('a kind is told by catches, not by pictures', () => {
  const { lengthsMm, grams, atThisWater } = ofItsKind(book, { waterId: 'mere' });
  expect(lengthsMm).toEqual([700]);
  expect(grams).toEqual([9000]);
  // Four of five were here, and one more of each is taken for granted.
  expect(atThisWater).toBeCloseTo(5 / 7, 12);
  expect(ofItsKind(book, { waterId: 'pit' }).atThisWater).toBeCloseTo(2 / 7, 12);
  expect(ofItsKind([], { waterId: 'mere' }).atThisWater).toBe(0.5);
});
