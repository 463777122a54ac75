import fc from 'fast-check';
import { celsiusOf, fahrenheitOf, formatTemperature, parseTemperature } from './temperature.js';

test.each([
  ['17.5', 'C', 17.5],
  ['17,5 °C', 'F', 17.5],
  ['68F', 'C', 20],
  ['63', 'F', 17.22],
  ['−0.5', 'C', -0.5],
] as const)('%s in a habit of %s is %s degrees C', (text, habit, tempC) => {
  expect(parseTemperature(text, habit, 'water')).toEqual({ ok: true, value: tempC });
});

test.each([
  ['60', 'temperatureMeantF'],
  ['400', 'temperatureNowhere'],
  ['warm', 'temperatureNotUnderstood'],
  ['', 'temperatureMissing'],
])('water at "%s" is refused with a reason', (text, reason) => {
  expect(parseTemperature(text, 'C', 'water')).toMatchObject({ ok: false, reason: { code: `measure.${reason}` } });
});

test('air can be colder than water can', () => {
  expect(parseTemperature('-10', 'C', 'air').ok).toBe(true);
  expect(parseTemperature('-10', 'C', 'water').ok).toBe(false);
});

// BIPM, SI Brochure, and NIST SP 811, B.8: t/°C = (t/°F - 32) / 1.8
test('the scales meet where they are known to', () => {
  expect([celsiusOf(32), celsiusOf(212), celsiusOf(-40)]).toEqual([0, 100, -40]);
  fc.assert(
    fc.property(fc.double({ min: -60, max: 60, noNaN: true }), (c) => Math.abs(celsiusOf(fahrenheitOf(c)) - c) < 1e-9),
  );
  expect(formatTemperature(20, 'F')).toBe('68.0 °F');
});
