import { slingDrain, wetTareGrams, zeroErrorGrams } from './slingDrain.js';
import { type TareNote } from '../domain/kit/tareNote.js';

const tare = (grams: number, hungMin?: number): TareNote => ({
  at: '2026-06-01T05:00:00Z',
  wet: true,
  mass: { unit: 'g', count: grams },
  ...(hungMin !== undefined && { hungMin }),
});

test('a sling that was weighed while it dripped is known by how it drains', () => {
  const truth = (min: number) => Math.round(700 + 150 * Math.exp(-min / 12));
  const drain = slingDrain([0, 2, 5, 10, 15, 20, 30, 45, 60].map((min) => tare(truth(min), min)));
  expect(drain.minutesToDrain).toBe(12);
  expect(wetTareGrams(drain, 0)).toBeCloseTo(850, -1);
  expect(wetTareGrams(drain, 40)).toBeCloseTo(truth(40), -1);
});

test('one that was never timed drains as the usual sling does, in proportion to its weight', () => {
  const light = slingDrain([tare(500)]);
  const heavy = slingDrain([tare(1000)]);
  expect(heavy.runsGrams).toBeCloseTo(2 * light.runsGrams, 6);
  expect(light).toMatchObject({ minutesToDrain: 15, weighings: 0 });
  expect(slingDrain([]).keepsGrams).toBeGreaterThan(0);
});

test('a zero grows old: the error grows, and is nothing at once', () => {
  const drain = slingDrain([tare(800)]);
  expect(zeroErrorGrams(drain, 0)).toBe(0);
  expect(zeroErrorGrams(drain, 40)).toBeGreaterThan(zeroErrorGrams(drain, 10));
  expect(zeroErrorGrams(drain, 1e6)).toBeCloseTo(drain.runsGrams, 6);
});

test('dry tares say nothing of draining', () => {
  expect(slingDrain([{ ...tare(400), wet: false }])).toEqual(slingDrain([]));
});
