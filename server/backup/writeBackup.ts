import { createHash, randomUUID } from 'node:crypto';
import { createReadStream, existsSync, mkdirSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { PassThrough, Transform, type Readable, type Writable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import SqliteDatabase from 'better-sqlite3';
import { ZipFile } from 'yazl';
import { BAG_DECLARATION, BAG_FILES, bagInfo, bagManifest } from '@keeper/core/formats/bagIt';
import type { BookFolder } from '../storage/bookFolder.js';
import { StartError } from '../storage/startError.js';

/** What went into a backup. */
export interface Backup {
  readonly bytes: number;
  readonly pictures: number;
  /** Originals that the book names and the folder has not: nothing can be copied of them. */
  readonly missing: readonly string[];
}

/** So many bytes are read at a time: small steps cost more than the reading. */
const AT_A_TIME = 1024 * 1024;

/** Where the book and the original of a picture lie within a backup. */
export const BOOK_IN_BAG = 'data/book.sqlite';
export const pictureInBag = (sha256: string) => `data/pictures/originals/${sha256.slice(0, 2)}/${sha256}`;

/**
 * Writes the whole book as a BagIt bag (RFC 8493) in a ZIP64: the database as it stood at one moment, with a server
 * running or not (SQLite's online backup), and every original. Streamed: never more than one file is open, and none is
 * held in memory.
 *
 * @param openOut opens where it is written to, once there is something to write
 * @throws StartError where there is no book
 */
export async function writeBackup(where: BookFolder, openOut: () => Writable, now: Date): Promise<Backup> {
  if (!existsSync(where.book)) throw new StartError(`There is no book in ${where.folder}.`);
  mkdirSync(where.copies, { recursive: true, mode: 0o700 });
  const copy = join(where.copies, `being-backed-up-${randomUUID()}.sqlite`);
  try {
    const pictures = await copyBook(where.book, copy);
    const originals = pictures.map((sha256) => ({
      sha256,
      file: join(where.pictures, 'originals', sha256.slice(0, 2), sha256),
    }));
    const there = originals.filter(({ file }) => existsSync(file));
    const bag = new BagWriter(now);
    bag.add(BOOK_IN_BAG, copy, { compress: true });
    for (const { sha256, file } of there) bag.add(pictureInBag(sha256), file, { compress: false });
    bag.end({ 'Bagging-Date': now.toISOString().slice(0, 10), 'Source-Organization': 'Unhurried Keeper' });
    await pipeline(bag.stream, openOut());
    return {
      bytes: bag.bytes,
      pictures: there.length,
      missing: originals.filter((each) => !there.includes(each)).map(({ sha256 }) => sha256),
    };
  } finally {
    for (const ending of ['', '-wal', '-shm', '-journal']) rmSync(copy + ending, { force: true });
  }
}

/** A copy of the book at one moment. @returns the names of its pictures */
async function copyBook(book: string, copy: string): Promise<string[]> {
  const sqlite = new SqliteDatabase(book, { readonly: true });
  try {
    await sqlite.backup(copy);
  } finally {
    sqlite.close();
  }
  const copied = new SqliteDatabase(copy);
  try {
    // One file that stands for itself: no log beside it.
    copied.pragma('journal_mode = DELETE');
    const rows = copied.prepare('SELECT sha256 FROM pictures ORDER BY sha256').all() as { sha256: string }[];
    return rows.map(({ sha256 }) => sha256);
  } finally {
    copied.close();
  }
}

/** Puts files into a bag one after the other, and what the bag says of them at its end. */
class BagWriter {
  bytes = 0;
  private files = 0;
  private readonly zip = new ZipFile();
  private readonly hashes = new Map<string, string>();
  private readonly tags = new Map<string, string>();

  /** All of it lies in one folder: unpacked beside other things, a bag stays together (RFC 8493, 4). */
  private readonly base: string;

  constructor(private readonly mtime: Date) {
    this.base = `unhurried-keeper-${mtime.toISOString().slice(0, 10)}/`;
    this.text(BAG_FILES.declaration, () => BAG_DECLARATION);
  }

  get stream(): Readable {
    return this.zip.outputStream as Readable;
  }

  add(path: string, file: string, { compress }: { compress: boolean }): void {
    this.lazily(path, compress, () => {
      const hash = createHash('sha256');
      const counted = new Transform({
        transform: (chunk: Buffer, _, done) => {
          hash.update(chunk);
          this.bytes += chunk.length;
          done(null, chunk);
        },
        flush: (done) => {
          this.files += 1;
          this.hashes.set(path, hash.digest('hex'));
          done();
        },
      });
      const read = createReadStream(file, { highWaterMark: AT_A_TIME }).on('error', (cause) => counted.destroy(cause));
      return read.pipe(counted);
    });
  }

  end(facts: Readonly<Record<string, string>>): void {
    // Written when their turn comes: all the payload has been hashed by then.
    this.text(BAG_FILES.info, () => bagInfo(facts, { bytes: this.bytes, files: this.files }));
    this.text(BAG_FILES.manifest, () => bagManifest(this.hashes));
    this.lazily(BAG_FILES.tagManifest, true, () => textStream(bagManifest(this.tags)));
    this.zip.end();
  }

  private text(path: string, write: () => string): void {
    this.lazily(path, true, () => {
      const text = write();
      this.tags.set(path, createHash('sha256').update(text).digest('hex'));
      return textStream(text);
    });
  }

  private lazily(path: string, compress: boolean, open: () => Readable): void {
    this.zip.addReadStreamLazy(this.base + path, { mtime: this.mtime, mode: 0o100600, compress }, (give) => {
      const stream = open();
      // What fails while it is read fails the whole backup.
      stream.on('error', (cause) => (this.stream as PassThrough).destroy(cause));
      give(null, stream);
    });
  }
}

function textStream(text: string): Readable {
  const stream = new PassThrough();
  stream.end(text);
  return stream;
}
