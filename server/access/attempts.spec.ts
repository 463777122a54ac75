import { Attempts, FORGOTTEN_AFTER_MS, FREE_ATTEMPTS, LONGEST_WAIT_MS } from './attempts.js';

function after(wrong: number): Attempts {
  const attempts = new Attempts();
  for (let i = 0; i < wrong; i += 1) attempts.wrong('phone', 0);
  return attempts;
}

test.each([
  [FREE_ATTEMPTS - 1, 0],
  [FREE_ATTEMPTS, 2_000],
  [FREE_ATTEMPTS + 1, 4_000],
  [FREE_ATTEMPTS + 8, 512_000],
  [FREE_ATTEMPTS + 9, LONGEST_WAIT_MS],
  [FREE_ATTEMPTS + 40, LONGEST_WAIT_MS],
])('after %i wrong ones in a row the next may be tried in %i ms', (wrong, waitMs) => {
  expect(after(wrong).waitMs('phone', 0)).toBe(waitMs);
  expect(after(wrong).waitMs('phone', waitMs - 1)).toBe(waitMs === 0 ? 0 : 1);
  expect(after(wrong).waitMs('phone', waitMs)).toBe(0);
});

test('another address waits for nobody, a right one forgets, and an hour does', () => {
  const attempts = after(9);
  expect(attempts.waitMs('desk', 0)).toBe(0);
  attempts.right('phone');
  expect(attempts.waitMs('phone', 0)).toBe(0);
  expect(after(30).waitMs('phone', 1)).toBeGreaterThan(0);
  expect(after(9).wrong('phone', FORGOTTEN_AFTER_MS - 1)).toBe(10);
  expect(after(9).wrong('phone', FORGOTTEN_AFTER_MS)).toBe(1);
});

test('of a thousand addresses the one that was quiet for longest is forgotten', () => {
  const attempts = after(9);
  for (let i = 0; i < 999; i += 1) attempts.wrong(`guest ${i}`, 1);
  expect(attempts.waitMs('phone', 1)).toBeGreaterThan(0);
  attempts.wrong('guest 999', 1);
  expect(attempts.waitMs('phone', 1)).toBe(0);
});
