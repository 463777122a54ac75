import { v7 } from 'uuid';

/** Where the moment and the chance of a new id come from. `randomBytes` returns that many bytes. */
export interface IdSource {
  wallMs(): number;
  randomBytes(length: number): Uint8Array;
}

/**
 * A UUID version 7 (RFC 9562, 2024): sorts by the moment it was made. The sequence number is kept within one source, so
 * ids made in the same millisecond sort in the order they were made. Example: `idMaker(source)()` gives `'0193…-7…'`.
 */
export function idMaker(source: IdSource): () => string {
  let lastMs = -Infinity;
  let seq = 0;
  return () => {
    const nowMs = source.wallMs();
    // A wall clock put back must not make a later id sort earlier within this source.
    if (nowMs > lastMs) {
      lastMs = nowMs;
      seq = 0;
    } else seq += 1;
    return v7({ msecs: lastMs, seq, random: source.randomBytes(16) });
  };
}
