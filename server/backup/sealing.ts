import { createReadStream, createWriteStream } from 'node:fs';
import { open } from 'node:fs/promises';
import { PassThrough, Readable, Writable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import type { ReadableStream as WebStream } from 'node:stream/web';
import { Decrypter, Encrypter } from 'age-encryption';
import { StartError } from '../storage/startError.js';
import { SEAL_WORK_FACTOR } from './sealWorkFactor.js';

/** How a sealed file begins (age-encryption.org/v1). */
const SEALED = 'age-encryption.org/v1\n';
/**
 * Writes what it is given sealed with a passphrase, in the age format (age-encryption.org/v1: scrypt, ChaCha20-Poly1305
 * in chunks): nobody reads it without the passphrase, and no byte of it changes unnoticed. It is done when the file is.
 *
 * @param openOut opens where it is written to, once there is something to write
 */
export function sealedWith(passphrase: string, openOut: () => Writable, workFactor = SEAL_WORK_FACTOR): Writable {
  const plain = new PassThrough({ highWaterMark: 1024 * 1024 });
  const sealing = seal(plain, passphrase, openOut, workFactor);
  sealing.catch((cause: unknown) => plain.destroy(cause instanceof Error ? cause : new Error(String(cause))));
  return new Writable({
    highWaterMark: 1024 * 1024,
    write: (chunk: Buffer, _encoding, done) => {
      if (plain.write(chunk)) done();
      else waitToDrain(plain).then(() => done(), done);
    },
    final: (done) => {
      plain.end();
      sealing.then(() => done(), done);
    },
    destroy: (cause, done) => {
      plain.destroy(cause ?? undefined);
      done(cause);
    },
  });
}

async function seal(plain: Readable, passphrase: string, openOut: () => Writable, workFactor: number): Promise<void> {
  const encrypter = new Encrypter();
  encrypter.setPassphrase(passphrase);
  encrypter.setScryptWorkFactor(workFactor);
  const sealed = await encrypter.encrypt(Readable.toWeb(plain) as ReadableStream<Uint8Array>);
  await pipeline(Readable.fromWeb(sealed as WebStream<Uint8Array>), openOut());
}

function waitToDrain(stream: Writable): Promise<void> {
  return new Promise((resolve, reject) => {
    stream.once('drain', resolve);
    stream.once('error', reject);
    stream.once('close', () => reject(new Error('It was closed while it was written.')));
  });
}

/** Whether a file is sealed with a passphrase. */
export async function isSealed(file: string): Promise<boolean> {
  const handle = await open(file).catch(() => undefined);
  if (!handle) return false;
  try {
    const { buffer, bytesRead } = await handle.read(Buffer.alloc(SEALED.length), 0, SEALED.length, 0);
    return bytesRead === SEALED.length && buffer.toString('latin1') === SEALED;
  } finally {
    await handle.close();
  }
}

/**
 * Opens a sealed file and writes it to a place.
 * @throws StartError where no passphrase is given, it is another, or the file is damaged
 */
export async function unseal(file: string, passphrase: string | undefined, place: string): Promise<void> {
  if (passphrase === undefined || passphrase === '')
    throw new StartError('This backup is sealed with a passphrase. Give it, and try again.');
  const decrypter = new Decrypter();
  decrypter.addPassphrase(passphrase);
  const sealed = Readable.toWeb(createReadStream(file, { highWaterMark: 1024 * 1024 })) as ReadableStream<Uint8Array>;
  const plain = await decrypter.decrypt(sealed).catch(() => {
    throw new StartError('The passphrase is not that of this backup, or the backup is damaged.');
  });
  await pipeline(
    Readable.fromWeb(plain as WebStream<Uint8Array>),
    createWriteStream(place, { flags: 'wx', mode: 0o600 }),
  ).catch((cause: NodeJS.ErrnoException) => {
    // What the disk says is said; anything else is the seal that does not hold.
    if (cause.code !== undefined && /^E[A-Z]+$/.test(cause.code)) throw cause;
    throw new StartError('This backup is damaged or cut off: its seal does not hold.');
  });
}
