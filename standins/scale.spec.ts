import { createRng } from '@keeper/core/statistics/rng';
import { gramsOf } from '@keeper/core/measure/mass';
import { explainEntry } from '@keeper/core/weighing/explain';
import { settle, type ScaleSample } from '@keeper/core/weighing/settle';
import { readWeightPacket } from '@keeper/core/weighing/weightMeasurement';
import { drawLoad, hangingForce, type Support } from './hangingLoad.js';
import type { StandinPlatform } from './platform.js';
import { standinScale, type OnTheHook } from './scale.js';
import { drawSensor, readForce } from './scaleSensor.js';
import { drawEntry } from './writtenEntry.js';

/** A clock that the test turns. */
function handClock() {
  let tick: (() => void) | undefined;
  const platform: StandinPlatform = {
    wait: () => Promise.resolve(),
    every: (_ms, each) => {
      tick = each;
      return () => (tick = undefined);
    },
  };
  return {
    platform,
    turn: (times: number) => Array.from({ length: times }, () => tick?.()),
    runs: () => tick !== undefined,
  };
}

const hook: OnTheHook = {
  grams: 11_500,
  zeroGrams: 800,
  support: 'bar',
  liveliness: 0.1,
  divisionGrams: 10,
  seed: 'test',
};

test('the simulated scale sends packets that come near what hangs, less its zero', async () => {
  const clock = handClock();
  const heard: number[] = [];
  const letGo = await standinScale(hook, 'kg', 'well', clock.platform).connect({
    onPacket: (packet) => {
      const answer = readWeightPacket(packet);
      if (answer.ok) heard.push(gramsOf(answer.value.mass));
    },
    onGone: () => undefined,
  });
  clock.turn(200);
  const late = heard.slice(-40).toSorted((a, b) => a - b);
  expect(Math.abs((late[20] ?? 0) - 10_700)).toBeLessThanOrEqual(20);
  letGo();
  expect(clock.runs()).toBe(false);
});

test('told to send nonsense it is never believed, and vanishes', async () => {
  const clock = handClock();
  const read: string[] = [];
  let gone = '';
  await standinScale(hook, 'lb', 'nonsense', clock.platform).connect({
    onPacket: (packet) => read.push(readWeightPacket(packet).ok ? 'number' : 'left out'),
    onGone: (sentence) => (gone = sentence),
  });
  clock.turn(60);
  expect(read).toContain('left out');
  expect(gone).toMatch(/out of reach/);
  expect(clock.runs()).toBe(false);
});

test('told to fail it says so', async () => {
  const { platform } = handClock();
  const nothing = { onPacket: () => undefined, onGone: () => undefined };
  await expect(standinScale(hook, 'kg', 'fails', platform).connect(nothing)).rejects.toThrow(/No scale answers/);
});

/** What is made of one weighing, as the bench does it two thousand times. */
function weigh(i: number, support: Support) {
  const luck = createRng(`weighing of the tests ${i}`);
  const load = drawLoad(luck, 453.59237 * luck.between(5, 60), support, luck.next());
  const sensor = drawSensor(luck, luck.pick([10, 20, 50]));
  const read = readForce(sensor, hangingForce(load, luck), luck);
  const samples: ScaleSample[] = [];
  for (;;) {
    samples.push(read());
    const { steadiness, grams = 0 } = settle(samples, sensor.divisionGrams);
    if (steadiness === 'settled' || steadiness === 'held')
      return { steadiness, steps: Math.abs(grams - load.grams) / sensor.divisionGrams };
    if ((samples.at(-1)?.atMs ?? 0) > 30_000) return { steadiness, steps: Infinity };
  }
}

test('of sixty fish on bar and tripod nearly all are read to the division, and none is far off', () => {
  const weighed = Array.from({ length: 60 }, (_, i) => weigh(i, i % 2 === 0 ? 'bar' : 'tripod'));
  const settled = weighed.filter(({ steadiness }) => steadiness === 'settled');
  expect(settled.filter(({ steps }) => steps <= 1).length).toBeGreaterThanOrEqual(56);
  expect(settled.filter(({ steps }) => steps > 2)).toEqual([]);
});

test('of forty by hand nearly all are said to be held', () => {
  const weighed = Array.from({ length: 40 }, (_, i) => weigh(i, i % 2 === 0 ? 'hand' : 'cupped'));
  expect(weighed.filter(({ steadiness }) => steadiness === 'held').length).toBeGreaterThanOrEqual(35);
});

test('of four hundred invented entries the slip is mostly told first, and clean ones are left alone', () => {
  const luck = createRng('slips of the tests');
  const entries = Array.from({ length: 400 }, (_, i) => drawEntry(luck, i % 2 === 0));
  const said = entries.map(({ entry, slip }) => ({ slip, explained: explainEntry(entry) }));
  const slipped = said.filter(({ slip, explained }) => slip && explained);
  expect(
    slipped.filter(({ slip, explained }) => explained?.slips[0]?.kind === slip).length / slipped.length,
  ).toBeGreaterThan(0.85);
  expect(said.filter(({ slip, explained }) => !slip && explained?.ask).length).toBeLessThanOrEqual(6);
});
