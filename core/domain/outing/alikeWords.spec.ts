import { alikeWords, meantWord } from './alikeWords.js';
import { rememberedRodWords } from './rememberedRodWords.js';

test.each([
  ['tigernuts', 'Tiger nuts'],
  ['Boilie', 'Boile'],
  ['Boilie', 'Bolilie'],
  ['Sardine', 'Sardjne'],
  ['Maggot', 'Magogt'],
  ['Mackerel', 'Mackerel tail'],
])('%s and %s may be one', (a, b) => expect(alikeWords([a, b])).toEqual([[a, b]]));

test.each([
  ['Worm', 'Corm'],
  ['Bread', 'Boilie'],
  ['Sardine', 'Sardnie x'],
  ['Mackerel', 'Mackerels tail'],
  ['Squid', 'Squidward'],
])('%s and %s are two', (a, b) => expect(alikeWords([a, b])).toEqual([]));

test('what was made one is remembered as one, and meant so wherever it is written', () => {
  const same = [{ word: 'tiger', as: 'Tiger nuts' }];
  expect(meantWord(' Tigers ', same)).toBe('Tiger nuts');
  expect(meantWord(' Bread ', same)).toBe('Bread');
  const told = [
    { waterId: 'w', atMs: 2, setup: { bait: 'Tigers' } },
    { waterId: 'w', atMs: 1, setup: { bait: 'Tiger nuts' } },
  ];
  expect(rememberedRodWords(told, 'w', same).baits).toEqual(['Tiger nuts']);
  expect(rememberedRodWords(told, 'w').baits).toEqual(['Tigers', 'Tiger nuts']);
});
