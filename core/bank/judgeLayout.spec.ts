import type { Fixture, FixtureKind, Layout } from '../domain/water/plan.js';
import { FALL_M, judgeLayout, REACH_M, STRIDE_M } from './judgeLayout.js';
import type { BankPlan } from './layoutPoint.js';

const plan: BankPlan = { bank: 'grass', facingDeg: 180, fixtures: [], layout: {}, hours: [], clock: String };
const MAT = { xM: 0, yM: -2 };
/** A fixture whose edge is so far from the middle of the mat; paths, edges and wires run along the bank. */
const beside = (kind: FixtureKind, clearM: number, radiusM = 0.5): Fixture => {
  const isBand = ['path', 'steep-edge', 'power-line'].includes(kind);
  const away = clearM + radiusM;
  return { id: kind, kind, xM: isBand ? 0 : away, yM: isBand ? -2 - away : -2, radiusM, heightM: 0 };
};
const point = (id: string, layout: Layout, change: Partial<BankPlan> = {}) =>
  judgeLayout({ ...plan, layout, ...change }).points.find((each) => each.id === id);
const mark = (...of: Parameters<typeof point>) => point(...of)?.mark;
const code = (...of: Parameters<typeof point>) => point(...of)?.text.code.replace('bank.', '');
const onMat = (...fixtures: Fixture[]) => ({ fixtures });

// Common practice, no source: two strides from the net to the mat are as good as can be.
test.each([
  [2 * STRIDE_M, 1, 2],
  [2 * STRIDE_M + 1.5, 0.5, 4],
  [2 * STRIDE_M + 3, 0, 6],
  [2 * STRIDE_M + 9, 0, 14],
])('a carry of %d m is marked %d', (carryM, expected, strides) => {
  const layout = { net: { xM: 0, yM: 0 }, mat: { xM: 0, yM: -carryM } };
  expect(mark('carry', layout)).toBeCloseTo(expected, 6);
  expect(point('carry', layout)?.text.values).toEqual({ carryM, strides });
  expect(judgeLayout({ ...plan, layout }).carryM).toBe(carryM);
});

test('no carry is judged without both of its ends', () => {
  expect(point('carry', { mat: MAT })).toBeUndefined();
  expect(judgeLayout({ ...plan, layout: { mat: MAT } }).carryM).toBeNull();
});

test('what lies past an arm’s reach of who kneels is named; what lies at it is within', () => {
  const angler = { xM: 0, yM: 0 };
  const at = { xM: REACH_M, yM: 0 };
  const past = { xM: REACH_M + 0.01, yM: 0 };
  expect(code('reach', { angler, bucket: at, sling: at })).toBe('reachAll');
  expect(mark('reach', { angler, bucket: at, sling: at })).toBe(1);
  expect(point('reach', { angler, bucket: past, sling: at })).toMatchObject({ mark: 0.5, pieces: ['bucket'] });
  expect(judgeLayout({ ...plan, layout: { angler, bucket: past } }).outOfReach).toEqual(['bucket']);
  expect(mark('reach', { angler })).toBe(0);
  expect(judgeLayout({ ...plan, layout: { bucket: past } }).outOfReach).toEqual([]);
  expect(point('reach', { bucket: at })).toBeUndefined();
});

test.each<[string, BankPlan['bank'], Fixture[], number, string]>([
  ['turf', 'grass', [], 1, 'groundSoft'],
  ['a padded floor', 'boat', [], 0.6, 'groundFloor'],
  ['boards', 'platform', [], 0.6, 'groundFloor'],
  ['gravel', 'gravel', [], 0.2, 'groundOther'],
  ['soft ground on gravel', 'gravel', [beside('soft-ground', -0.2)], 1, 'groundSoft'],
  ['soft ground that the mat only touches', 'gravel', [beside('soft-ground', -0.19)], 0.2, 'groundOther'],
  ['stones that nearly touch', 'grass', [beside('stones', 0.59)], 0, 'groundHard'],
  ['stones far enough', 'grass', [beside('stones', 0.6)], 1, 'groundSoft'],
  ['a path', 'grass', [beside('path', 0)], 0, 'groundHard'],
  ['a bush', 'grass', [beside('bush', 0)], 1, 'groundSoft'],
])('a mat on %s', (_, bank, fixtures, expected, says) => {
  expect([mark('ground', { mat: MAT }, { bank, fixtures }), code('ground', { mat: MAT }, { bank, fixtures })]).toEqual([
    expected,
    says,
  ]);
});

test.each<[FixtureKind, number, number]>([
  ['stones', FALL_M, 1],
  ['stones', FALL_M - 0.01, 0.15],
  ['path', FALL_M - 0.01, 0.15],
  ['steep-edge', FALL_M - 0.01, 0.15],
  ['bush', 0.5, 1],
])('%s %d m from the mat: falls are marked %d', (kind, clearM, expected) => {
  expect(mark('hazards', { mat: MAT }, onMat(beside(kind, clearM)))).toBe(expected);
});

test('what a fish could fall on is named', () => {
  const fixtures = [beside('stones', 0.7), beside('bush', 0.7), beside('path', 1)];
  expect(point('hazards', { mat: MAT }, { fixtures })?.text.values).toEqual({ near: ['stones', 'path'] });
});

test.each<[string, Fixture, number]>([
  ['a bush close by', beside('bush', 0.19), 0],
  ['a bush a step off', beside('bush', 0.21), 1],
  ['a crown overhead', beside('tree', -0.11, 2), 0.5],
  ['a crown beside', beside('tree', -0.09, 2), 1],
  ['a trunk', { ...beside('tree', 0), xM: 0.89, radiusM: 0.1 }, 0],
  ['a trunk far enough', { ...beside('tree', 0), xM: 0.9, radiusM: 0.1 }, 1],
])('%s leaves room %d', (_, fixture, expected) => expect(mark('room', { mat: MAT }, onMat(fixture))).toBe(expected));

test('room is wanted for those who kneel and help, too', () => {
  const fixtures = [{ ...beside('bush', 0), xM: 5.4 }];
  expect(mark('room', { mat: MAT, helper: { xM: 5, yM: -2 } }, { fixtures })).toBe(0);
  expect(mark('room', { mat: MAT }, { fixtures })).toBe(1);
});

// Published guidance of grid operators, from memory.
test('within thirty metres of a power line nothing is fished', () => {
  expect(mark('power-line', { mat: MAT }, onMat(beside('power-line', 29.9)))).toBe(0);
  expect(point('power-line', { mat: MAT }, onMat(beside('power-line', 30.1)))).toBeUndefined();
  expect(point('power-line', { mat: MAT }, onMat(beside('tree', 1)))).toBeUndefined();
});

test.each([
  [0.8, 1, 'kneelAtMat'],
  [0.9, 0.875, 'kneelAtMat'],
  [1.2, 0.5, 'kneelAway'],
  [1.6, 0, 'kneelAway'],
])('kneeling %d m off is marked %d', (away, expected, says) => {
  const layout = { mat: MAT, angler: { xM: away, yM: -2 } };
  expect(mark('kneel', layout)).toBeCloseTo(expected, 6);
  expect(code('kneel', layout)).toBe(says);
});

test.each([
  [1, 1, 'weighBarAtMat'],
  [1.2, 0.867, 'weighBarAtMat'],
  [1.75, 0.5, 'weighBarAway'],
  [2.5, 0, 'weighBarAway'],
])('a bar %d m from the mat is marked %d', (away, expected, says) => {
  const layout = { mat: MAT, 'weigh-bar': { xM: away, yM: -2 } };
  expect(mark('weigh-over-mat', layout)).toBeCloseTo(expected, 3);
  expect(code('weigh-over-mat', layout)).toBe(says);
});

test('what is missing is said, each thing by itself, and nothing of a plan that has it', () => {
  const missing = (layout: Layout) =>
    judgeLayout({ ...plan, layout })
      .points.map(({ id }) => id)
      .filter((id) => id.startsWith('missing-'));
  expect(missing({})).toEqual(['net', 'mat', 'sling', 'bucket', 'kit-roll'].map((piece) => `missing-${piece}`));
  expect(missing({ net: MAT, mat: MAT, sling: MAT, bucket: MAT, 'kit-roll': MAT })).toEqual([]);
});

test('the score is the weighted mean of the marks, and what costs most stands first', () => {
  const { points, score } = judgeLayout({ ...plan, bank: 'gravel', layout: { mat: MAT, angler: { xM: 1.2, yM: -2 } } });
  const weights = points.reduce((sum, { weight }) => sum + weight, 0);
  expect(score).toBeCloseTo(points.reduce((sum, each) => sum + each.mark * each.weight, 0) / weights, 9);
  const costs = points.map((each) => (1 - each.mark) * each.weight);
  expect(costs).toEqual([...costs].sort((a, b) => b - a));
  expect(costs[0]).toBe(3);
});
