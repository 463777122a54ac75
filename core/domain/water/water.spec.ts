import { pressureAtWaterHpa } from '../../weather/atmosphere.js';
import { NO_RULES } from './rules.js';
import { ruleMessages } from './ruleMessages.js';
import { isClosedOn, isDayOfYear } from './season.js';
import { compassMessage } from './swim.js';

const day = (month: number, day_: number) => ({ month, day: day_ });

// By hand, both ends counted.
test.each([
  ['spring', day(3, 15), day(6, 15), day(6, 15), true],
  ['spring', day(3, 15), day(6, 15), day(6, 16), false],
  ['spring', day(3, 15), day(6, 15), day(3, 14), false],
  ['over the new year', day(12, 1), day(1, 31), day(12, 31), true],
  ['over the new year', day(12, 1), day(1, 31), day(1, 1), true],
  ['over the new year', day(12, 1), day(1, 31), day(2, 1), false],
  ['one day', day(5, 1), day(5, 1), day(5, 1), true],
])('a season in %s', (_, from, to, on, closed) => expect(isClosedOn({ from, to }, on)).toBe(closed));

test('a day that is none is told', () => {
  expect([day(2, 29), day(2, 30), day(6, 31), day(13, 1), day(1, 0), day(1, 1.5)].map(isDayOfYear)).toEqual([
    ...[true, false, false, false, false, false],
  ]);
});

test('rules are told in the order of the work, and none when none are written down', () => {
  expect(ruleMessages(NO_RULES)).toEqual([]);
  expect(
    ruleMessages({
      ...NO_RULES,
      barblessOnly: true,
      ownKit: 'dipped',
      leastNetMm: 1070,
      treatments: 'forbidden',
      retention: { kind: 'minutes', most: 10 },
      closedSeasons: [
        { from: day(3, 15), to: day(6, 15), species: [] },
        { from: day(12, 1), to: day(1, 31), species: ['pike', 'perch'] },
      ],
      stopTemperatures: [{ species: 'barbel', tempC: 21 }],
    }),
  ).toEqual([
    { code: 'water.ruleOwnKit', values: { ownKit: 'dipped' } },
    { code: 'water.ruleLeastNet', values: { mm: 1070, lengthHabit: 'cm' } },
    { code: 'water.ruleBarbless' },
    { code: 'water.ruleRetention', values: { most: 10 } },
    { code: 'water.ruleTreatments', values: { treatments: 'forbidden' } },
    { code: 'water.ruleClosed', values: { from: day(3, 15), to: day(6, 15), species: [] } },
    { code: 'water.ruleClosed', values: { from: day(12, 1), to: day(1, 31), species: ['pike', 'perch'] } },
    { code: 'water.ruleStop', values: { species: 'barbel', tempC: 21, tempHabit: 'C' } },
  ]);
});

test('a bearing is said to the eighth, all the way round', () => {
  expect([0, 22, 23, 95, 359, -90, 720].map((deg) => compassMessage(deg).code)).toEqual([
    ...['north', 'north', 'northEast', 'east', 'north', 'west', 'north'].map((wind) => `water.${wind}`),
  ]);
});

test('a barometer that is reduced to sea level is brought up to the water', () => {
  expect(pressureAtWaterHpa(1013.25, 1000)).toBeCloseTo(898.7, 0);
});
