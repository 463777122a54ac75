import { consistencyChecks, type LinkedFacts } from './consistencyChecks.js';
import { DAY_MS } from '../../measure/timeSpan.js';

const fish = (days: number, facts: Partial<LinkedFacts> = {}): LinkedFacts => ({
  captureId: `day ${days}`,
  atMs: Date.UTC(2025, 4, 1) + days * DAY_MS,
  elapsedMs: 600_000,
  species: 'carp',
  waterId: 'a',
  lengthMm: 720,
  grams: 9000,
  ...facts,
});
const kinds = (...of: LinkedFacts[]) => consistencyChecks(of).map(({ kind }) => kind);

test('a fish that grew as fish grow, and lost what spawning takes, is not doubted', () => {
  expect(kinds(fish(0), fish(40, { grams: 7900 }), fish(400, { lengthMm: 745, grams: 9800 }))).toEqual([]);
  expect(kinds(fish(0), fish(0.5))).toEqual([]);
  expect(kinds(fish(0))).toEqual([]);
});

test.each([
  ['shrank', fish(120, { lengthMm: 610 })],
  ['shot-up', fish(120, { lengthMm: 800 })],
  ['lost-weight', fish(120, { grams: 6800 })],
  ['gained-weight', fish(120, { grams: 12_500 })],
  ['two-places', fish(2, { waterId: 'b' })],
  ['species', fish(120, { species: 'pike' })],
  ['at-once', fish(0.004)],
] as const)('%s is raised', (kind, later) => {
  expect(kinds(later, fish(0))).toEqual([kind]);
});

test('a length is compared with the longest before it, and what was not measured says nothing', () => {
  const doubts = consistencyChecks([
    fish(0, { lengthMm: 760 }),
    fish(50, { lengthMm: 735 }),
    fish(90, { lengthMm: 722 }),
  ]);
  expect(doubts.map(({ kind, first, second }) => [kind, first.captureId, second.captureId])).toEqual([
    ['shrank', 'day 0', 'day 90'],
  ]);
  expect(kinds(fish(0, { lengthMm: null, grams: null, waterId: null }), fish(50))).toEqual([]);
});
