import { clockText, spanText } from './duration.js';

test.each([
  [7_999, '0:07', '7 s'],
  [80_000, '1:20', '1 min 20 s'],
  [120_000, '2:00', '2 min'],
  [723_000, '12:03', '12 min'],
  [3_723_000, '1:02:03', '1 h 2 min'],
  [-5, '0:00', '0 s'],
])('%d ms is %s on the clock and %s in words', (ms, clock, span) => {
  expect(clockText(ms)).toBe(clock);
  expect(spanText(ms)).toBe(span);
});
