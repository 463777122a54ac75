import { createRng } from '../statistics/rng.js';
import { LEAST_RECAPTURES, stockOf, type ToldCatch } from './stock.js';

const day = (n: number) => new Date(Date.UTC(2026, 3, 1 + n)).toISOString().slice(0, 10);
const days = (...of: string[]): ToldCatch[] =>
  of.flatMap((fish, n) => [...fish].map((fishId) => ({ fishId, day: day(n) })));

test('the counts are those that one reckons on paper', () => {
  // Five days: 3, 3, 2, 3 and 2 fish; met again 1, 1, 2 and 2, of 3, 5, 6 and 7 that had been by then.
  const found = stockOf(days('abc', 'ade', 'bf', 'acg', 'de'));
  expect(found).toMatchObject({ catches: 13, met: 7, recaptures: 6 });
  // 3 * 3 + 2 * 5 + 3 * 6 + 2 * 7 = 51 chances.
  expect(found.schnabel?.fish).toBeCloseTo(51 / 6, 10);
  // (1 * 3 + 1 * 5 + 2 * 6 + 2 * 7) / (3 * 9 + 2 * 25 + 3 * 36 + 2 * 49)
  expect(found.schumacher?.fish).toBeCloseTo(283 / 34, 10);
  // a thrice, b to e twice, f and g once.
  expect(found.chaoLeast).toBeCloseTo(7 + (2 * 1) / (2 * 5), 10);
  expect(found.nextWasMet).toBeCloseTo(1 - 2 / 13, 10);
});

test('without one that was met once only, the next is no surer an old one than so many catches allow', () => {
  expect(stockOf(days('ab', 'ab')).nextWasMet).toBe(4 / 5);
  expect(stockOf(days('ab', 'ac')).nextWasMet).toBe(1 - 2 / 4);
});

test('a fish that comes twice in a day was met once that day', () => {
  expect(stockOf(days('aab', 'a'))).toMatchObject({ catches: 4, met: 2, recaptures: 1 });
});

test('with too few met again nothing is counted, and nobody has met more than there are', () => {
  const again = 'a'.repeat(LEAST_RECAPTURES).split('');
  expect(stockOf(days('ab', ...again)).schnabel).toMatchObject({ fish: 2, low: 2 });
  expect(stockOf(days('ab', ...again.slice(1))).schnabel).toBeNull();
  expect(stockOf([])).toEqual({
    catches: 0,
    met: 0,
    recaptures: 0,
    schnabel: null,
    schumacher: null,
    chaoLeast: 0,
    chapman: null,
    nextWasMet: 0,
    isUneven: false,
  });
});

/** Fifty fish, four a day on forty days; `eager`: how many times as likely a tenth of them are caught. */
function fished(seed: string, eager: number): ToldCatch[] {
  const luck = createRng(seed);
  const pool = Array.from({ length: 50 }, (_, n) =>
    Array.from({ length: n < 5 ? eager : 1 }, () => `fish ${n}`),
  ).flat();
  return Array.from({ length: 40 }, (_, n) => {
    const today = new Set<string>();
    while (today.size < 4) today.add(luck.pick(pool));
    return [...today].map((fishId) => ({ fishId, day: day(n) }));
  }).flat();
}

test('of a hundred stocks of fifty whose fish are alike nearly all limits hold fifty', () => {
  const found = Array.from({ length: 100 }, (_, n) => stockOf(fished(`stock ${n}`, 1)));
  for (const way of ['schnabel', 'schumacher'] as const) {
    const held = found.filter((each) => (each[way]?.low ?? 0) <= 50 && 50 <= (each[way]?.high ?? 0)).length;
    expect(held).toBeGreaterThanOrEqual(88);
  }
  expect(found.filter(({ isUneven }) => isUneven).length).toBeLessThanOrEqual(12);
});

test('where some come again and again that is told, in more than four of five', () => {
  const found = Array.from({ length: 50 }, (_, n) => stockOf(fished(`uneven ${n}`, 8)));
  expect(found.filter(({ isUneven }) => isUneven).length).toBeGreaterThan(40);
});

/**
 * Golden shiners of a pond, 109 marked, 177 caught, 57 of them marked: 337 (Krebs 1999, Ecological Methodology, 2.1,
 * from memory).
 */
test('two visits are counted by Chapman’s estimate, and more are not', () => {
  const visit = (on: number, from: number, to: number): ToldCatch[] =>
    Array.from({ length: to - from }, (_, i) => ({ fishId: `f${from + i}`, day: day(on) }));
  const shiners = [...visit(0, 0, 109), ...visit(1, 52, 229)];
  const { chapman, recaptures } = stockOf(shiners);
  expect(recaptures).toBe(57);
  expect(chapman?.fish).toBeCloseTo((110 * 178) / 58 - 1, 10);
  expect(chapman?.low).toBeLessThan(300);
  expect(chapman?.high).toBeGreaterThan(400);
  expect(stockOf([...shiners, ...visit(2, 0, 1)]).chapman).toBeNull();
});
