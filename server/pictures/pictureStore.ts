import { createHash, randomUUID } from 'node:crypto';
import { access, mkdir, open, readFile, rename, rm, writeFile } from 'node:fs/promises';
import { dirname, join } from 'node:path';
import { Inject, Injectable, type OnApplicationShutdown } from '@nestjs/common';
import { eq } from 'drizzle-orm';
import type { PictureFacts } from '@keeper/core/formats/bookJson';
import { PICTURE_SIZES, type PictureSize } from '@keeper/contract/pictures';
import { notFound } from '../errors/problem.js';
import { Database } from '../storage/database.js';
import { pictures } from '../storage/schema.js';
import { Gate } from './gate.js';
import type { CopyPixels } from './picture.js';

export const PICTURE_FOLDER = Symbol('folder of the picture store');

/** The decoder comes with the first picture: the server is up sooner without it. */
const decoder = () => import('./picture.js');

/** So many pictures are decoded at a time, and so many encoded: more would only take memory. */
const DECODING = 2;
const ENCODING = 2;

/** Originals under the SHA-256 of their bytes, never touched again; smaller copies beside them, made once an original is kept. */
@Injectable()
export class PictureStore implements OnApplicationShutdown {
  private readonly decoding = new Gate(DECODING);
  private readonly encoding = new Gate(ENCODING);
  /** Copies that are being made, so that two askers wait for one of them. */
  private readonly making = new Map<string, Promise<Buffer>>();

  constructor(
    private readonly database: Database,
    @Inject(PICTURE_FOLDER) private readonly folder: string,
  ) {}

  /** Keeps a picture once. What cannot be decoded is refused before anything is written. */
  async keep(bytes: Buffer, now: Date): Promise<PictureFacts> {
    const sha256 = createHash('sha256').update(bytes).digest('hex');
    const known = this.facts(sha256);
    if (known) return known;
    const { facts, pixels } = await this.decoding.through(async () => (await decoder()).decodePicture(bytes));
    await writeDurably(this.original(sha256), bytes);
    const row = { sha256, bytes: bytes.length, ...facts, receivedAt: now.toISOString() };
    this.database.drizzle.insert(pictures).values(row).onConflictDoNothing().run();
    // The answer does not wait for the copies; one that cannot be made now is made when it is asked for.
    for (const size of PICTURE_SIZES)
      void this.make(sha256, size, () => Promise.resolve(pixels)).catch(() => undefined);
    return factsOf(row);
  }

  facts(sha256: string): PictureFacts | undefined {
    const row = this.database.drizzle.select().from(pictures).where(eq(pictures.sha256, sha256)).get();
    return row && factsOf(row);
  }

  all(): PictureFacts[] {
    return this.database.drizzle.select().from(pictures).orderBy(pictures.sha256).all().map(factsOf);
  }

  /** The original's file. @throws Problem 404 */
  async originalFile(sha256: string): Promise<string> {
    const file = this.original(sha256);
    await access(file).catch(() => {
      throw notFound('That picture');
    });
    return file;
  }

  /** A smaller copy, made once and then kept; it can be thrown away at any time. @throws Problem 404 */
  async smaller(sha256: string, size: PictureSize): Promise<Buffer> {
    const made = await readFile(this.copy(sha256, size)).catch(() => undefined);
    if (made) return made;
    const original = await this.originalFile(sha256);
    return this.make(sha256, size, () => this.decoding.through(async () => (await decoder()).copyPixels(original)));
  }

  /** Waits until no copy is being made. */
  async settled(): Promise<void> {
    while (this.making.size > 0) await Promise.allSettled(this.making.values());
  }

  async onApplicationShutdown(): Promise<void> {
    await this.settled();
  }

  private make(sha256: string, size: PictureSize, pixels: () => Promise<CopyPixels>): Promise<Buffer> {
    const file = this.copy(sha256, size);
    const running = this.making.get(file);
    if (running) return running;
    const making = pixels()
      .then((of) => this.encoding.through(async () => (await decoder()).encodeCopy(of, size)))
      .then((copy) => keepCopy(file, copy))
      .finally(() => this.making.delete(file));
    this.making.set(file, making);
    return making;
  }

  private copy(sha256: string, size: PictureSize): string {
    return join(this.folder, 'smaller', size, sha256.slice(0, 2), `${sha256}.jpg`);
  }

  private original(sha256: string): string {
    return join(this.folder, 'originals', sha256.slice(0, 2), sha256);
  }
}

async function keepCopy(file: string, copy: Buffer): Promise<Buffer> {
  await mkdir(dirname(file), { recursive: true });
  const half = `${file}.${randomUUID()}`;
  await writeFile(half, copy);
  await rename(half, file);
  return copy;
}

/** Whole or not at all: written beside, brought to the disk, then put in place. */
async function writeDurably(file: string, bytes: Buffer): Promise<void> {
  await mkdir(dirname(file), { recursive: true });
  const half = `${file}.${randomUUID()}`;
  try {
    const handle = await open(half, 'wx', 0o600);
    try {
      await handle.writeFile(bytes);
      await handle.sync();
    } finally {
      await handle.close();
    }
    await rename(half, file);
    const folder = await open(dirname(file));
    await folder.sync().finally(() => folder.close());
  } catch (cause) {
    await rm(half, { force: true });
    throw cause;
  }
}

function factsOf(row: typeof pictures.$inferSelect): PictureFacts {
  const { sha256, mime, bytes, widthPx, heightPx, takenAt, camera } = row;
  return { sha256, mime, bytes, widthPx, heightPx, takenAt, camera };
}
