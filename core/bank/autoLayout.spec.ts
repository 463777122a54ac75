import { plannedBackdrop } from './layoutBackdrop.js';
import { judgeLayout } from './judgeLayout.js';
import { lightFromCamera } from './layoutLight.js';
import { type BankPlan } from './layoutPoint.js';
import { layoutByHabit, autoLayout } from './autoLayout.js';
import type { Fixture, Layout } from '../domain/water/plan.js';
import { sunAt } from '../weather/sun.js';

const HOUR = 3_600_000;
const PLACE = { latitudeDeg: 46.7, longitudeDeg: 0 };
const hours = Array.from({ length: 16 }, (_, i) => {
  const atMs = Date.UTC(2026, 6, 15, 5 + i);
  return { atMs, sun: sunAt(atMs, PLACE) };
});
const clock = (atMs: number) => `${new Date(atMs).getUTCHours()}:00`;
const fixture = (kind: Fixture['kind'], xM: number, yM: number, radiusM: number, heightM = 0): Fixture => ({
  id: `${kind}${xM}`,
  kind,
  xM,
  yM,
  radiusM,
  heightM,
});
const plan: Omit<BankPlan, 'layout'> = { bank: 'grass', facingDeg: 0, fixtures: [], hours, clock };
const by = (layout: Layout, change: Partial<BankPlan> = {}) => judgeLayout({ ...plan, layout, ...change });
const point = (id: string, layout: Layout, change: Partial<BankPlan> = {}) =>
  by(layout, change).points.find((each) => each.id === id);

const good = autoLayout(plan, false);
const move = (piece: keyof Layout, xM: number, yM: number): Layout => ({ ...good, [piece]: { xM, yM } });

test('what is laid out by itself has all within reach, soft, near, and is marked well', () => {
  const judged = by(good);
  expect(judged.score).toBeGreaterThan(0.85);
  expect(judged.outOfReach).toEqual([]);
  expect(judged.carryM).toBeLessThan(2);
  expect(autoLayout(plan, false)).toEqual(good);
  expect(autoLayout(plan, true).helper).toBeDefined();
});

test.each([
  ['carry', move('mat', 0, -6), 'carry'],
  ['reach', move('bucket', 3, -2), 'reach'],
  ['kneel', move('angler', 0, -5), 'kneel'],
  ['weigh bar', move('weigh-bar', 4, -4), 'weigh-over-mat'],
])('worse in one thing: %s', (_, worse, id) => {
  expect(point(id, worse)?.mark ?? 1).toBeLessThan(point(id, good)?.mark ?? 0);
  expect(by(worse).score).toBeLessThan(by(good).score);
});

test('hard ground, hazards and power lines are seen', () => {
  const at = good.mat ?? { xM: 0, yM: 0 };
  expect(point('ground', good, { fixtures: [fixture('stones', at.xM, at.yM, 1)] })).toMatchObject({ mark: 0 });
  expect(point('ground', good, { bank: 'gravel' })?.mark).toBe(0.2);
  expect(point('ground', good, { bank: 'gravel', fixtures: [fixture('soft-ground', at.xM, at.yM, 2)] })?.mark).toBe(1);
  // By hand: the rim of the stones lies 2.3 - 0.8 = 1.5 m away, a millimetre less is within falling distance.
  expect(point('hazards', good, { fixtures: [fixture('stones', at.xM + 2.301, at.yM, 0.8)] })?.mark).toBe(1);
  expect(point('hazards', good, { fixtures: [fixture('stones', at.xM + 2.299, at.yM, 0.8)] })?.mark).toBe(0.15);
  expect(point('power-line', good)).toBeUndefined();
  expect(point('power-line', good, { fixtures: [fixture('power-line', 0, -10, 1)] })?.mark).toBe(0);
});

test('a bush or a trunk in the way, and branches overhead, are seen', () => {
  const at = good.angler ?? { xM: 0, yM: 0 };
  const room = (kind: Fixture['kind'], byM: number, radiusM: number) =>
    point('room', good, { fixtures: [fixture(kind, at.xM, at.yM - byM, radiusM, 5)] })?.mark;
  expect([room('bush', 0.5, 1), room('bush', 3, 1)]).toEqual([0, 1]);
  expect([room('tree', 0.5, 2), room('tree', 1.5, 2), room('tree', 4, 2)]).toEqual([0, 0.5, 1]);
});

test('what is missing is said', () => {
  const { net: _net, ...without } = good;
  expect(point('missing-net', without)?.text).toEqual({ code: 'bank.missingOnPlan', values: { piece: 'net' } });
});

test('a tree to the south shades the mat, and the hours are counted', () => {
  const facingNorth = { fixtures: [fixture('tree', good.mat?.xM ?? 0, -4, 3, 9)] };
  const { brolly: _brolly, ...open } = good;
  expect(point('mat-shade', open)?.mark).toBe(0);
  expect(point('mat-shade', open, facingNorth)?.mark).toBeGreaterThan(0.5);
  expect(by(good).matLight).toHaveLength(hours.length);
  expect(by(good, { hours: [{ atMs: 0, sun: { altitudeDeg: -5, azimuthDeg: 0 } }] }).matLight).toEqual(['dark']);
});

// By hand: with the sun in the south and the swim facing north the camera belongs on the land side, south of the fish,
// with water behind it.
test('the camera stands between sun and fish; from the water’s side it is told to go over', () => {
  const mat = { xM: 0, yM: -2 };
  const south = { altitudeDeg: 50, azimuthDeg: 180 };
  expect(lightFromCamera({ xM: 0, yM: -4 }, mat, south, 0)).toBe(1);
  expect(lightFromCamera({ xM: 0, yM: 0 }, mat, south, 0)).toBe(0);
  expect(plannedBackdrop({ xM: 0, yM: -4 }, mat, [])).toBe('water');
  expect(plannedBackdrop({ xM: 0, yM: -0.5 }, mat, [])).toBe('open');
  expect(plannedBackdrop({ xM: 0, yM: -0.5 }, mat, [fixture('tree', 0, -6, 1, 5)])).toBe('green');
  expect(plannedBackdrop({ xM: 0, yM: -0.5 }, mat, [fixture('path', 0, -6, 1)])).toBe('path');
  const noon = { hours: [{ atMs: Date.UTC(2026, 6, 15, 12), sun: south }] };
  expect(point('camera-light', { ...good, mat, camera: { xM: 0, yM: -0.3 } }, noon)?.text).toEqual({
    code: 'bank.cameraLightOtherSide',
    values: { against: { code: 'bank.spellAt', values: { first: '12:00' } } },
  });
  expect(point('camera-light', good, noon)?.mark).toBeGreaterThan(0.6);
});

test('it goes round stones, and puts up the brolly where nothing else gives shade', () => {
  const stones = { fixtures: [fixture('stones', 0, -1.5, 1.2)] };
  expect(point('ground', autoLayout({ ...plan, ...stones }, false), stones)?.mark).toBe(1);
  expect(good.brolly).toBeDefined();
  const inDark = { ...plan, hours: [{ atMs: 0, sun: { altitudeDeg: -9, azimuthDeg: 0 } }] };
  expect(autoLayout(inDark, false).brolly).toBeUndefined();
});

test('a habit keeps its shape on another swim, and moves off the stones', () => {
  expect(layoutByHabit(good, plan)).toEqual(good);
  const at = good.mat ?? { xM: 0, yM: 0 };
  const stony = { ...plan, fixtures: [fixture('stones', at.xM, at.yM, 1)] };
  const moved = layoutByHabit(good, stony);
  const gap = (layout: Layout) => [
    (layout.bucket?.xM ?? 0) - (layout.mat?.xM ?? 0),
    (layout.bucket?.yM ?? 0) - (layout.mat?.yM ?? 0),
  ];
  expect(judgeLayout({ ...stony, layout: moved }).points.find(({ id }) => id === 'ground')?.mark).toBe(1);
  expect(gap(moved)[0]).toBeCloseTo(gap(good)[0] ?? 9, 9);
  expect(gap(moved)[1]).toBeCloseTo(gap(good)[1] ?? 9, 9);
  expect(moved.net?.yM).toBe(good.net?.yM);
});

test('an hour more changes no hour before it', () => {
  expect(by(good, { hours: hours.slice(0, 5) }).matLight).toEqual(by(good).matLight.slice(0, 5));
  expect(hours[1]?.atMs).toBe((hours[0]?.atMs ?? 0) + HOUR);
});
