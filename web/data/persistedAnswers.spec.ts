import { isKept } from './persistedAnswers.js';

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
