import { randomUUID } from 'node:crypto';
import { mkdir, open, readdir, readFile, rename, rm, stat, writeFile } from 'node:fs/promises';
import { dirname, join } from 'node:path';
import { Inject, Injectable, Logger, type OnApplicationShutdown, type OnModuleInit } from '@nestjs/common';
import { eq, inArray } from 'drizzle-orm';
import { MOST_PICTURE_PIXELS } from '@keeper/contract/limits';
import type { PictureFacts } from '@keeper/core/formats/bookJson';
import { PICTURE_SIZES, type PictureSize } from '@keeper/contract/pictures';
import { notFound, Problem } from '../errors/problem.js';
import { hashOf } from '../hashOf.js';
import { Database } from '../storage/database.js';
import { deletedPictures, pictures } from '../storage/schema.js';
import { INCOMING, type ReceivedFile } from '../uploads/receivedFile.js';
import type { NotAPicture, ReadPicture } from './pictureJob.js';
import { PictureReader } from './pictureReader.js';

export const PICTURE_FOLDER = Symbol('folder of the picture store');
const NAME = /^[0-9a-f]{64}$/;

/**
 * Originals under the SHA-256 of their bytes, never touched again; smaller copies beside them, which can be thrown
 * away.
 */
@Injectable()
export class PictureStore implements OnModuleInit, OnApplicationShutdown {
  private readonly log = new Logger('Pictures');
  private readonly reader = new PictureReader();
  /** Copies that are being made or written, so that two askers wait for one of them. */
  private readonly making = new Map<string, Promise<ReadPicture['copies']>>();
  private sweeping: Promise<void> = Promise.resolve();

  constructor(
    private readonly database: Database,
    @Inject(PICTURE_FOLDER) private readonly folder: string,
  ) {}

  onModuleInit(): void {
    this.sweeping = this.sweep().catch((cause: unknown) => {
      this.log.error(`What was left half done could not be cleared away: ${String(cause)}`);
    });
  }

  /** Keeps a picture that came in, once. What cannot be read is refused before anything is put in its place. */
  async keep(received: ReceivedFile, now: Date): Promise<PictureFacts> {
    try {
      this.database.assertWritable();
      const { path, sha256, bytes } = received;
      if (this.isDeleted(sha256)) throw deletedForGood();
      const known = this.facts(sha256);
      if (known) {
        // The original may have gone since, or been damaged; these are its bytes.
        const stands = await hashOf(this.original(sha256)).catch(() => undefined);
        if (stands !== sha256) await placeDurably(path, this.original(sha256));
        return known;
      }
      const { facts, copies } = await this.read(path);
      await placeDurably(path, this.original(sha256));
      const row = { sha256, bytes, ...facts, receivedAt: now.toISOString() };
      this.database.write(() => this.database.drizzle.insert(pictures).values(row).onConflictDoNothing().run());
      // The answer does not wait for the copies to be written; one that cannot be written now is made when it is asked
      // for.
      void this.track(sha256, this.keepCopies(sha256, copies));
      return factsOf(row);
    } finally {
      await rm(received.path, { force: true });
    }
  }

  facts(sha256: string): PictureFacts | undefined {
    const row = this.database.drizzle.select().from(pictures).where(eq(pictures.sha256, sha256)).get();
    return row && factsOf(row);
  }

  /**
   * Notes that pictures are deleted for good: from now on the book does not have them, and does not take their bytes in
   * again. Call it inside the transaction that logs it; then `clearDeleted`.
   */
  noteDeleted(sha256s: readonly string[], now: Date): void {
    if (sha256s.length === 0) return;
    const { drizzle } = this.database;
    const rows = sha256s.map((sha256) => ({ sha256, deletedAt: now.toISOString() }));
    drizzle.insert(deletedPictures).values(rows).onConflictDoNothing().run();
    drizzle
      .delete(pictures)
      .where(inArray(pictures.sha256, [...sha256s]))
      .run();
  }

  /** Removes the bytes of deleted pictures, original and copies; what fails is done at the next start. */
  async clearDeleted(sha256s: readonly string[]): Promise<void> {
    for (const sha256 of sha256s) {
      await this.making.get(sha256)?.catch(() => undefined);
      const files = [this.original(sha256), ...PICTURE_SIZES.map((size) => this.copy(sha256, size))];
      await Promise.all(files.map((file) => rm(file, { force: true })));
    }
  }

  all(): PictureFacts[] {
    return this.database.drizzle.select().from(pictures).orderBy(pictures.sha256).all().map(factsOf);
  }

  /**
   * The original's file, checked against its name.
   * @throws Problem 404 when it is not there, 500 `picture-damaged` when its bytes are no longer those that were kept
   */
  async originalFile(sha256: string): Promise<string> {
    const file = this.original(sha256);
    const found = await hashOf(file).catch(() => {
      throw notFound('That picture');
    });
    if (found === sha256) return file;
    this.log.error(`The original ${sha256} is damaged on the disk.`);
    throw new Problem(500, {
      code: 'picture-damaged',
      sentence:
        'This picture is damaged on the disk of the book. Add it again from the camera or a copy: the same bytes take its place.',
    });
  }

  /** A smaller copy, made once and then kept; one that is empty or damaged is made anew. @throws Problem 404 */
  async smaller(sha256: string, size: PictureSize): Promise<Buffer> {
    const kept = await readFile(this.copy(sha256, size)).catch(() => undefined);
    if (kept && isWholeJpeg(kept)) return kept;
    const copies = await (this.making.get(sha256) ?? this.track(sha256, this.makeCopies(sha256)));
    return Buffer.from(copies[size]);
  }

  /** Waits until nothing is being made or cleared away. */
  async settled(): Promise<void> {
    await this.sweeping;
    while (this.making.size > 0) await Promise.allSettled(this.making.values());
  }

  async onApplicationShutdown(): Promise<void> {
    await this.settled();
    this.reader.close();
  }

  private isDeleted(sha256: string): boolean {
    const { drizzle } = this.database;
    return drizzle.select().from(deletedPictures).where(eq(deletedPictures.sha256, sha256)).get() !== undefined;
  }

  private async read(path: string): Promise<ReadPicture> {
    const answer = await this.reader.read(path);
    if (answer.ok) return answer.picture;
    throw refusal(answer.problem);
  }

  private async makeCopies(sha256: string): Promise<ReadPicture['copies']> {
    const { copies } = await this.read(await this.originalFile(sha256));
    return this.keepCopies(sha256, copies);
  }

  /** A copy that cannot be written is made again another time; whoever asked has it. */
  private async keepCopies(sha256: string, copies: ReadPicture['copies']): Promise<ReadPicture['copies']> {
    for (const size of PICTURE_SIZES) {
      await writeWhole(this.copy(sha256, size), copies[size]).catch((cause: unknown) => {
        this.log.warn(`A copy of ${sha256} could not be written: ${String(cause)}`);
      });
    }
    return copies;
  }

  private track(sha256: string, work: Promise<ReadPicture['copies']>): Promise<ReadPicture['copies']> {
    const tracked = work.finally(() => this.making.delete(sha256));
    this.making.set(sha256, tracked);
    // Whoever asked hears of a failure; where nobody did it is made again when asked for.
    tracked.catch(() => undefined);
    return tracked;
  }

  /**
   * Clears away what a server that was killed left half done: files that were coming in, halves of copies, originals
   * without a row.
   */
  private async sweep(): Promise<void> {
    await rm(join(this.database.where.folder, INCOMING), { recursive: true, force: true });
    const deleted = this.database.drizzle.select({ sha256: deletedPictures.sha256 }).from(deletedPictures).all();
    await this.clearDeleted(deleted.map(({ sha256 }) => sha256));
    for (const size of PICTURE_SIZES) await this.sweepHalves(join(this.folder, 'smaller', size));
    for (const file of await filesBelow(join(this.folder, 'originals'))) {
      const name = file.slice(file.length - 64);
      if (NAME.test(name) && this.facts(name)) continue;
      // Whole, it was put in place a moment before its row would have been: it is taken in now. Anything else is a
      // half.
      if (NAME.test(name) && (await hashOf(file)) === name) await this.adopt(name, file);
      else await rm(file, { force: true });
    }
  }

  private async adopt(sha256: string, file: string): Promise<void> {
    const answer = await this.reader.read(file);
    if (!answer.ok) {
      await rm(file, { force: true });
      return;
    }
    const { size } = await stat(file);
    const row = { sha256, bytes: size, ...answer.picture.facts, receivedAt: new Date().toISOString() };
    this.database.write(() => this.database.drizzle.insert(pictures).values(row).onConflictDoNothing().run());
  }

  private async sweepHalves(folder: string): Promise<void> {
    for (const file of await filesBelow(folder)) if (!file.endsWith('.jpg')) await rm(file, { force: true });
  }

  private copy(sha256: string, size: PictureSize): string {
    return join(this.folder, 'smaller', size, sha256.slice(0, 2), `${sha256}.jpg`);
  }

  private original(sha256: string): string {
    return join(this.folder, 'originals', sha256.slice(0, 2), sha256);
  }
}

function deletedForGood(): Problem {
  return new Problem(410, {
    code: 'picture-deleted',
    sentence: 'This picture was deleted from the book for good. It is not taken in again.',
  });
}

function refusal(problem: NotAPicture): Problem {
  if (problem.why === 'too-many-pixels') {
    return new Problem(413, {
      code: 'too-many-pixels',
      sentence: `This picture has ${Math.round(problem.pixels / 1e6)} million pixels; up to ${MOST_PICTURE_PIXELS / 1e6} million are taken. Nothing was kept of it.`,
    });
  }
  return new Problem(415, { code: 'not-a-picture', sentence: `${WHY[problem.why]} Nothing was kept of it.` });
}

const WHY: Readonly<Record<Exclude<NotAPicture['why'], 'too-many-pixels'>, string>> = {
  other: 'This file is not a picture that can be read here. JPEG, PNG, WebP, AVIF and TIFF can.',
  broken: 'This picture breaks off or is damaged.',
  heic: 'Pictures in HEIC cannot be read here. Set the phone to take JPEG ("most compatible"), or share it as JPEG.',
  laden: 'This picture carries far more hidden text than any camera writes.',
  overtaxes: 'Reading this picture takes more time or memory than any picture should.',
};

/** Ends as the encoder ends it; what a full disk or a power cut left is shorter. */
function isWholeJpeg(bytes: Buffer): boolean {
  return bytes.length > 4 && bytes.readUInt16BE(0) === 0xffd8 && bytes.readUInt16BE(bytes.length - 2) === 0xffd9;
}

async function filesBelow(folder: string): Promise<string[]> {
  const entries = await readdir(folder, { recursive: true, withFileTypes: true }).catch(() => []);
  return entries.filter((entry) => entry.isFile()).map((entry) => join(entry.parentPath, entry.name));
}

/** Written beside, then put in place. */
async function writeWhole(file: string, bytes: Uint8Array): Promise<void> {
  await mkdir(dirname(file), { recursive: true, mode: 0o700 });
  const half = `${file}.${randomUUID()}`;
  try {
    await writeFile(half, bytes, { mode: 0o600 });
    await rename(half, file);
  } catch (cause) {
    await rm(half, { force: true });
    throw cause;
  }
}

/** Puts a file that lies on the disk in its place for good: its bytes and its name are brought to the platter. */
async function placeDurably(from: string, to: string): Promise<void> {
  await mkdir(dirname(to), { recursive: true, mode: 0o700 });
  const handle = await open(from, 'r+');
  await handle.sync().finally(() => handle.close());
  await rename(from, to);
  const folder = await open(dirname(to));
  await folder.sync().finally(() => folder.close());
}

function factsOf(row: typeof pictures.$inferSelect): PictureFacts {
  const { sha256, mime, bytes, widthPx, heightPx, takenAt, camera } = row;
  return { sha256, mime, bytes, widthPx, heightPx, takenAt, camera };
}
