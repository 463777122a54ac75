/** Whole numbers of two bytes each, written as text, and what one of them stands for. */
export interface PackedWeights {
  readonly scale: number;
  readonly base64: string;
}

/** Example: `unpack(pack(weights), weights.length)` is about the same weights. */
export function unpack({ scale, base64 }: PackedWeights, count: number): Float32Array {
  const letters = new Map([...ALPHABET].map((letter, i) => [letter, i]));
  const bytes = new Uint8Array(2 * count);
  let [held, bits, to] = [0, 0, 0];
  for (const letter of base64) {
    held = (held << 6) | (letters.get(letter) ?? 0);
    bits += 6;
    if (bits < 8) continue;
    bits -= 8;
    if (to < bytes.length) bytes[to] = (held >> bits) & 255;
    to += 1;
    held &= (1 << bits) - 1;
  }
  const view = new DataView(bytes.buffer);
  return Float32Array.from({ length: count }, (_, i) => view.getInt16(2 * i, true) * scale);
}

export function pack(weights: Float32Array): PackedWeights {
  const largest = weights.reduce((most, weight) => Math.max(most, Math.abs(weight)), 0);
  const scale = largest > 0 ? largest / 32767 : 1;
  const view = new DataView(new ArrayBuffer(2 * weights.length));
  weights.forEach((weight, i) => view.setInt16(2 * i, Math.round(weight / scale), true));
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
