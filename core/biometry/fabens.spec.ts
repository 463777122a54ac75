import { createRng } from '../statistics/rng.js';
import { fabensGain, fabensGrowth, type RecaptureIncrement } from './fabens.js';

const grown = (firstMm: number, years: number, most = 868, rate = 0.268): RecaptureIncrement => ({
  firstMm,
  years,
  secondMm: firstMm + (most - firstMm) * (1 - Math.exp(-rate * years)),
});

test('by hand: 63 mm on 600 and 16 on 800 in a year point to about 868 mm', () => {
  const pairs = [600, 800, 650, 700, 750, 780].map((mm) => grown(mm, 1));
  expect((pairs[0]?.secondMm ?? 0) - 600).toBeCloseTo(63, 0);
  expect((pairs[1]?.secondMm ?? 0) - 800).toBeCloseTo(16, 0);
  const found = fabensGrowth(pairs);
  expect(found?.mostMm).toBeCloseTo(868, -1);
  expect(found?.ratePerYear).toBeCloseTo(0.268, 2);
  expect(found && fabensGain(found, found.mostMm, 3)).toBeCloseTo(0, 6);
});

test('of known fish measured with a tape, the interval holds the truth', () => {
  let held = 0;
  const waters = 100;
  for (let i = 0; i < waters; i += 1) {
    const luck = createRng(`water ${i}`);
    const pairs = Array.from({ length: 25 }, () => {
      const { firstMm, secondMm, years } = grown(luck.between(450, 820), luck.between(0.3, 3), 900, 0.2);
      return { firstMm, years, secondMm: secondMm + 9 * luck.normal() };
    });
    const found = fabensGrowth(pairs);
    if (found && found.rateFrom <= 0.2 && found.rateTo >= 0.2) held += 1;
  }
  // Three deviations of a hundred below 95.45 %.
  expect(held).toBeGreaterThanOrEqual(89);
});

test('few fish, and fish that say nothing of a rate, give none', () => {
  expect(fabensGrowth([600, 700, 800].map((mm) => grown(mm, 1)))).toBeUndefined();
  const still = Array.from({ length: 8 }, (_, i) => ({ firstMm: 600 + i, secondMm: 590 + i, years: 1 }));
  expect(fabensGrowth(still)).toBeUndefined();
});

test.each([6, 7, 20])(
  'of %d fish with tapes on both lengths, rate and gain hold the truth as often as they say',
  (count) => {
    let [rates, gains] = [0, 0];
    const waters = 300;
    for (let i = 0; i < waters; i += 1) {
      const luck = createRng(`tapes ${count} ${i}`);
      const pairs = Array.from({ length: count }, () => {
        const { firstMm, secondMm, years } = grown(luck.between(450, 820), luck.between(0.3, 3), 900, 0.2);
        return { firstMm: firstMm + 6 * luck.normal(), years, secondMm: secondMm + 9 * luck.normal() };
      });
      const found = fabensGrowth(pairs);
      if (!found) continue;
      if (found.rateFrom <= 0.2 && found.rateTo >= 0.2) rates += 1;
      const truth = (900 - found.middleMm) * (1 - Math.exp(-0.2));
      if (found.gainFromMm <= truth && found.gainToMm >= truth) gains += 1;
    }
    expect(rates / waters).toBeGreaterThan(0.918);
    expect(gains / waters).toBeGreaterThan(0.918);
  },
);

test('fish that all shrank have no length that they grow towards; neither have lengths of nothing', () => {
  const shrank = [600, 640, 700, 750, 790, 820].map((firstMm, i) => ({
    firstMm,
    secondMm: firstMm - 4 - i,
    years: 1 + i / 4,
  }));
  expect(fabensGrowth(shrank)).toBeUndefined();
  const none = [600, 640, 700, 750, 790, 820].map((firstMm) => ({ firstMm, secondMm: 0, years: 1 }));
  expect(fabensGrowth(none)).toBeUndefined();
  expect(fabensGrowth(none.map((pair) => ({ ...pair, secondMm: NaN })))).toBeUndefined();
});

test('a rate that fits without an end is said to have none', () => {
  const straight = Array.from({ length: 8 }, (_, i) => {
    const luck = createRng(`straight ${i}`);
    return { firstMm: 600 + i, secondMm: 600 + i + 20 * (1 + i / 8) + 4 * luck.normal(), years: 1 + i / 8 };
  });
  expect(fabensGrowth(straight)?.rateFrom ?? 0).toBe(0);
});
