import { createRng } from '../../statistics/rng.js';
import type { FlankPoint } from '../../domain/fish/flankPoint.js';
import { matchMarks } from './markConstellation.js';

/** Marks on a flank, as a keeper would set them. */
function marksOf(fish: string, count: number): FlankPoint[] {
  const luck = createRng(fish);
  return Array.from({ length: count }, () => ({ u: luck.between(0.28, 0.94), v: luck.between(-0.11, 0.11) }));
}

/**
 * The same fish in another picture: askew, bent, grown at the shoulder, landmarks off, taps off, some marks lost and
 * some new.
 */
function seenAgain(marks: readonly FlankPoint[], name: string): FlankPoint[] {
  const luck = createRng(name);
  const [turn, stretch, bend] = [0.03 * luck.normal(), 1 + 0.03 * luck.normal(), 0.04 * luck.normal()];
  const [du, dv] = [0.012 * luck.normal(), 0.012 * luck.normal()];
  const kept = marks.filter(() => luck.next() > 0.2);
  const moved = kept.map(({ u, v }) => ({
    u: du + stretch * u - turn * v + 0.002 * luck.normal(),
    v: dv + (1.03 + 0.02 * luck.normal()) * v + turn * (u - 0.6) + bend * (u - 0.6) ** 2 + 0.002 * luck.normal(),
  }));
  return [...moved, ...marksOf(`${name} new`, 2)];
}

const FISH = Array.from({ length: 60 }, (_, i) => `fish ${i}`);

test('the marks of one fish are found again, with some lost and some new; those of another are not', () => {
  const same = FISH.map(
    (fish) => matchMarks(marksOf(fish, 14), seenAgain(marksOf(fish, 14), `${fish} again`)).evidence,
  );
  const others = FISH.map(
    (fish, i) => matchMarks(marksOf(fish, 14), seenAgain(marksOf(FISH[(i + 1) % 60] ?? '', 14), `${i}`)).evidence,
  );
  expect(same.filter((evidence) => evidence > 2).length).toBeGreaterThanOrEqual(54);
  expect(others.filter((evidence) => evidence > 0).length).toBeLessThanOrEqual(1);
});

test('the pairs are the right ones', () => {
  const marks = marksOf('fish 3', 9);
  const again = marks.map(({ u, v }) => ({ u: u + 0.02, v: v * 1.05 - 0.01 })).toReversed();
  const { pairs, evidence } = matchMarks(marks, again);
  expect(pairs.toSorted((p, q) => p[0] - q[0])).toEqual(marks.map((_, i) => [i, marks.length - 1 - i]));
  expect(evidence).toBeGreaterThan(5);
});

test('fewer than four marks say nothing, and a mirrored flank is another one', () => {
  const marks = marksOf('fish 5', 12);
  expect(matchMarks(marks.slice(0, 3), marks)).toEqual({ pairs: [], evidence: 0 });
  expect(
    matchMarks(
      marks,
      marks.map(({ u, v }) => ({ u: 1.22 - u, v })),
    ).evidence,
  ).toBeLessThan(0);
});
