/** @jest-environment node */
import 'fake-indexeddb/auto';
import { PRINTS_AT_ONCE } from '@keeper/contract/flanks';
import { cellsOf, keepCells } from './descriptorCells.js';

const asked: string[][] = [];
let has: (print: string) => boolean = () => true;
let isAway = false;
globalThis.fetch = (asks) => {
  const address = asks instanceof Request ? asks.url : asks;
  if (isAway) return Promise.reject(new TypeError('no network'));
  const prints = new URL(address, 'http://keeper').searchParams.get('prints')?.split(',') ?? [];
  asked.push(prints);
  return Promise.resolve(Response.json(Object.fromEntries(prints.filter(has).map((print) => [print, `of ${print}`]))));
};

beforeEach(async () => {
  [isAway, has] = [false, () => true];
  await keepCells([]);
  asked.length = 0;
});

test('what was kept is there without the server; what was not is left out, and asked for again when it is back', async () => {
  await keepCells(['a', 'b']);
  isAway = true;
  expect([...(await cellsOf(['a', 'c', 'b']))]).toEqual([
    ['a', 'of a'],
    ['b', 'of b'],
  ]);
  isAway = false;
  expect((await cellsOf(['a', 'c'])).get('c')).toBe('of c');
  expect(asked).toEqual([['a', 'b'], ['c']]);
  // And it is kept from then on.
  isAway = true;
  expect((await cellsOf(['c'])).size).toBe(1);
});

test('what is not in the register any more is removed; what is here is not fetched again', async () => {
  await keepCells(['a', 'b']);
  await keepCells(['b', 'c']);
  expect(asked).toEqual([['a', 'b'], ['c']]);
  isAway = true;
  expect([...(await cellsOf(['a', 'b', 'c'])).keys()]).toEqual(['b', 'c']);
});

test.each([
  [PRINTS_AT_ONCE - 1, 1],
  [PRINTS_AT_ONCE, 1],
  [PRINTS_AT_ONCE + 1, 2],
])('%d prints come with %d questions', async (many, questions) => {
  const prints = Array.from({ length: many }, (_, i) => `${i}`);
  expect((await cellsOf(prints)).size).toBe(many);
  expect(asked).toHaveLength(questions);
});

test('one that the server has lost is left out, and the others come', async () => {
  has = (print) => print !== 'b';
  expect([...(await cellsOf(['a', 'b', 'c'])).keys()]).toEqual(['a', 'c']);
});
