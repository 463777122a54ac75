import { readElapsed, tapName } from './timeText.js';

test.each([
  ['6:20', 380_000],
  ['12', 720_000],
  [' 0:05 ', 5000],
  ['1:02:03', 3_723_000],
  ['6:60', undefined],
  ['1:60:00', undefined],
  ['soon', undefined],
  ['', undefined],
])('%s since the take is %s ms', (text, ms) => {
  expect(readElapsed(text)).toBe(ms);
});

test('taps have the name of their control', () => {
  expect([tapName('lifted'), tapName('lost'), tapName('seen')]).toEqual(['Lift', 'Fish lost', 'Another tap']);
});
