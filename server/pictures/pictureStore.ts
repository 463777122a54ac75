import { createHash, randomUUID } from 'node:crypto';
import { access, mkdir, open, readFile, rename, rm, writeFile } from 'node:fs/promises';
import { dirname, join } from 'node:path';
import { Inject, Injectable } from '@nestjs/common';
import { eq } from 'drizzle-orm';
import type { PictureFacts } from '@keeper/core/formats/bookJson';
import type { PictureSize } from '@keeper/contract/pictures';
import { notFound } from '../errors/problem.js';
import { Database } from '../storage/database.js';
import { pictures } from '../storage/schema.js';

export const PICTURE_FOLDER = Symbol('folder of the picture store');

/** The decoder comes with the first picture: the server is up sooner without it. */
const decoder = () => import('./picture.js');

/** Originals under the SHA-256 of their bytes, never touched again; smaller copies beside them, made when first asked for. */
@Injectable()
export class PictureStore {
  /** Copies that are being made, so that two askers wait for one decode. */
  private readonly shrinking = new Map<string, Promise<Buffer>>();

  constructor(
    private readonly database: Database,
    @Inject(PICTURE_FOLDER) private readonly folder: string,
  ) {}

  /** Keeps a picture once. What cannot be decoded is refused before anything is written. */
  async keep(bytes: Buffer, now: Date): Promise<PictureFacts> {
    const sha256 = createHash('sha256').update(bytes).digest('hex');
    const known = this.facts(sha256);
    if (known) return known;
    const decoded = await (await decoder()).decodePicture(bytes);
    await writeDurably(this.original(sha256), bytes);
    const row = { sha256, bytes: bytes.length, ...decoded, receivedAt: now.toISOString() };
    this.database.drizzle.insert(pictures).values(row).onConflictDoNothing().run();
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
    const file = join(this.folder, 'smaller', size, sha256.slice(0, 2), `${sha256}.jpg`);
    const made = await readFile(file).catch(() => undefined);
    if (made) return made;
    const running = this.shrinking.get(file);
    if (running) return running;
    const making = this.shrink(sha256, size, file).finally(() => this.shrinking.delete(file));
    this.shrinking.set(file, making);
    return making;
  }

  private async shrink(sha256: string, size: PictureSize, file: string): Promise<Buffer> {
    const copy = await (await decoder()).shrinkPicture(await this.originalFile(sha256), size);
    await mkdir(dirname(file), { recursive: true });
    const half = `${file}.${randomUUID()}`;
    await writeFile(half, copy);
    await rename(half, file);
    return copy;
  }

  private original(sha256: string): string {
    return join(this.folder, 'originals', sha256.slice(0, 2), sha256);
  }
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
