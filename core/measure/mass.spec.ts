import fc from 'fast-check';
import Qty from 'js-quantities';
import { formatMass, formatMassIn } from './formatMass.js';
import {
  addMasses,
  convertMass,
  gramsOf,
  MASS_UNITS,
  poundsOunces,
  recount,
  sameMass,
  subtractTare,
  type Mass,
} from './mass.js';
import { parseMass } from './parseMass.js';

const anyMass = (mostGrams = 150_000) =>
  fc
    .constantFrom(...MASS_UNITS)
    .chain((unit) => fc.record({ unit: fc.constant(unit), count: fc.integer({ min: 0, max: mostGrams }) }))
    .filter((mass) => gramsOf(mass) <= mostGrams);

describe('conversion factors', () => {
  // International Yard and Pound Agreement (1959), also NIST Handbook 44, Appendix C: 1 lb = 453.592 37 g exactly,
  // 1 oz = 28.349 523 125 g, 1 dr = 1.771 845 195 312 5 g.
  test.each([
    [{ unit: 'oz', count: 16 }, 453.59237],
    [{ unit: 'oz', count: 1 }, 28.349523125],
    [{ unit: 'dram', count: 1 }, 1.7718451953125],
    [{ unit: 'quarter-oz', count: 4 }, 28.349523125],
    [{ unit: 'lb/100', count: 100 }, 453.59237],
  ] as [Mass, number][])('%j is %d g by definition', (mass, grams) => expect(gramsOf(mass)).toBe(grams));

  // Against a general-purpose reference library for quantities, which carries the ounce rounded to nine digits.
  test.each([
    ['oz', 'oz'],
    ['dram', 'dram'],
    ['lb/100', 'lb'],
  ] as const)('%s agrees with js-quantities', (unit, name) => {
    const reference = Qty(1, name).to('g').scalar / (unit === 'lb/100' ? 100 : 1);
    expect(Math.abs(gramsOf({ unit, count: 1 }) / reference - 1)).toBeLessThan(1e-8);
  });
});

describe('subtractTare', () => {
  test('works as one would check it on paper', () => {
    expect(subtractTare(poundsOunces(25, 3), poundsOunces(1, 8))).toEqual({ ok: true, value: poundsOunces(23, 11) });
  });
  test('finds the finer unit of two', () => {
    const net = subtractTare(poundsOunces(23, 11), { unit: 'quarter-oz', count: 65 });
    expect(net).toEqual({ ok: true, value: { unit: 'quarter-oz', count: 379 * 4 - 65 } });
  });
  test('refuses a tare heavier than the gross, and grams from pounds', () => {
    expect(subtractTare(poundsOunces(1, 0), poundsOunces(2, 0))).toMatchObject({
      ok: false,
      reason: { code: 'measure.tareHeavier' },
    });
    expect(subtractTare(poundsOunces(9, 0), { unit: 'g', count: 5 })).toMatchObject({
      ok: false,
      reason: { code: 'measure.tareInOtherUnits' },
    });
  });
  test('never loses or makes a dram', () => {
    fc.assert(
      fc.property(anyMass(), anyMass(), (net, tare) => {
        const unit = recount(tare, net.unit) ? net.unit : tare.unit;
        const n = recount(net, unit);
        const t = recount(tare, unit);
        fc.pre(n !== undefined && t !== undefined);
        const back = subtractTare({ unit, count: (n?.count ?? 0) + (t?.count ?? 0) }, tare);
        expect(back.ok && sameMass(back.value, net)).toBe(true);
      }),
    );
  });
});

describe('round trips', () => {
  test('what is formatted reads back as the same mass, unless its form is the ambiguous one', () => {
    fc.assert(
      fc.property(anyMass(), (mass) => {
        // A weight of nothing is refused where it is read.
        fc.pre(mass.count > 0);
        const parsed = parseMass(formatMass(mass), mass.unit === 'g' ? 'kg' : 'lb-oz');
        const masses =
          parsed.kind === 'mass'
            ? [parsed.mass]
            : parsed.kind === 'ambiguous'
              ? parsed.meanings.map((m) => m.mass)
              : [];
        expect(masses.some((each) => sameMass(each, mass))).toBe(true);
        if (mass.unit !== 'lb/100') expect(parsed.kind).toBe('mass');
      }),
    );
  });
  test('converting never adds weight, and loses less than one division', () => {
    fc.assert(
      fc.property(anyMass(), fc.constantFrom(...MASS_UNITS), (mass, unit) => {
        const lost = gramsOf(mass) - gramsOf(convertMass(mass, unit));
        expect(lost).toBeGreaterThan(-1e-6);
        expect(lost).toBeLessThan(gramsOf({ unit, count: 1 }));
      }),
    );
  });
});

test.each([
  [{ unit: 'oz', count: 379 }, '23 lb 11 oz'],
  [{ unit: 'oz', count: 9 }, '9 oz'],
  [{ unit: 'quarter-oz', count: 1517 }, '23 lb 11¼ oz'],
  [{ unit: 'quarter-oz', count: 66 }, '1 lb ½ oz'],
  [{ unit: 'dram', count: 6072 }, '23 lb 11 oz 8 dr'],
  [{ unit: 'lb/100', count: 2311 }, '23.11 lb'],
  [{ unit: 'g', count: 8450 }, '8.45 kg'],
  [{ unit: 'g', count: 8455 }, '8.455 kg'],
  [{ unit: 'g', count: 850 }, '850 g'],
] as [Mass, string][])('%j is written %s', (mass, text) => expect(formatMass(mass)).toBe(text));

test('the other family is rounded down', () => {
  expect(formatMassIn({ unit: 'g', count: 10_000 }, 'lb-oz')).toBe('22 lb 0 oz');
  expect(formatMassIn(poundsOunces(30, 0), 'kg')).toBe('13.607 kg');
});

test('two readings of one fish add in the finer unit, and pounds not to grams', () => {
  expect(addMasses(poundsOunces(1, 15), { unit: 'quarter-oz', count: 6 })).toEqual({
    ok: true,
    value: { unit: 'quarter-oz', count: 130 },
  });
  expect(addMasses(poundsOunces(1, 0), { unit: 'g', count: 1 })).toEqual({
    ok: false,
    reason: { code: 'measure.scalesInOtherUnits' },
  });
});
