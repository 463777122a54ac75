import type { PictureInBook } from '@keeper/contract/book';
import { gridRows } from './gridRows.js';

const picture = (name: string, startedAt: string): PictureInBook => ({
  sha256: name,
  zone: null,
  role: null,
  view: null,
  captureId: name,
  startedAt,
  species: 'carp',
  form: null,
  net: null,
});
const FOUR = [
  ...[picture('a', '2026-06-20T10:00:00.000Z'), picture('b', '2026-06-12T10:00:00.000Z')],
  ...[picture('c', '2026-06-02T10:00:00.000Z'), picture('d', '2026-05-20T10:00:00.000Z')],
];
const names = (columns: number, byMonth: boolean) =>
  gridRows(FOUR, columns, byMonth).map((row) =>
    row.kind === 'month' ? row.text : row.pictures.map(({ sha256 }) => sha256).join(''),
  );

test('each month begins a row of its own under its name', () => {
  expect(names(2, true)).toEqual(['June 2026', 'ab', 'c', 'May 2026', 'd']);
  expect(names(3, true)).toEqual(['June 2026', 'abc', 'May 2026', 'd']);
});

test('by weight there are no months', () => expect(names(3, false)).toEqual(['abc', 'd']));
