/** Some weights of a file; a constant, where there is one, stands last of them and is kept whole. */
export interface NamedWeights {
  /** Example: `carp/far/3`. */
  readonly name: string;
  readonly weights: Float32Array;
  /** How many bytes a weight takes: two keep four digits of it, one two. */
  readonly bytes: 1 | 2;
  readonly hasConstant: boolean;
}

interface Entry {
  readonly name: string;
  readonly bytes: 1 | 2;
  readonly count: number;
  /** What one whole number stands for. */
  readonly scale: number;
  readonly constant?: number;
}

const HEADER_LENGTH_BYTES = 4;
const CONSTANT_DIGITS = 7;

/**
 * Packs weights into the bytes of a file: the length of a header (32 bits, little-endian), the header (JSON: names,
 * counts and scales), and the weights as whole numbers of one or two bytes, little-endian, in the order of the header.
 * Example: `readWeights(writeWeights([{ name: 'a', weights, bytes: 2, hasConstant: false }])).get('a')` is about
 * `weights`.
 */
export function writeWeights(all: readonly NamedWeights[]): Uint8Array<ArrayBuffer> {
  const entries = all.map((named): Entry => {
    const weights = wholeWeights(named);
    const largest = weights.reduce((most, weight) => Math.max(most, Math.abs(weight)), 0);
    const scale = largest > 0 ? largest / (named.bytes === 1 ? 127 : 32767) : 1;
    const constant = named.hasConstant ? Number(named.weights.at(-1)?.toFixed(CONSTANT_DIGITS)) : undefined;
    return {
      name: named.name,
      bytes: named.bytes,
      count: weights.length,
      scale,
      ...(constant !== undefined && { constant }),
    };
  });
  const header = new TextEncoder().encode(JSON.stringify(entries));
  const bodyBytes = entries.reduce((sum, { bytes, count }) => sum + bytes * count, 0);
  const file = new Uint8Array(HEADER_LENGTH_BYTES + header.length + bodyBytes);
  const view = new DataView(file.buffer);
  view.setUint32(0, header.length, true);
  file.set(header, HEADER_LENGTH_BYTES);
  let at = HEADER_LENGTH_BYTES + header.length;
  for (const [i, named] of all.entries()) {
    const { scale } = entries[i] as Entry;
    for (const weight of wholeWeights(named)) {
      if (named.bytes === 1) view.setInt8(at, Math.round(weight / scale));
      else view.setInt16(at, Math.round(weight / scale), true);
      at += named.bytes;
    }
  }
  return file;
}

/** The weights of a file by their names. Throws a RangeError for bytes that are no such file, or not all of one. */
export function readWeights(file: Uint8Array): ReadonlyMap<string, Float32Array> {
  const view = new DataView(file.buffer, file.byteOffset, file.byteLength);
  const headerLength = file.length < HEADER_LENGTH_BYTES ? Infinity : view.getUint32(0, true);
  if (HEADER_LENGTH_BYTES + headerLength > file.length) throw new RangeError('This is no file of weights.');
  const header = file.subarray(HEADER_LENGTH_BYTES, HEADER_LENGTH_BYTES + headerLength);
  const entries = JSON.parse(new TextDecoder().decode(header)) as readonly Entry[];
  const read = new Map<string, Float32Array>();
  let at = HEADER_LENGTH_BYTES + headerLength;
  for (const { name, bytes, count, scale, constant } of entries) {
    if (at + bytes * count > file.length) throw new RangeError(`The file of weights ends within ${name}.`);
    const weights = new Float32Array(count + (constant === undefined ? 0 : 1));
    for (let i = 0; i < count; i += 1, at += bytes)
      weights[i] = scale * (bytes === 1 ? view.getInt8(at) : view.getInt16(at, true));
    if (constant !== undefined) weights[count] = constant;
    read.set(name, weights);
  }
  return read;
}

function wholeWeights({ weights, hasConstant }: NamedWeights): Float32Array {
  return hasConstant ? weights.subarray(0, -1) : weights;
}
