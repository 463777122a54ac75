import { bytesText } from './bytesText.js';

test.each([
  [0, '0 kB'],
  [1, '1 kB'],
  [999_999, '1000 kB'],
  [1_000_000, '1.0 MB'],
  [3_240_000, '3.2 MB'],
  [999_900_000, '999.9 MB'],
  [1_000_000_000, '1.0 GB'],
])('%i bytes are %s', (bytes, says) => expect(bytesText(bytes)).toBe(says));
