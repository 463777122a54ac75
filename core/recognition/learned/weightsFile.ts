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

interface Part {
  readonly entry: Entry;
  readonly body: Uint8Array;
}

/**
 * Packs weights into the bytes of a file: the length of a header (32 bits, little-endian), the header (JSON: names,
 * counts and scales), and the weights as whole numbers of one or two bytes, little-endian, in the order of the header.
 * Example: `readWeights(writeWeights([{ name: 'a', weights, bytes: 2, hasConstant: false }])).get('a')` is about
 * `weights`.
 */
export function writeWeights(all: readonly NamedWeights[]): Uint8Array<ArrayBuffer> {
  return fileOf(all.map(packed));
}

/** The weights of a file by their names. Throws a RangeError for bytes that are no such file, or not all of one. */
export function readWeights(file: Uint8Array): ReadonlyMap<string, Float32Array> {
  return new Map(partsOf(file).map((part) => [part.entry.name, unpacked(part)]));
}

/** A file with what another one has in place of its own of the same name, and what it has beside. */
export function mergeWeights(file: Uint8Array, other: Uint8Array): Uint8Array<ArrayBuffer> {
  const anew = partsOf(other);
  const names = new Set(anew.map(({ entry }) => entry.name));
  return fileOf([...partsOf(file).filter(({ entry }) => !names.has(entry.name)), ...anew]);
}

function packed(named: NamedWeights): Part {
  const { name, bytes } = named;
  const weights = wholeWeights(named);
  const largest = weights.reduce((most, weight) => Math.max(most, Math.abs(weight)), 0);
  const scale = largest > 0 ? largest / (bytes === 1 ? 127 : 32767) : 1;
  const body = new Uint8Array(bytes * weights.length);
  const view = new DataView(body.buffer);
  for (const [i, weight] of weights.entries()) {
    if (bytes === 1) view.setInt8(i, Math.round(weight / scale));
    else view.setInt16(2 * i, Math.round(weight / scale), true);
  }
  const constant = named.hasConstant ? Number(named.weights.at(-1)?.toFixed(CONSTANT_DIGITS)) : undefined;
  return { entry: { name, bytes, count: weights.length, scale, ...(constant !== undefined && { constant }) }, body };
}

function unpacked({ entry: { bytes, count, scale, constant }, body }: Part): Float32Array {
  const view = new DataView(body.buffer, body.byteOffset, body.byteLength);
  const weights = new Float32Array(count + (constant === undefined ? 0 : 1));
  for (let i = 0; i < count; i += 1) weights[i] = scale * (bytes === 1 ? view.getInt8(i) : view.getInt16(2 * i, true));
  if (constant !== undefined) weights[count] = constant;
  return weights;
}

function fileOf(parts: readonly Part[]): Uint8Array<ArrayBuffer> {
  const header = new TextEncoder().encode(JSON.stringify(parts.map(({ entry }) => entry)));
  const from = HEADER_LENGTH_BYTES + header.length;
  const file = new Uint8Array(parts.reduce((sum, { body }) => sum + body.length, from));
  new DataView(file.buffer).setUint32(0, header.length, true);
  file.set(header, HEADER_LENGTH_BYTES);
  let at = from;
  for (const { body } of parts) {
    file.set(body, at);
    at += body.length;
  }
  return file;
}

function partsOf(file: Uint8Array): Part[] {
  const view = new DataView(file.buffer, file.byteOffset, file.byteLength);
  const headerLength = file.length < HEADER_LENGTH_BYTES ? Infinity : view.getUint32(0, true);
  let at = HEADER_LENGTH_BYTES + headerLength;
  if (at > file.length) throw new RangeError('This is no file of weights.');
  const header = new TextDecoder().decode(file.subarray(HEADER_LENGTH_BYTES, at));
  return (JSON.parse(header) as readonly Entry[]).map((entry) => {
    const body = file.subarray(at, at + entry.bytes * entry.count);
    if (body.length < entry.bytes * entry.count) throw new RangeError(`The file of weights ends within ${entry.name}.`);
    at += body.length;
    return { entry, body };
  });
}

function wholeWeights({ weights, hasConstant }: NamedWeights): Float32Array {
  return hasConstant ? weights.subarray(0, -1) : weights;
}
