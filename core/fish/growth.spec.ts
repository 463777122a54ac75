import { chance } from '../chance/chance.js';
import { growthChange, growthFit, type Measure } from './growth.js';

const YEAR_MS = 365.25 * 24 * 3_600_000;
const START = Date.UTC(2020, 0, 1);
const at = (years: number, value: number, u = 10): Measure => ({ atMs: START + years * YEAR_MS, value, u });

test('two weights a year apart are so much a year; one weight, or two of a day, are none', () => {
  const fit = growthFit([at(1, 9500, 50), at(0, 9000, 50)], 'weight');
  expect(fit?.perYear.value).toBeCloseTo(500, 6);
  expect(fit?.model).toBe('line');
  expect(growthFit([at(0, 9000)], 'weight')).toBeUndefined();
  expect(growthFit([at(0, 9000), at(0.001, 9100)], 'weight')).toBeUndefined();
  expect(growthChange([at(1, 9500, 30), at(0, 9000, 40)])).toEqual({ by: 500, u: 50, months: 12 });
  expect(growthChange([at(0, 9000)])).toBeUndefined();
});

test('one wrong measure among many hardly moves the line', () => {
  const right = [0, 0.5, 1, 1.5, 2, 2.5].map((years) => at(years, 700 + 20 * years, 7));
  const wrong = [...right, at(1.2, 900, 7)];
  expect(growthFit(wrong, 'length')?.perYear.value).toBeCloseTo(20, -1);
});

/**
 * Mean lengths at age in cm of Pacific hake females and the curve that was fitted to them: Kimura (1980), Fishery Bulletin 77, 765-776.
 * Both from memory: furthest length 61.23, rate 0.296, age at nought -0.057.
 */
const HAKE = [
  ...[
    [1, 15.4],
    [2, 28.03],
    [3.3, 41.18],
    [4.3, 46.2],
    [5.3, 48.23],
    [6.3, 50.26],
    [7.3, 51.82],
  ],
  ...[
    [8.3, 54.27],
    [9.3, 56.98],
    [10.3, 58.93],
    [11.3, 59],
    [12.3, 60.91],
    [13.3, 61.83],
  ],
] as const;

test('a published curve of growth is found again', () => {
  const fit = growthFit(
    HAKE.map(([age = 0, cm = 0]) => at(age, cm, 1)),
    'length',
  );
  expect(fit?.model).toBe('von-bertalanffy');
  for (const age of [1, 3, 5, 8, 11, 13]) {
    const published = 61.23 * (1 - Math.exp(-0.296 * (age + 0.057)));
    expect(Math.abs((fit?.at(START + age * YEAR_MS).value ?? 0) - published)).toBeLessThan(0.6);
  }
});

test('a swing through the year is told from growth where there is enough to tell it by', () => {
  const swing = (years: number) => 9000 + 400 * years + 450 * Math.cos(2 * Math.PI * (years - 0.25));
  const times = [0.25, 0.5, 0.8, 1.25, 1.45, 1.8, 2.25, 2.4, 2.75];
  const fit = growthFit(
    times.map((years) => at(years, swing(years), 60)),
    'weight',
  );
  expect(fit?.seasonal).toBe(true);
  expect(fit?.perYear.value).toBeCloseTo(400, -1);
  expect(fit?.at(START + 3.25 * YEAR_MS).value).toBeCloseTo(swing(3.25), -2);
});

test('of fish whose growth is known, the stated doubt of it covers the truth about as often as it says', () => {
  const luck = chance('fish that grow');
  let covered = 0;
  const fish = 400;
  for (let i = 0; i < fish; i += 1) {
    const gain = luck.between(100, 900);
    const measures = Array.from({ length: 6 }, () => {
      const years = luck.between(0, 3);
      const truth = 9000 + gain * years;
      return at(years, truth * (1 + 0.05 * luck.normal()) + 60 * luck.normal(), 60);
    });
    const fit = growthFit(measures, 'weight');
    if (fit && Math.abs(fit.perYear.value - gain) < 1.96 * fit.perYear.u) covered += 1;
  }
  expect(covered / fish).toBeGreaterThan(0.9);
  expect(covered / fish).toBeLessThan(0.995);
});
