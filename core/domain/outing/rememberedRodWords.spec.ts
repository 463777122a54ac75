import type { RodSetup } from '../capture/rodFacts.js';
import { foldWord } from './foldWord.js';
import { rememberedRodWords } from './rememberedRodWords.js';

const outing = (waterId: string, fromMs: number, ...setups: RodSetup[]) => ({
  waterId,
  fromMs,
  fished: [{ swimId: null, rodMs: 1, runsDropped: 0, bitesMissed: 0, fishLost: 0, setups }],
});

test('baits of this water come first, the newest first; places are of this water alone', () => {
  const told = rememberedRodWords(
    [
      outing('pit', 3, { bait: 'Squid', place: 'The bar', method: 'Float' }),
      outing('mere', 1, { bait: 'Bread', place: 'Reeds' }),
      outing('mere', 2, { bait: 'Maggot', place: 'Left margin' }, { bait: 'Tiger nut' }),
    ],
    'mere',
  );
  expect(told).toEqual({
    baits: ['Tiger nut', 'Maggot', 'Bread', 'Squid'],
    methods: ['Float'],
    places: ['Left margin', 'Reeds'],
  });
});

test('a bait typed five ways is one, as it was written last', () => {
  const ways = ['tiger nut', 'Tiger Nuts', 'TIGER-NUT', ' tiger  nuts ', 'Tiger nut'];
  const outings = ways.map((bait, i) => outing('mere', i, { bait }));
  expect(rememberedRodWords(outings, 'mere').baits).toEqual(['Tiger nut']);
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
  expect(rememberedRodWords([outing('mere', 1, { bait: ' ' }, {})], 'mere').baits).toEqual([]);
});
