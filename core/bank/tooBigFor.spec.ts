import { lengthOfWeight } from '../biometry/lengthWeight.js';
import type { KitItem } from '../domain/kit/kit.js';
import { YEAR_MS } from '../measure/timeSpan.js';
import { kitItem } from '../spec/kitItems.js';
import { SEASONS_BACK, tooBigFor, type SizedFish } from './tooBigFor.js';

const NOW = Date.parse('2026-07-01T00:00:00Z');
const thing = (change: Partial<KitItem>) => kitItem('mat', change);
const fish = (change: Partial<SizedFish>): SizedFish => ({
  captureId: 'c',
  startedAt: '2026-06-01T00:00:00Z',
  species: 'carp',
  lengthMm: null,
  netGrams: null,
  overScaleGrams: null,
  ...change,
});
const isTooBig = (item: Partial<KitItem>, of: Partial<SizedFish>) => tooBigFor(thing(item), [fish(of)], NOW).length > 0;

test.each<[string, Partial<KitItem>, Partial<SizedFish>, boolean]>([
  ['a mat a hand longer than it', { kind: 'mat', sizeMm: 1000 }, { lengthMm: 900 }, false],
  ['a mat less than that', { kind: 'mat', sizeMm: 1000 }, { lengthMm: 901 }, true],
  ['a sling likewise', { kind: 'sling', sizeMm: 1000 }, { lengthMm: 901 }, true],
  ['a board as long as the fish', { kind: 'board', sizeMm: 1000 }, { lengthMm: 1000 }, false],
  ['a board that ends before its tail', { kind: 'board', sizeMm: 1000 }, { lengthMm: 1001 }, true],
  ['a net of nine tenths', { kind: 'net', sizeMm: 900 }, { lengthMm: 1000 }, false],
  ['a net narrower than that', { kind: 'net', sizeMm: 899 }, { lengthMm: 1000 }, true],
  ['a sling at what it bears', { kind: 'sling', capacityGrams: 20_000 }, { netGrams: 20_000 }, false],
  ['a sling past what it bears', { kind: 'sling', capacityGrams: 20_000 }, { netGrams: 20_001 }, true],
  ['a tool of any size', { kind: 'tool', sizeMm: 200 }, { lengthMm: 2000 }, false],
  ['a thing that nobody measured', { kind: 'mat' }, { lengthMm: 2000 }, false],
])('%s', (_, item, of, expected) => expect(isTooBig(item, of)).toBe(expected));

test('scales are too small for a fish past their end, and for one that ended them', () => {
  const scale = {
    division: { unit: 'oz', count: 1 },
    scaleClass: 'III',
    checks: [],
    capacity: { unit: 'g', count: 50_000 },
  };
  const scales = { kind: 'scales', scale } as Partial<KitItem>;
  expect(isTooBig(scales, { netGrams: 50_000 })).toBe(false);
  expect(isTooBig(scales, { netGrams: 50_001 })).toBe(true);
  expect(isTooBig(scales, { overScaleGrams: 50_000 })).toBe(true);
  expect(isTooBig({ kind: 'scales' }, { netGrams: 90_000 })).toBe(false);
});

test('a fish that was only weighed counts with the length of one of its weight', () => {
  const long = lengthOfWeight('carp', 15_000) ?? 0;
  expect(isTooBig({ kind: 'board', sizeMm: Math.ceil(long) }, { netGrams: 15_000 })).toBe(false);
  expect(isTooBig({ kind: 'board', sizeMm: Math.floor(long) }, { netGrams: 15_000 })).toBe(true);
});

test('older fish than three seasons say nothing', () => {
  const at = (ms: number) => ({ lengthMm: 2000, startedAt: new Date(ms).toISOString() });
  const mat: Partial<KitItem> = { sizeMm: 1000 };
  expect(isTooBig(mat, at(NOW - SEASONS_BACK * YEAR_MS))).toBe(true);
  expect(isTooBig(mat, at(NOW - SEASONS_BACK * YEAR_MS - 1))).toBe(false);
  expect(isTooBig(mat, { lengthMm: 2000, startedAt: null })).toBe(false);
});
