import { HOUR_MS } from '../../measure/timeSpan.js';
import { rodChanges } from './rodOfTake.js';
import { rodSpells, rodTimeMs, type RodTap } from './rods.js';

const SIX = Date.UTC(2026, 5, 1, 6);
const out = (eventId: string, rod: number): RodTap => ({
  eventId,
  kind: 'out',
  rod,
  setup: { bait: `bait ${rod}` },
  swimId: null,
  atMs: SIX,
});
const taps = [out('a', 1), out('b', 2)];
const spells = rodSpells(taps, null);
const TAKEN = '2026-06-01T08:00:00.000Z';
const said = (before: number | undefined, told: number | undefined) =>
  rodChanges(spells, TAKEN, { before, told }).map(({ type, payload }) => [type, payload.rod, payload.when]);

test('the rod that it took is out of the water since the take', () => {
  expect(said(undefined, 2)).toEqual([['rod-in', 2, TAKEN]]);
});

test('the same rod told once more changes nothing, nor does one that was not out', () => {
  expect(said(2, 2)).toEqual([]);
  expect(said(undefined, 3)).toEqual([]);
  expect(said(undefined, undefined)).toEqual([]);
  expect(rodChanges(spells, '2026-06-01T05:59:59.999Z', { before: undefined, told: 1 })).toEqual([]);
});

test('put right, the rod that was named wrongly never left the water', () => {
  expect(said(1, 2)).toEqual([
    ['rod-in', 2, TAKEN],
    ['rod-out', 1, TAKEN],
  ]);
  // As the log has it then: one taken in wrongly, then the other, and the first cast again as it was.
  const atMs = Date.parse(TAKEN);
  const [wrong, mended] = [said(undefined, 1), rodChanges(spells, TAKEN, { before: 1, told: 2 })];
  expect(wrong).toHaveLength(1);
  const log: RodTap[] = [
    ...taps,
    { eventId: 'c', kind: 'in', rod: 1, why: 'fish', atMs },
    ...mended.map(({ type, payload }, i): RodTap => {
      const eventId = `d${i}`;
      return type === 'rod-in'
        ? { eventId, kind: 'in', rod: payload.rod, why: payload.why, atMs }
        : { eventId, kind: 'out', rod: payload.rod, setup: payload.setup, swimId: null, atMs };
    }),
  ];
  const told = rodSpells(log, SIX + 4 * HOUR_MS);
  // Four hours of the one, two of the other.
  expect(rodTimeMs(told, SIX + 4 * HOUR_MS)).toBe(6 * HOUR_MS);
  expect(told.at(-1)).toMatchObject({ rod: 1, setup: { bait: 'bait 1' } });
});
