import { event } from '../spec/events.js';
import { FIRST_KEEPER } from '../domain/capture/angler.js';
import { asKeeper } from './asKeeper.js';
import { readBookJson, type CameBook } from './readBookJson.js';
import { mergeRow } from './mergeRow.js';

const read = readBookJson('{"format":"unhurried-keeper-book","version":1}');
const empty = read.ok ? read.book : ({} as CameBook);
const keeper = (keeperId: string) => ({ who: 'keeper', keeperId }) as const;
const row = { id: FIRST_KEEPER, revision: 1, updatedAt: '2026-01-01T00:00:00.000Z', name: 'Ann' };

test('what is the first keeper’s there is somebody’s here; what is another’s stays theirs', () => {
  const book: CameBook = {
    ...empty,
    rows: { ...empty.rows, keepers: [row, { ...row, id: 'cleo' }] },
    captures: [
      event('hooked', 0, {}),
      event('hooked', 0, { keeperId: FIRST_KEEPER }),
      event('hooked', 0, { keeperId: 'cleo' }),
      event('amended', 1, { facts: { angler: keeper(FIRST_KEEPER) }, why: 'x' }),
      event('described', 1, { facts: { angler: keeper('cleo') } }),
      event('described', 1, { facts: { angler: { who: 'friend' } } }),
    ],
  };
  const { captures, rows } = asKeeper(book, 'ben');
  expect(captures.map(({ payload }) => payload)).toEqual([
    ...[{ keeperId: 'ben' }, { keeperId: 'ben' }, { keeperId: 'cleo' }],
    { facts: { angler: keeper('ben') }, why: 'x' },
    { facts: { angler: keeper('cleo') } },
    { facts: { angler: { who: 'friend' } } },
  ]);
  expect(rows.keepers.map(({ id }) => id)).toEqual(['ben', 'cleo']);
  expect(asKeeper(book, FIRST_KEEPER)).toBe(book);
});

test.each([
  ['later, and another', { updatedAt: '2026-01-02T00:00:00.000Z', name: 'Anne' }, 'newer'],
  ['at the same moment, and another', { name: 'Anne' }, 'older'],
  ['earlier, and another', { updatedAt: '2025-01-01T00:00:00.000Z', name: 'Anne' }, 'older'],
  ['later, and the same', { updatedAt: '2026-01-02T00:00:00.000Z', revision: 9 }, 'known'],
])('a row that was written %s', (_, change, kind) => {
  expect(mergeRow(row, { ...row, ...change }).kind).toBe(kind);
});

test('a later writing takes the place of what stands, field by field, at a revision above it', () => {
  const standing = { ...row, revision: 5, position: 'secret' };
  const merged = mergeRow(standing, { ...row, updatedAt: '2026-02-01T00:00:00.000Z', name: 'Anne' });
  expect(merged).toMatchObject({ kind: 'newer', row: { name: 'Anne', position: 'secret', revision: 6 } });
});
