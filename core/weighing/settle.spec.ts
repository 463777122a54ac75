import { settle, type ScaleSample } from './settle.js';

const G = 9.81;
/** Readings ten times a second, in whole steps of 10 g, of what `pull` says at a time in seconds. */
function readings(lastsS: number, pull: (s: number) => number): ScaleSample[] {
  return Array.from({ length: Math.round(lastsS * 10) }, (_, i) => ({
    atMs: i * 100,
    grams: Math.round(pull(i / 10) / 10) * 10,
  }));
}

test('a fish that lies still is settled at what the scale shows', () => {
  const said = settle(
    readings(4, () => 10_000),
    10,
  );
  expect(said.steadiness).toBe('settled');
  expect(said.grams).toBeCloseTo(10_000, 6);
});

test('nothing on the hook is nothing; what has just been hung is waited for', () => {
  expect(settle([], 10).steadiness).toBe('empty');
  expect(
    settle(
      readings(4, () => 0),
      10,
    ).steadiness,
  ).toBe('empty');
  expect(
    settle(
      readings(1, () => 10_000),
      10,
    ).steadiness,
  ).toBe('settling');
});

test('what a swing adds is taken off: a pendulum pulls a quarter of its angle squared more on average', () => {
  const swing = Math.sqrt(G / 0.6);
  const angle = 0.1;
  const pull = (s: number) => {
    const at = angle * Math.cos(swing * s);
    const rate = -angle * swing * Math.sin(swing * s);
    return 20_000 * (Math.cos(at) + (0.6 * rate * rate) / G);
  };
  const samples = readings(6, pull);
  const mean = samples.reduce((sum, { grams }) => sum + grams, 0) / samples.length;
  expect(mean - 20_000).toBeGreaterThan(35);
  expect(Math.abs((settle(samples, 10).grams ?? 0) - 20_000)).toBeLessThan(10);
});

test('a kick is waited out, and the value is taken after it', () => {
  const kick = (s: number) => 10_000 + (s > 1 && s < 2.5 ? 1500 * Math.sin(25 * s) : 0);
  expect(settle(readings(2.6, kick), 10).steadiness).not.toBe('settled');
  expect(settle(readings(5, kick), 10)).toMatchObject({ steadiness: 'settled' });
});

test('a hand that sways for a quarter of a minute is said to be a hand', () => {
  // Slow and without a rate: a sum of sines that have no common one.
  const sway = (s: number) =>
    10_000 * (1 + 0.012 * (Math.sin(1.9 * s) + Math.sin(3.1 * s + 1) + Math.sin(4.7 * s + 2)));
  expect(settle(readings(15, sway), 10).steadiness).toBe('held');
});

test('a fish lifted anew is judged from when it hangs again', () => {
  const twice = (s: number) => (s < 5 ? 8000 : s < 6 ? 0 : 10_000);
  expect(settle(readings(7, twice), 10).steadiness).toBe('settling');
  expect(settle(readings(10, twice), 10).grams).toBeCloseTo(10_000, 6);
});
