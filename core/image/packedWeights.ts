/** Whole numbers of one or two bytes each, written as text, and what one of them stands for. */
export interface PackedWeights {
  readonly scale: number;
  readonly base64: string;
}

/** How many bytes a weight takes: two keep four digits of it, one two. */
export type WeightBytes = 1 | 2;

/** Example: `unpack(pack(weights), weights.length)` is about the same weights. */
export function unpack({ scale, base64 }: PackedWeights, count: number, bytes: WeightBytes = 2): Float32Array {
  const letters = new Map([...ALPHABET].map((letter, i) => [letter, i]));
  const packed = new Uint8Array(bytes * count);
  let [held, bits, to] = [0, 0, 0];
  for (const letter of base64) {
    held = (held << 6) | (letters.get(letter) ?? 0);
    bits += 6;
    if (bits < 8) continue;
    bits -= 8;
    if (to < packed.length) packed[to] = (held >> bits) & 255;
    to += 1;
    held &= (1 << bits) - 1;
  }
  const view = new DataView(packed.buffer);
  const at = (i: number) => (bytes === 1 ? view.getInt8(i) : view.getInt16(2 * i, true));
  return Float32Array.from({ length: count }, (_, i) => at(i) * scale);
}

export function pack(weights: Float32Array, bytes: WeightBytes = 2): PackedWeights {
  const largest = weights.reduce((most, weight) => Math.max(most, Math.abs(weight)), 0);
  const scale = largest > 0 ? largest / (bytes === 1 ? 127 : 32767) : 1;
  const view = new DataView(new ArrayBuffer(bytes * weights.length));
  weights.forEach((weight, i) => {
    const whole = Math.round(weight / scale);
    if (bytes === 1) view.setInt8(i, whole);
    else view.setInt16(2 * i, whole, true);
  });
  let base64 = '';
  let [held, bits] = [0, 0];
  for (let i = 0; i < view.byteLength; i += 1) {
    held = (held << 8) | view.getUint8(i);
    bits += 8;
    while (bits >= 6) {
      bits -= 6;
      base64 += ALPHABET[(held >> bits) & 63] ?? '';
      held &= (1 << bits) - 1;
    }
  }
  if (bits > 0) base64 += ALPHABET[(held << (6 - bits)) & 63] ?? '';
  return { scale, base64 };
}

const ALPHABET = 'ABCDEFGHIJKLMNOPQRSTUVWXYZabcdefghijklmnopqrstuvwxyz0123456789+/';
