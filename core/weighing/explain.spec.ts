import { weightOfLength } from '../biometry/lengthWeight.js';
import type { OwnFish } from '../biometry/ownRelation.js';
import { GRAMS_PER_POUND, poundsOunces } from '../measure/mass.js';
import { explainEntry } from './explain.js';
import type { Entry } from './entry.js';

const own: OwnFish[] = Array.from({ length: 12 }, (_, i) => {
  const lengthMm = 680 + 15 * i;
  return { species: 'carp', lengthMm, grams: (weightOfLength('carp', lengthMm) ?? 0) * (1 + 0.04 * (i % 2 ? 1 : -1)) };
});
const OUNCE = { unit: 'oz', count: 1 } as const;
/** A carp of 80 cm, 9.2 kg by its length, weighed by the book. */
const clean: Entry = {
  reading: { asRead: poundsOunces(20, 5), method: 'zeroed', support: 'hung', slingAfter: { unit: 'oz', count: 1 } },
  species: 'carp',
  lengthMm: 800,
  girthMm: null,
  own,
  zeroSeen: true,
  slingGrams: 765,
  division: OUNCE,
};
const first = (entry: Entry) => explainEntry(entry)?.slips[0]?.kind;
const made = (entry: Entry, kind: string) => explainEntry(entry)?.slips.find((slip) => slip.kind === kind)?.corrected;

test('an entry that fits is left alone', () => {
  const said = explainEntry(clean);
  expect(said?.ask).toBe(false);
  expect(said?.right).toBeGreaterThan(0.9);
});

test('nothing is said of a weight that is not known yet', () => {
  expect(
    explainEntry({ ...clean, reading: { asRead: poundsOunces(21, 5), method: 'gross-minus-tare' } }),
  ).toBeUndefined();
});

const zeroed = clean.reading;
const slips: readonly [string, Entry, object][] = [
  [
    'sling-left-on',
    {
      ...clean,
      zeroSeen: false,
      reading: { ...zeroed, asRead: poundsOunces(22, 0), slingAfter: { unit: 'oz', count: 27 } },
    },
    { grams: expect.closeTo(22 * GRAMS_PER_POUND - 765, 3) },
  ],
  [
    'sling-taken-twice',
    {
      ...clean,
      reading: {
        ...zeroed,
        method: 'gross-minus-tare',
        tare: poundsOunces(1, 11),
        asRead: poundsOunces(20, 5),
        slingAfter: { unit: 'oz', count: 0 },
      },
    },
    { grams: expect.closeTo(poundsOunces(20, 5).count * (GRAMS_PER_POUND / 16), 3) },
  ],
  [
    'dotted-ounces',
    { ...clean, reading: { ...zeroed, asRead: { unit: 'lb/100', count: 2011 }, written: '20.11' } },
    { grams: expect.closeTo((20 + 11 / 16) * GRAMS_PER_POUND, 3) },
  ],
  [
    'pounds-for-kilograms',
    { ...clean, division: { unit: 'g', count: 10 }, reading: { ...zeroed, asRead: { unit: 'lb/100', count: 920 } } },
    { grams: expect.closeTo(9200, 0) },
  ],
  [
    'kilograms-for-pounds',
    { ...clean, reading: { ...zeroed, asRead: { unit: 'g', count: 20_300 } } },
    { grams: expect.closeTo(20.3 * GRAMS_PER_POUND, 0) },
  ],
  ['inches-for-centimetres', { ...clean, lengthMm: 800 * 2.54 }, { lengthMm: expect.closeTo(800, 6) }],
  ['centimetres-for-inches', { ...clean, lengthMm: 800 / 2.54 }, { lengthMm: expect.closeTo(800, 6) }],
  [
    'lost-point',
    { ...clean, division: { unit: 'g', count: 10 }, reading: { ...zeroed, asRead: { unit: 'g', count: 92_000 } } },
    { grams: 9200 },
  ],
  [
    'swapped-digits',
    { ...clean, reading: { ...zeroed, asRead: poundsOunces(91, 5) }, lengthMm: 780 },
    { grams: expect.closeTo((19 + 5 / 16) * GRAMS_PER_POUND, 3) },
  ],
  ['scale-held', { ...clean, reading: { ...zeroed, asRead: poundsOunces(21, 8), support: 'held' } }, {}],
  [
    'same-entry-twice',
    {
      ...clean,
      reading: { ...zeroed, asRead: poundsOunces(9, 3) },
      before: { grams: poundsOunces(9, 3).count * (GRAMS_PER_POUND / 16), lengthMm: 600 },
    },
    {},
  ],
  [
    'wrong-species',
    { ...clean, species: 'pike', own: [], reading: { ...zeroed, asRead: poundsOunces(21, 0) } },
    { species: 'carp' },
  ],
];

test.each(slips)('%s is told first, with what it makes of the entry', (kind, entry, corrected) => {
  expect(first(entry)).toBe(kind);
  expect(explainEntry(entry)?.ask).toBe(true);
  expect(made(entry, kind)).toMatchObject(corrected);
});

test('without circumstances a sling left on cannot be told from a fat fish, and is not asked about', () => {
  const bare: Entry = { ...clean, zeroSeen: undefined, reading: { asRead: poundsOunces(21, 10), method: 'zeroed' } };
  expect(explainEntry(bare)?.ask).toBe(false);
});

test('probabilities of all slips and of none add up', () => {
  for (const [, entry] of slips) {
    const said = explainEntry(entry);
    const sum = (said?.right ?? 0) + (said?.slips ?? []).reduce((all, { probability }) => all + probability, 0);
    expect(sum).toBeCloseTo(1, 9);
  }
});
