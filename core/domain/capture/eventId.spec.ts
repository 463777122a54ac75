import { idMaker } from './eventId.js';

const zeros = (length: number) => new Uint8Array(length);

test('ids sort in the order of making, though the wall clock is put back', () => {
  const walls = [1_750_000_000_000, 1_750_000_000_000, 1_600_000_000_000, 1_750_000_000_001];
  const next = idMaker({ wallMs: () => walls.shift() ?? 0, randomBytes: zeros });
  const ids = [next(), next(), next(), next()];
  expect(ids).toEqual([...ids].sort());
  expect(new Set(ids).size).toBe(4);
  for (const id of ids) expect(id).toMatch(/^[0-9a-f]{8}-[0-9a-f]{4}-7[0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}$/);
});
