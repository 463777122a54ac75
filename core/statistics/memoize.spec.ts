import { memoize } from './memoize.js';

test('an answer is worked out once, and again only when too many were kept since', () => {
  let worked = 0;
  const sum = memoize(2, (a: number, b: number) => {
    worked += 1;
    return a + b;
  });
  expect([sum(1, 2), sum(1, 2), sum(1, 20), sum(12, 0)]).toEqual([3, 3, 21, 12]);
  expect(worked).toBe(3);
  // The third began anew: the first is worked out again.
  expect([sum(12, 0), sum(1, 2)]).toEqual([12, 3]);
  expect(worked).toBe(4);
});

test('nothing is an answer as well', () => {
  let worked = 0;
  const none = memoize(5, (x: number) => {
    worked += 1;
    return x * 0;
  });
  expect([none(3), none(3)]).toEqual([0, 0]);
  expect(worked).toBe(1);
});
