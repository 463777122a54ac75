import type { RodSetup } from '../capture/rodFacts.js';
import { foldWord } from './foldWord.js';
import { rememberedRodWords } from './rememberedRodWords.js';

const told = (waterId: string, atMs: number, setup: RodSetup) => ({ waterId, atMs, setup });

test('baits of this water come first, the newest first; places are of this water alone', () => {
  const words = rememberedRodWords(
    [
      told('pit', 4, { bait: 'Squid', place: 'The bar', method: 'Float' }),
      told('mere', 1, { bait: 'Bread', place: 'Reeds' }),
      told('mere', 2, { bait: 'Maggot', place: 'Left margin' }),
      told('mere', 3, { bait: 'Tiger nut' }),
    ],
    'mere',
  );
  expect(words).toEqual({
    baits: ['Tiger nut', 'Maggot', 'Bread', 'Squid'],
    methods: ['Float'],
    places: ['Left margin', 'Reeds'],
  });
});

test('a bait typed five ways is one, as it was written last', () => {
  const ways = ['tiger nut', 'Tiger Nuts', 'TIGER-NUT', ' tiger  nuts ', 'Tiger nut'];
  const setups = ways.map((bait, i) => told('mere', i, { bait }));
  expect(rememberedRodWords(setups, 'mere').baits).toEqual(['Tiger nut']);
});

test.each([
  ['Worms', 'worm'],
  ['As', 'as'],
  ['Gras', 'gra'],
  ['Boilie 15', 'boilie 15'],
])('%s folds to "%s"', (word, folded) => {
  expect(foldWord(word)).toBe(folded);
});

test('what was left empty is no word', () => {
  expect(rememberedRodWords([told('mere', 1, { bait: ' ' }), told('mere', 2, {})], 'mere').baits).toEqual([]);
});
