import fc from 'fast-check';
import { formatMass } from './formatMass.js';
import { parseMass } from './parseMass.js';
import { enGB } from '../text/en-GB/catalogue.js';
import { sayIn } from '../text/texts.js';

const say = sayIn(enGB);

describe('as anglers write it', () => {
  test.each([
    ['23lb 11oz', '23 lb 11 oz'],
    ['23-11', '23 lb 11 oz'],
    ['23–11', '23 lb 11 oz'],
    ['23 lb 11', '23 lb 11 oz'],
    ['23LBS', '23 lb 0 oz'],
    ['23', '23 lb 0 oz'],
    ['11 oz', '11 oz'],
    ['23-11-8', '23 lb 11 oz 8 dr'],
    ['23lb 11oz 8dr', '23 lb 11 oz 8 dr'],
    ['23 lb 11¼ oz', '23 lb 11¼ oz'],
    ['23-11 1/2', '23 lb 11½ oz'],
    ['10¾ lb', '10 lb 12 oz'],
    ['10 3/4', '10 lb 12 oz'],
    ['10⅜lb', '10 lb 6 oz'],
    ['½ lb', '8 oz'],
    ['23.75 lb', '23.75 lb'],
    ['23.125 lb', '23 lb 2 oz 0 dr'],
    ['1 st 3 lb', '17 lb 0 oz'],
    ['2 stone', '28 lb 0 oz'],
    ['1st 13lb 15oz', '27 lb 15 oz'],
    ['8.45 kg', '8.45 kg'],
    ['8,45 kg', '8.45 kg'],
    ['8450g', '8.45 kg'],
    ['  8 kilos ', '8.00 kg'],
  ])('%s is %s', (text, says) => {
    const parsed = parseMass(text, 'lb-oz');
    if (parsed.kind !== 'mass') throw new Error(`${text} gave ${JSON.stringify(parsed)}`);
    expect(formatMass(parsed.mass).replace(' 0 dr', '')).toBe(says.replace(' 0 dr', ''));
  });

  test('a bare number follows the habit of the keeper', () => {
    expect(parseMass('8.45', 'kg')).toEqual({ kind: 'mass', mass: { unit: 'g', count: 8450 } });
    expect(parseMass('8.45', 'lb-oz')).toEqual({ kind: 'mass', mass: { unit: 'lb/100', count: 845 } });
  });
});

describe('the notation trap', () => {
  test.each(['23.11', '23.11 lb', '23,11'])('%s is asked about, with both meanings', (text) => {
    const parsed = parseMass(text, 'lb-oz');
    expect(parsed).toMatchObject({
      kind: 'ambiguous',
      meanings: [
        { says: { code: 'measure.massItself', values: { mass: { unit: 'oz', count: 379 } } } },
        { says: { code: 'measure.massDecimalPounds', values: { poundText: '23', fraction: '11', ounces: '1.8' } } },
      ],
    });
  });
  test('a point that can only mean one thing is not asked about', () => {
    expect(parseMass('23.0', 'lb-oz').kind).toBe('mass');
    expect(parseMass('23.80', 'lb-oz')).toEqual({ kind: 'mass', mass: { unit: 'lb/100', count: 2380 } });
  });
});

describe('refused, with a reason', () => {
  test.each([
    ['23lb 17oz', 'massOuncesOverAPound'],
    ['23-16', 'massOuncesOverAPound'],
    ['23lb 11oz 16dr', 'massDramsOverAnOunce'],
    ['23lb 11 1/3 oz', 'massPartsOfAnOunce'],
    ['', 'massMissing'],
    ['-4 lb', 'massNegative'],
    ['−4 lb', 'massNegative'],
    ['23 lb 4 kg', 'massMixed'],
    ['8.4555 kg', 'massFinerThanAGram'],
    ['23.113 lb', 'massTooFine'],
    ['900 lb', 'massTooHeavy'],
    ['10⅓ lb', 'massFractionNoOunces'],
    ['10 5/4 lb', 'massFractionOverAPound'],
    ['a big one', 'massNotUnderstood'],
    ['23 lb lb', 'massNotUnderstood'],
    ['0', 'massZero'],
    ['0 lb 0 oz', 'massZero'],
    ['0.00 kg', 'massZero'],
    ['3 0/0 lb', 'massFractionByZero'],
    ['3 lb 1/0 oz', 'massPartsOfAnOunce'],
  ])('%s', (text, reason) =>
    expect(parseMass(text, 'lb-oz')).toMatchObject({ kind: 'refused', reason: { code: `measure.${reason}` } }),
  );
});

/** Strings of the pieces that weights are written with, in any order. */
const written = fc
  .array(
    fc.constantFrom(
      '0',
      '1',
      '7',
      '16',
      '23',
      '.',
      ',',
      '-',
      '/',
      ' ',
      'lb',
      'oz',
      'kg',
      'g',
      'dr',
      '½',
      '¼',
      '3/4',
      '0/0',
      '1/0',
    ),
    {
      maxLength: 8,
    },
  )
  .map((pieces) => pieces.join(''));

test('whatever is written gives a whole weight above nothing, a question between such, or a reason', () => {
  fc.assert(
    fc.property(written, fc.constantFrom('lb-oz' as const, 'kg' as const), (text, habit) => {
      const parsed = parseMass(text, habit);
      const masses =
        parsed.kind === 'mass'
          ? [parsed.mass]
          : parsed.kind === 'ambiguous'
            ? parsed.meanings.map(({ mass }) => mass)
            : [];
      expect(masses.every(({ count }) => Number.isInteger(count) && count >= 0)).toBe(true);
      if (parsed.kind === 'mass') expect(parsed.mass.count).toBeGreaterThan(0);
      if (parsed.kind === 'refused') expect(say(parsed.reason)).not.toMatch(/NaN|Infinity|undefined/);
    }),
    { numRuns: 2000 },
  );
});
