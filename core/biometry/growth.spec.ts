import { createRng } from '../statistics/rng.js';
import { growthChange, growthFit, type Measure } from './growth.js';
import { YEAR_MS } from '../measure/timeSpan.js';

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
 * Mean lengths at age in cm of Pacific hake females and the curve that was fitted to them: Kimura (1980), Fishery
 * Bulletin 77, 765-776. Both from memory: furthest length 61.23, rate 0.296, age at nought -0.057.
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

test.each([
  [3, 0.05],
  [3, 0.1],
  [6, 0.05],
  [6, 0.1],
  [40, 0.05],
  [40, 0.1],
])(
  'of %d weights that scatter by %d of the weight the interval holds the truth at least as often as it says',
  (count, scatter) => {
    const luck = createRng(`fish that grow ${count} ${scatter}`);
    let [covered, next] = [0, 0];
    const fish = 300;
    for (let i = 0; i < fish; i += 1) {
      const gain = luck.between(100, 900);
      const weigh = (years: number) => (9000 + gain * years) * (1 + scatter * luck.normal()) + 60 * luck.normal();
      const measures = Array.from({ length: count }, () => {
        const years = luck.between(0, 3);
        return at(years, weigh(years), 60);
      });
      const fit = growthFit(measures, 'weight');
      if (fit && Math.abs(fit.perYear.value - gain) < fit.perYear.expanded) covered += 1;
      const years = luck.between(0, 3);
      const expected = fit?.at(START + years * YEAR_MS);
      if (expected && Math.abs(weigh(years) - expected.value) < expected.expanded) next += 1;
    }
    // Three deviations of a share of 300 below 95.45 %.
    expect(covered / fish).toBeGreaterThan(0.918);
    expect(next / fish).toBeGreaterThan(0.918);
  },
);

test('the band of lengths has the tape in it', () => {
  const exact = [0, 1, 2, 3].map((years) => at(years, 700 + 10 * years, 1));
  const taped = exact.map((measure) => ({ ...measure, u: 8 }));
  const half = (measures: readonly Measure[]) => growthFit(measures, 'length')?.at(START + 1.5 * YEAR_MS).expanded ?? 0;
  expect(half(taped)).toBeGreaterThan(half(exact));
  expect(half(taped)).toBeGreaterThan(2 * 8);
});

test('no measure of nothing, of no day or of no number comes through', () => {
  const sound = [at(0, 9000, 50), at(1, 9500, 50)];
  const broken = [at(0.5, 0), at(0.6, NaN), at(0.7, -5), { ...at(0.8, 9200), atMs: NaN }, { ...at(0.9, 9200), u: NaN }];
  expect(growthFit([...sound, ...broken], 'weight')?.perYear.value).toBeCloseTo(500, 6);
  expect(growthChange([...sound, ...broken])?.by).toBe(500);
  expect(growthFit(broken, 'weight')).toBeUndefined();
});
