import fc from 'fast-check';
import { formatLength, LENGTH_UNITS, lengthMm } from './length.js';
import { parseLength } from './parseLength.js';
import { enGB } from '../text/en-GB/catalogue.js';
import { sayIn } from '../text/texts.js';

const say = sayIn(enGB);

test.each([
  ['31 1/4', '31¼ in', 793.75],
  ['31.25', '31¼ in', 793.75],
  ['31-1/4"', '31¼ in', 793.75],
  ['31¼ in', '31¼ in', 793.75],
  ['31 1⁄4 inches', '31¼ in', 793.75],
  ['31', '31 in', 787.4],
  ['1/4', '¼ in', 6.35],
  ['¾ in', '¾ in', 19.05],
  ['1/2"', '½ in', 12.7],
  ['79.5 cm', '79.5 cm', 795],
  ['79,5cm', '79.5 cm', 795],
  ['793 mm', '79.3 cm', 793],
  ['1.12 m', '112.0 cm', 1120],
])('%s is %s', (text, says, mm) => {
  const parsed = parseLength(text, 'in');
  if (!parsed.ok) throw new Error(parsed.reason.code);
  expect(formatLength(parsed.value)).toBe(says);
  expect(lengthMm(parsed.value)).toBeCloseTo(mm, 9);
});

test.each([
  ['31.14', 'lengthOffTheQuarter', ['31¼ in', '31 in']],
  ['31.4', 'lengthOffTheQuarter', ['31¼ in']],
  ['31.34 in', 'lengthOffTheQuarter', ['31¾ in', '31¼ in']],
  ['3125', 'lengthTooLong', ['31¼ in']],
  ['3125 in', 'lengthTooLong', ['31¼ in']],
  ['795 cm', 'lengthTooLong', ['79.5 cm']],
  ['', 'lengthMissing', []],
  ['0', 'lengthZero', []],
  ['-31', 'lengthNegative', []],
  ['−31 in', 'lengthNegative', []],
  ['31 in 79 cm', 'lengthMixed', []],
  ['1/3', 'lengthOffTheQuarter', ['¼ in']],
  ['4/4', 'lengthNoFraction', []],
  ['two foot', 'lengthNotUnderstood', []],
])('%s is refused, and what was likely meant is offered', (text, reason, meant) => {
  const parsed = parseLength(text, 'in');
  if (parsed.ok) throw new Error('It was taken.');
  expect(parsed.reason.code).toBe(`measure.${reason}`);
  expect(parsed.meanings.map(({ says }) => says).filter((says) => meant.includes(says))).toEqual(meant);
});

test('lengths read back as written', () => {
  fc.assert(
    fc.property(fc.constantFrom(...LENGTH_UNITS), fc.integer({ min: 1, max: 600 }), (unit, count) => {
      const back = parseLength(formatLength({ unit, count }), 'cm');
      expect(back.ok && lengthMm(back.value)).toBeCloseTo(lengthMm({ unit, count }), 9);
    }),
  );
});

test('whatever is pasted gives a length or a reason', () => {
  fc.assert(
    fc.property(fc.string({ unit: 'grapheme', maxLength: 12 }), (text) => {
      const parsed = parseLength(text, 'in');
      expect(parsed.ok ? parsed.value.count : parsed.reason.code.length).toBeGreaterThan(0);
    }),
  );
});

test('parts of an inch that are none are refused, never worked out', () => {
  for (const text of ['3 0/0 in', '3 1/0 in', '3 5/4', '3 4/4 in']) {
    const parsed = parseLength(text, 'in');
    expect(parsed.ok ? 'read' : parsed.reason.code).toBe('measure.lengthNoFraction');
  }
  expect(parseLength('3 3/4 in', 'in')).toEqual({ ok: true, value: { unit: 'quarter-in', count: 15 } });
});

const written = fc
  .array(fc.constantFrom('0', '3', '31', '.', '-', '/', ' ', 'in', 'cm', 'mm', 'm', '"', '½', '1/4', '0/0', '1/0'), {
    maxLength: 7,
  })
  .map((pieces) => pieces.join(''));

test('whatever is written as a length is whole marks or a reason, and no offer is nonsense', () => {
  fc.assert(
    fc.property(written, fc.constantFrom('in' as const, 'cm' as const), (text, habit) => {
      const parsed = parseLength(text, habit);
      if (parsed.ok) expect(Number.isInteger(parsed.value.count)).toBe(true);
      else
        expect([say(parsed.reason), ...parsed.meanings.map(({ says }) => says)].join(' ')).not.toMatch(
          /NaN|Infinity|undefined/,
        );
    }),
    { numRuns: 2000 },
  );
});
