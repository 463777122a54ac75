import { QueryClient } from '@tanstack/react-query';
import type { Access } from '@keeper/contract/access';
import { asked } from './asked.js';
import { isKept, isOfTheBook } from './persistedAnswers.js';

const answer = (queryKey: readonly unknown[], data: unknown) => isKept({ queryKey, state: { data } } as never);
const pages = (count: number) => ({ pages: Array.from({ length: count }, () => ({ rows: [] })), pageParams: [] });

test.each<[string, readonly unknown[], unknown, boolean]>([
  ['the waters stay', ['waters'], [], true],
  ['what was never read does not', ['waters'], undefined, false],
  ['whole captures do not', ['capture', 'c1'], {}, false],
  ['the newest lines of the book stay', ['book', { species: undefined, order: undefined }], pages(1), true],
  ['three pages of it', ['book', {}], pages(3), true],
  ['not four', ['book', {}], pages(4), false],
  ['what was sought in it does not', ['book', { species: 'carp' }], pages(1), false],
  ['nor its pictures', ['book', 'pictures', {}], [], false],
])('%s', (_, queryKey, data, kept) => expect(answer(queryKey, data)).toBe(kept));

test.each([
  ['that nobody was asked about yet', undefined, false],
  ['that is let in', { role: 'helper', putOut: false } as Access, true],
  ['that was put out', { role: 'keeper', putOut: true } as Access, false],
  ['that has left', { role: null, putOut: false } as Access, false],
])('a device %s', (_, access, keeps) => {
  const client = new QueryClient();
  if (access) client.setQueryData(asked.access.queryKey, access);
  expect(isOfTheBook(client)).toBe(keeps);
});
