import { addSlackened, bestNearby, type Reach } from './springs.js';

const REACH: Reach = { wide: 7, high: 5, slack: 2, price: 0.01 };
const at = (column: number, row: number) => row * REACH.wide + column;
const one = (column: number, row: number) => {
  const map = new Float32Array(REACH.wide * REACH.high);
  map[at(column, row)] = 1;
  return map;
};

test.each([
  ['at its place', 3, 2, 1],
  ['one beside', 4, 2, 0.99],
  ['two beside and one below', 1, 3, 1 - 0.04 - 0.01],
  ['at the end of its slack both ways', 5, 4, 1 - 0.04 - 0.04],
  ['just beyond its slack', 6, 2, 0],
])('what a part says of a common place %s', (_where, column, row, says) => {
  const total = new Float64Array(REACH.wide * REACH.high).fill(10);
  addSlackened(one(3, 2), 2, REACH, total);
  expect(total[at(column, row)]).toBeCloseTo(10 + 2 * says, 6);
});

test('on every other place the same is said where it is looked at, and nothing elsewhere', () => {
  const total = new Float32Array(REACH.wide * REACH.high);
  addSlackened(one(3, 2), 1, REACH, total, { fromAlong: 1, fromAcross: 0, step: 2 });
  expect(total[at(5, 2)]).toBeCloseTo(0.96, 6);
  expect(total[at(4, 2)]).toBe(0);
});

test('the best place of a part is found within its slack and within reach', () => {
  expect(bestNearby(one(5, 3), REACH, at(3, 2))).toEqual({
    likeness: expect.closeTo(0.95, 6) as number,
    along: 2,
    across: 1,
  });
  expect(bestNearby(one(6, 2), REACH, at(3, 2)).likeness).toBe(0);
  expect(bestNearby(one(0, 0), REACH, at(1, 1))).toMatchObject({ along: -1, across: -1 });
  // The row before does not begin where this one ends.
  expect(bestNearby(one(6, 1), REACH, at(0, 2)).likeness).toBe(0);
});
