import { Problem } from '../errors/problem.js';
import { rowToStand } from './rowToStand.js';

const row = (revision: number, body: string, updatedAt = '2026-01-01T00:00:00.000Z') => ({ revision, body, updatedAt });
const how = { name: 'This rig', kept: (kept: object) => kept };

test('a first writing stands, and the next after it', () => {
  const first = row(1, 'hair rig');
  expect(rowToStand(undefined, first, how)).toBe(first);
  const next = row(2, 'longer hair');
  expect(rowToStand(first, next, how)).toBe(next);
});

test('the same writing once more, later, leaves what stands', () => {
  const standing = row(2, 'longer hair');
  expect(rowToStand(standing, row(2, 'longer hair', '2026-01-02T00:00:00.000Z'), how)).toBe(standing);
});

test.each([
  ['behind', row(2, 'shorter hair')],
  ['ahead', row(4, 'shorter hair')],
])('a writing at a revision that is %s is refused, with what stands', (_where, wanted) => {
  const standing = row(2, 'longer hair');
  const refusal = refusalOf(() => rowToStand(standing, wanted, how));
  expect(refusal?.getStatus()).toBe(409);
  expect(refusal?.getResponse()).toMatchObject({
    theirs: standing,
    sentence: expect.stringMatching(/^This rig/) as string,
  });
});

test('one that was never written is refused at a revision', () => {
  expect(refusalOf(() => rowToStand(undefined, row(2, 'hair rig'), how))?.getResponse()).toMatchObject({
    theirs: null,
  });
});

function refusalOf(write: () => unknown): Problem | undefined {
  try {
    write();
  } catch (cause) {
    if (cause instanceof Problem) return cause;
    throw cause;
  }
  return undefined;
}
