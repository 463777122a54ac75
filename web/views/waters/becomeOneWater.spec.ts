import type { KeptSwim } from '@keeper/contract/swims';
import type { KeptWater } from '@keeper/contract/waters';
import { becomeOneWater } from './becomeOneWater.js';

const done: unknown[][] = [];
let failsAt: string | undefined;

jest.mock('../../data/record.js', () => ({
  makeEvent: (captureId: string, _startedAt: string, type: string, payload: object) => ({ captureId, type, payload }),
  record: (events: unknown[]) => Promise.resolve(done.push(['record', ...events])),
  writeRow: (kind: string, id: string, body: object) =>
    kind === failsAt ? Promise.reject(new Error('full')) : Promise.resolve(done.push([kind, id, body])),
}));
const pages = [
  { rows: [{ captureId: 'a', startedAt: '2026-05-01T05:00:00Z' }], next: 'n1' },
  { rows: [{ captureId: 'b', startedAt: '2025-05-01T05:00:00Z' }], next: null },
];
const asked: string[] = [];
jest.mock('../../data/api.js', () => ({
  ask: (path: string) => {
    asked.push(path);
    return Promise.resolve(path.includes('after=n1') ? pages[1] : pages[0]);
  },
}));

const kept = { revision: 4, updatedAt: '2026-01-01' };
const water = { id: 'w1', name: 'Salt pit', retired: false, ...kept } as KeptWater;
const other = { id: 'w2', name: 'Saltern Pit', retired: false, ...kept } as KeptWater;
const swim = { id: 's1', waterId: 'w1', name: 'Reeds', retired: false, ...kept } as KeptSwim;

beforeEach(() => {
  done.length = 0;
  failsAt = undefined;
});

test('every fish on every page and every swim becomes of the other water, and the first is archived last', async () => {
  await becomeOneWater(water, other, [swim]);
  const payload = { facts: { waterId: 'w2' }, why: 'Salt pit and Saltern Pit are one water.' };
  expect(asked).toEqual(['/captures?waterId=w1', '/captures?waterId=w1&after=n1']);
  expect(done).toEqual([
    ['record', { captureId: 'a', type: 'amended', payload }],
    ['record', { captureId: 'b', type: 'amended', payload }],
    ['swims', 's1', { waterId: 'w2', name: 'Reeds', retired: false, revision: 4 }],
    ['waters', 'w1', { name: 'Salt pit', retired: true, revision: 4 }],
  ]);
});

test('where something cannot be written the water stays', async () => {
  failsAt = 'swims';
  await expect(becomeOneWater(water, other, [swim])).rejects.toThrow('full');
  expect(done.some(([kind]) => kind === 'waters')).toBe(false);
});
