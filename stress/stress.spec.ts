import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { FAULTS, Faults } from './faults.js';
import { fuzz } from './fuzz.js';

const root = join(__dirname, '..');

test('whatever is asked is understood or refused, and the book can be carried away whole', async () => {
  const { requests, failed, leaks, endedWell, byStatus } = await fuzz(root, 'short', 900);
  expect(failed).toEqual([]);
  expect(leaks).toEqual([]);
  expect([requests, endedWell]).toEqual([900, true]);
  // A drawn request that is always refused would try nothing.
  expect(byStatus.get(201)).toBeGreaterThan(120);
}, 120_000);

test.each([
  ['keeper', 200, 201],
  ['helper', 100, 403],
  ['reader', 100, 403],
  ['nobody', 100, 401],
] as const)('and over HTTPS, asked by a %s', async (sender, count, most) => {
  const { failed, leaks, endedWell, byStatus } = await fuzz(root, 'short', count, sender);
  expect({ failed, leaks, endedWell }).toEqual({ failed: [], leaks: [], endedWell: true });
  expect(byStatus.get(most)).toBeGreaterThan(12);
});

test('one fault of each kind: what was acknowledged is in the book once, as it was tapped', async () => {
  const work = mkdtempSync(join(tmpdir(), 'keeper-stress-'));
  const { wrong, notTried, acknowledged, lost, doubled, changed } = await Faults.befall(
    ...([root, 'short', FAULTS.length, work] as const),
  );
  rmSync(work, { recursive: true, force: true });
  expect(wrong).toEqual([]);
  expect({ lost, doubled, changed }).toEqual({ lost: 0, doubled: 0, changed: 0 });
  expect(acknowledged).toBeGreaterThan(50);
  // Only what the system does not let this user do may be left out.
  expect(notTried.filter((fault) => fault !== 'disk-full' && fault !== 'read-only')).toEqual([]);
}, 180_000);
