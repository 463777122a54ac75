import fc from 'fast-check';
import { formatLength, LENGTH_UNITS, lengthMm, parseLength } from './length.js';

test.each([
  ['31 1/4', '31¼ in', 793.75],
  ['31.25', '31¼ in', 793.75],
  ['31-1/4"', '31¼ in', 793.75],
  ['31¼ in', '31¼ in', 793.75],
  ['31', '31 in', 787.4],
  ['79.5 cm', '79.5 cm', 795],
  ['79,5cm', '79.5 cm', 795],
  ['793 mm', '79.3 cm', 793],
])('%s is %s', (text, says, mm) => {
  const parsed = parseLength(text, 'in');
  if (!parsed.ok) throw new Error(parsed.reason);
  expect(formatLength(parsed.value)).toBe(says);
  expect(lengthMm(parsed.value)).toBeCloseTo(mm, 9);
});

test.each([
  ['31.14', /quarter inch/],
  ['3125', /longer than any fish/],
  ['', /No length/],
  ['0', /no length/],
  ['two foot', /does not read/],
])('%s is refused', (text, reason) =>
  expect(parseLength(text, 'in')).toMatchObject({ ok: false, reason: expect.stringMatching(reason) }),
);

test('lengths read back as written', () => {
  fc.assert(
    fc.property(fc.constantFrom(...LENGTH_UNITS), fc.integer({ min: 1, max: 600 }), (unit, count) => {
      const back = parseLength(formatLength({ unit, count }), 'cm');
      expect(back.ok && lengthMm(back.value)).toBeCloseTo(lengthMm({ unit, count }), 9);
    }),
  );
});
