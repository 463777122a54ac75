import { randomBytes, scrypt, timingSafeEqual, type BinaryLike, type ScryptOptions } from 'node:crypto';
import { promisify } from 'node:util';

const derive = promisify<BinaryLike, BinaryLike, number, ScryptOptions, Buffer>(scrypt);

/** What a guess costs. */
export interface ScryptCost {
  readonly logN: number;
  readonly r: number;
  readonly p: number;
}

/** OWASP Password Storage Cheat Sheet, section scrypt: N = 2^17 (128 MiB), r = 8, p = 1. */
export const COST: ScryptCost = { logN: 17, r: 8, p: 1 };
/** Under which the cost is injected: a test that is about something else asks a cheaper one. */
export const PASSPHRASE_COST = Symbol('PASSPHRASE_COST');
const SALT_BYTES = 16;
const HASH_BYTES = 32;
const MOST_MEMORY = 256 * 1024 * 1024;

function hash(passphrase: string, salt: Buffer, { logN, r, p }: ScryptCost): Promise<Buffer> {
  // The same letters typed on two keyboards may be stored in two ways.
  return derive(passphrase.normalize('NFC'), salt, HASH_BYTES, { N: 2 ** logN, r, p, maxmem: MOST_MEMORY });
}

/**
 * A passphrase as it is kept: `scrypt$17$8$1$salt$hash`, salt and hash in base64url.
 *
 * @example
 * await isPassphrase('carp in the margins', await keepPassphrase('carp in the margins')); // true
 */
export async function keepPassphrase(passphrase: string, cost = COST): Promise<string> {
  const salt = randomBytes(SALT_BYTES);
  const made = await hash(passphrase, salt, cost);
  return ['scrypt', cost.logN, cost.r, cost.p, salt.toString('base64url'), made.toString('base64url')].join('$');
}

/** Whether what was typed is the passphrase that is kept; it takes as long either way. */
export async function isPassphrase(typed: string, kept: string): Promise<boolean> {
  const [, logN, r, p, salt = '', made = ''] = kept.split('$');
  const wanted = Buffer.from(made, 'base64url');
  const cost = { logN: Number(logN), r: Number(r), p: Number(p) };
  return timingSafeEqual(await hash(typed, Buffer.from(salt, 'base64url'), cost), wanted);
}
