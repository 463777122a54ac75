import { exposureBudget, exposureUse, type ExposureInput } from './exposure.js';

const calm: ExposureInput = {
  school: 'thirty',
  ownS: 45,
  waterC: 15,
  stopLineC: 28,
  airC: 16,
  oxygenShare: null,
  fightMs: 240_000,
  signs: [],
};
const seconds = (change: Partial<ExposureInput> = {}) => exposureBudget({ ...calm, ...change }).spellMs / 1000;

test('each school has its time', () => {
  const of = (school: ExposureInput['school']) => seconds({ school });
  expect([of('thirty'), of('count-six'), of('own-breath'), of('sixty'), of('own')]).toEqual([30, 6, 30, 60, 45]);
});

// Factors: common practice, no source. Worked by hand.
test.each<[string, Partial<ExposureInput>, number]>([
  ['two degrees under the line, twelve minutes of fight', { waterC: 26, fightMs: 720_000 }, 10.5],
  ['over the limit', { waterC: 28 }, 7.5],
  ['half the oxygen', { oxygenShare: 0.5 }, 15],
  ['twenty minutes of fight', { fightMs: 1_200_000 }, 15],
  ['frost', { airC: -2 }, 15],
  ['spent and bleeding', { signs: ['spent', 'bleeding'] }, 7.5],
  ['everything at once is still long enough to be tapped', { waterC: 28, airC: 0, signs: ['spent', 'bleeding'] }, 5],
])('%s', (_, change, expected) => {
  expect(seconds(change)).toBeCloseTo(expected, 6);
  expect(exposureBudget({ ...calm, ...change }).reasons.length).toBeGreaterThan(0);
});

test('nothing that is not known shortens it, and no school is made longer', () => {
  expect(exposureBudget({ ...calm, waterC: null, airC: null }).reasons).toEqual([]);
  expect(seconds({ school: 'count-six', waterC: 28, signs: ['spent'] })).toBe(5);
  expect(seconds({ school: 'own', ownS: 3 })).toBe(3);
});

test.each([
  [14_999, 14_999, 'fine'],
  [15_000, 15_000, 'half'],
  [22_500, 22_500, 'three-quarters'],
  [30_000, 30_000, 'over'],
  [0, 30_000, 'half'],
  [5000, 60_000, 'over'],
] as const)('%i ms now and %i in all: %s', (nowMs, allMs, stage) => {
  expect(exposureUse(exposureBudget(calm), nowMs, allMs).stage).toBe(stage);
});
