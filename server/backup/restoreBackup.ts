import { randomUUID } from 'node:crypto';
import { existsSync, mkdirSync, readdirSync, renameSync, rmSync, statfsSync } from 'node:fs';
import { dirname, join, relative } from 'node:path';
import { bookFolder, type BookFolder } from '../storage/bookFolder.js';
import { findDamage } from '../storage/integrity.js';
import { isNewerBook } from '../storage/openBook.js';
import { StartError } from '../storage/startError.js';
import { opened } from './opened.js';
import { readBackup, sizeOfBackup, type ReadBackup } from './readBackup.js';

/** So many of the things that are wrong are named. */
const MOST_NAMED = 5;

/**
 * Brings a book back from a backup into a folder that has none. It is read beside its place, checked whole, and only
 * then put there: what fails on the way leaves the folder as it was.
 *
 * @throws StartError with what is wrong, and that nothing was restored
 */
export async function restoreBackup(
  file: string,
  where: BookFolder,
  migrationsFolder: string,
  passphrase?: string,
): Promise<ReadBackup> {
  if (existsSync(where.book)) {
    throw new StartError(
      `There is a book in ${where.folder} already. It was not touched: name an empty folder with --data.`,
    );
  }
  mkdirSync(where.folder, { recursive: true, mode: 0o700 });
  const { read, place, drop } = await unpackBackup(file, where, migrationsFolder, passphrase);
  try {
    place();
    return read;
  } finally {
    drop();
  }
}

/** A book that was unpacked beside its place and found whole. */
export interface UnpackedBook {
  readonly read: ReadBackup;
  /** Puts it in its place. */
  readonly place: () => void;
  /** Removes what was unpacked and not placed. */
  readonly drop: () => void;
}

/**
 * Unpacks a backup beside the place of the book and checks it whole. @throws StartError with what is wrong, and that
 * nothing was restored
 */
export async function unpackBackup(
  file: string,
  where: BookFolder,
  migrationsFolder: string,
  passphrase?: string,
): Promise<UnpackedBook> {
  const beside = bookFolder(join(where.folder, `being-restored-${randomUUID()}`));
  const drop = () => rmSync(beside.folder, { recursive: true, force: true });
  try {
    mkdirSync(beside.folder, { mode: 0o700 });
    const read = await opened(file, passphrase, beside.folder, (plain) => unpackInto(plain, beside, where.folder));
    const damage = findDamage(beside.book);
    if (damage.length > 0) throw notRestored(damage);
    if (isNewerBook(beside, migrationsFolder))
      throw notRestored(['It was written by a newer version of Unhurried Keeper: use that one, or a newer one.']);
    const place = () => {
      // The book comes last: a folder with pictures alone is never taken for a new one.
      moveFiles(beside.pictures, where.pictures);
      renameSync(beside.book, where.book);
    };
    return { read, place, drop };
  } catch (cause) {
    drop();
    throw cause;
  }
}

async function unpackInto(file: string, beside: BookFolder, folder: string): Promise<ReadBackup> {
  const { bytes } = await sizeOfBackup(file);
  const { bavail, bsize } = statfsSync(folder);
  if (bytes > bavail * bsize) {
    throw new StartError(
      `There is no room for it in ${folder}: it wants ${megabytes(bytes)} MB, and ${megabytes(bavail * bsize)} MB are free. Nothing was restored.`,
    );
  }
  const read = await readBackup(file, (path) => join(beside.folder, relative('data', path)));
  if (read.problems.length > 0) throw notRestored(read.problems);
  return read;
}

function moveFiles(from: string, to: string): void {
  if (!existsSync(from)) return;
  for (const entry of readdirSync(from, { recursive: true, withFileTypes: true })) {
    if (!entry.isFile()) continue;
    const place = join(to, relative(from, entry.parentPath), entry.name);
    mkdirSync(dirname(place), { recursive: true, mode: 0o700 });
    renameSync(join(entry.parentPath, entry.name), place);
  }
}

function notRestored(problems: readonly string[]): StartError {
  const more = problems.length - MOST_NAMED;
  return new StartError(
    [
      ...problems.slice(0, MOST_NAMED),
      ...(more > 0 ? [`And ${more} more.`] : []),
      'Nothing was restored, and the folder is as it was.',
    ].join('\n'),
  );
}

const megabytes = (bytes: number) => Math.ceil(bytes / 1_000_000);
