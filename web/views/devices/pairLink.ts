import { CODE_ALPHABET, CODE_LENGTH, readCode } from '@keeper/contract/access';

/** What a square says to a phone: the code, and the fish that it is handed. */
export interface PairLink {
  readonly code: string;
  /** The capture whose run is handed over; undefined where none is. */
  readonly captureId: string | undefined;
}

const HASH = new RegExp(`^#([${CODE_ALPHABET}]{${CODE_LENGTH}})(?:/([0-9a-f-]{36}))?$`);

/**
 * The address that a phone opens. The code stands behind the `#`: browsers send that to nobody.
 *
 * @example
 * pairUrl('https://192.168.1.20:4311', { code: 'ABCD2345', captureId: undefined });
 * // 'https://192.168.1.20:4311/pair#ABCD2345'
 */
export function pairUrl(home: string, { code, captureId }: PairLink): string {
  return `${home}/pair#${code}${captureId === undefined ? '' : `/${captureId}`}`;
}

/** Reads it back; what is no such thing has an empty code. */
export function readPairLink(hash: string): PairLink {
  const [, code = '', captureId] = HASH.exec(hash) ?? [];
  return { code, captureId };
}

/** A code as one reads it out: in two groups of four. */
export function spokenCode(code: string): string {
  return `${code.slice(0, 4)} ${code.slice(4)}`;
}

export function isWholeCode(typed: string): boolean {
  return HASH.test(`#${readCode(typed)}`);
}
