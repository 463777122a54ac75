import { inflateSync } from 'node:zlib';

const SIGNATURE = Buffer.from([0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a]);

/** An honest picture carries a handful of texts and one colour profile. */
export const MOST_TEXTS = 64;
/** What a compressed text or profile may come to. */
export const MOST_INFLATED_BYTES = 4 * 1024 * 1024;

/**
 * Whether a PNG carries more beside its pixels than any camera puts there: texts by the thousand, or one that inflates
 * without end. Looks at chunk heads only, and inflates no further than the bound. PNG (Third Edition, W3C 2025), 11.3.
 */
export function isLadenPng(bytes: Buffer): boolean {
  if (!bytes.subarray(0, 8).equals(SIGNATURE)) return false;
  let texts = 0;
  for (let at = 8; at + 12 <= bytes.length;) {
    const length = bytes.readUInt32BE(at);
    const type = bytes.toString('latin1', at + 4, at + 8);
    const body = bytes.subarray(at + 8, Math.min(bytes.length, at + 8 + length));
    if (type === 'tEXt' || type === 'zTXt' || type === 'iTXt' || type === 'iCCP') {
      texts += 1;
      if (texts > MOST_TEXTS || length > MOST_INFLATED_BYTES || inflatesTooFar(type, body)) return true;
    }
    at += 12 + length;
  }
  return false;
}

function inflatesTooFar(type: string, body: Buffer): boolean {
  const from = compressedFrom(type, body);
  if (from === undefined) return false;
  try {
    inflateSync(body.subarray(from), { maxOutputLength: MOST_INFLATED_BYTES });
    return false;
  } catch (cause) {
    return (cause as NodeJS.ErrnoException).code === 'ERR_BUFFER_TOO_LARGE';
  }
}

/** Where the compressed part of a chunk begins; undefined where nothing in it is compressed. */
function compressedFrom(type: string, body: Buffer): number | undefined {
  const keyword = body.indexOf(0);
  if (keyword < 0) return undefined;
  if (type === 'zTXt' || type === 'iCCP') return keyword + 2;
  if (type !== 'iTXt' || body[keyword + 1] !== 1) return undefined;
  const language = body.indexOf(0, keyword + 3);
  const translated = language < 0 ? -1 : body.indexOf(0, language + 1);
  return translated < 0 ? undefined : translated + 1;
}
