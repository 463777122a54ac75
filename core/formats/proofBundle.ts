import type { Meeting } from '../domain/meeting/meeting.js';
import type { ProofCheck } from '../domain/meeting/putForward.js';
import type { LengthOf } from '../domain/fish/bodyLength.js';
import type { SpeciesId } from '../domain/fish/species.js';

export const PROOF_FORMAT = { format: 'unhurried-keeper-proof', version: 1 } as const;

/** What a camera wrote into a picture, as far as it did. */
export interface WrittenByCamera {
  readonly takenAt: string | null;
  readonly latitudeDeg: number | null;
  readonly longitudeDeg: number | null;
  readonly camera: string | null;
}

/** What a bundle proves, without the bytes of its picture. */
export interface ProofOf {
  readonly meeting: Pick<Meeting, 'name' | 'by' | 'identifier'>;
  readonly fish: {
    readonly captureId: string;
    readonly species: SpeciesId | null;
    /** The take, by the device, in UTC, and the zone of the place. */
    readonly startedAt: string;
    readonly zone: string | null;
    /** As it was read, such as `38 1/4 in`, and in whole units of the book. */
    readonly lengthAsRead: string | null;
    readonly lengthMm: number | null;
    readonly lengthOf: LengthOf | null;
    readonly weightAsRead: string | null;
    readonly netGrams: number | null;
  };
  readonly putForwardAt: string;
  readonly checks: readonly ProofCheck[];
  readonly lateWhy: string | null;
  readonly picture: { readonly name: string; readonly sha256: string; readonly written: WrittenByCamera };
}

/** A text file of the bundle. */
export interface ProofFile {
  readonly name: string;
  readonly text: string;
}

/** The reading as JSON: who reads it needs no other file. */
export function proofReading({ picture, ...proof }: ProofOf): ProofFile {
  return { name: 'reading.json', text: `${JSON.stringify({ ...PROOF_FORMAT, ...proof, picture }, null, 2)}\n` };
}

/**
 * The list of hashes as `sha256sum -c` reads it: a line a file, the hash, two blanks, the name.
 *
 * @example
 * proofManifest([{ name: 'a.jpg', sha256: 'ab' }]).text; // 'ab  a.jpg\n'
 */
export function proofManifest(files: readonly { readonly name: string; readonly sha256: string }[]): ProofFile {
  return { name: 'SHA256SUMS', text: files.map(({ name, sha256 }) => `${sha256}  ${name}\n`).join('') };
}

/** Names that every unpacking program takes: letters, digits, dot and dash. Example: `IMG 1.JPG` is `IMG-1.JPG`. */
export function proofFileName(name: string): string {
  const plain = name.replace(/[^A-Za-z0-9.-]+/g, '-').replace(/^[.-]+/, '');
  return plain === '' ? 'picture' : plain.slice(-80);
}
