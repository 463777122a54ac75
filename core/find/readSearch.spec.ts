import { readSearch, type Search } from './readSearch.js';

const habit = { dayFirst: true, today: '2026-11-30', massSystem: 'lb-oz' } as const;
const read = (text: string) =>
  Object.fromEntries(
    Object.entries(readSearch(text, habit)).filter(
      ([, value]) => value !== null && !(Array.isArray(value) && value.length === 0),
    ),
  ) as Partial<Search>;
const LB = 453.59237;

test('the whole of it: a linear of one swim and autumn, from a weight on, on a bait', () => {
  expect(read('linear boathouse autumn 2024 over 20 lb boilie')).toEqual({
    words: ['boathouse', 'boilie'],
    kinds: [{ species: 'carp', form: 'linear' }],
    from: '2024-09-01',
    to: '2024-11-30',
    leastGrams: 20 * LB,
  });
});

test.each<[string, Partial<Search>]>([
  ['', {}],
  ['pike 2019', { kinds: [{ species: 'pike' }], from: '2019-01-01', to: '2019-12-31' }],
  ['14/6/2019', { from: '2019-06-14', to: '2019-06-14' }],
  ['season 2019/20', { from: '2019-06-16', to: '2020-03-14' }],
  ['mirror carp', { kinds: [{ species: 'carp', form: 'mirror' }] }],
  ['20 lb+', { leastGrams: 20 * LB }],
  ['20+ tench', { leastGrams: 20 * LB, kinds: [{ species: 'tench' }] }],
  ['more than 10 kg', { leastGrams: 10_000 }],
  ['under 12-8', { mostGrams: 12.5 * LB }],
  ['over 30 in below 40 in', { leastMm: 762, mostMm: 1016 }],
  ['at least 100 cm', { leastMm: 1000 }],
  ['20 lb', { words: ['20', 'lb'] }],
  ['over the bar', { words: ['over', 'bar'] }],
  ['lost at the snag', { outcome: 'lost', words: ['snag'] }],
  ['"tiger-nuts" Mère', { words: ['tiger', 'nuts', 'mere'] }],
  ['off* OR (net)', { words: ['off', 'or', 'net'] }],
])('%s', (text, search) => expect(read(text)).toEqual(search));

test('a bare weight is in the keeper’s own unit', () => {
  expect(readSearch('over 10', { ...habit, massSystem: 'kg' }).leastGrams).toBe(10_000);
  expect(readSearch('over 10', habit).leastGrams).toBeCloseTo(10 * LB, 6);
});
