import { randomUUID } from 'node:crypto';
import { rmSync } from 'node:fs';
import { join } from 'node:path';
import { isSealed, unseal } from './sealing.js';

/**
 * Reads a backup, sealed or not: one that is sealed is opened into a file beside for as long as it is read.
 * @throws StartError where it is sealed and the passphrase does not open it
 */
export async function opened<T>(
  file: string,
  passphrase: string | undefined,
  folder: string,
  read: (plain: string) => Promise<T>,
): Promise<T> {
  if (!(await isSealed(file))) return read(file);
  const plain = join(folder, `being-read-${randomUUID()}.zip`);
  try {
    await unseal(file, passphrase, plain);
    return await read(plain);
  } finally {
    rmSync(plain, { force: true });
  }
}
