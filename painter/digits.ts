/** Numerals of a board, three by five cells each. */
const DIGITS: readonly string[] = [
  '111101101101111',
  '010110010010111',
  '111001111100111',
  '111001111001111',
  '101101111001001',
  '111100111001111',
  '111100111101111',
  '111001010010010',
  '111101111101111',
  '111101111001111',
];

/**
 * Whether a number's ink is at a place: `x` from its middle to the right, `y` down from its top, both in heights of the
 * numeral. Example: `inkOf(7, 0, 0.1)` is true, the bar on top of the seven.
 */
export function inkOf(value: number, x: number, y: number): boolean {
  const text = String(value);
  const pitch = 0.8;
  const left = x + (text.length * pitch) / 2;
  const which = Math.floor(left / pitch);
  const column = Math.floor((left / pitch - which) * 4);
  const row = Math.floor(y * 5);
  const digit = DIGITS[Number(text[which])];
  return digit !== undefined && column >= 0 && column < 3 && row >= 0 && row < 5 && digit[row * 3 + column] === '1';
}
