import { createHash } from 'node:crypto';
import { mkdir, readFile, rename, writeFile } from 'node:fs/promises';
import { dirname, join } from 'node:path';
import { Worker } from 'node:worker_threads';
import { Inject, Injectable, type OnApplicationShutdown } from '@nestjs/common';
import type { FlankInBook, FlanksAnswer } from '@keeper/contract/flanks';
import { tellStory, type PictureInStory } from '@keeper/core/capture/story';
import { summaryOf } from '@keeper/core/capture/summary';
import { flankMarks } from '@keeper/core/flank/flankMarks';
import { PRINT_WAY } from '@keeper/core/flank/flankPrint';
import { paintedKind, type PaintedKind } from '@keeper/core/fish/anatomy';
import { linkedFacts } from '@keeper/core/fish/linkDoubt';
import type { Pixel } from '@keeper/core/picture/pixel';
import { ReadBook } from '../captures/readBook.js';
import { PictureStore } from '../pictures/pictureStore.js';
import type { MadePrint, PrintOrder } from './printOrder.js';

export const PRINT_FOLDER = Symbol('folder of the prints of flanks');

interface Wanted extends Omit<FlankInBook, 'cells' | 'landmarks' | 'side' | 'marks'> {
  /** Marks in pixels of the upright original. */
  readonly marksPx: readonly Pixel[];
  readonly told: PrintOrder['told'];
  readonly key: string;
}

/** Prints of the flanks in the book, made beside the server's own work and kept as files that can be thrown away. */
@Injectable()
export class FlankPrints implements OnApplicationShutdown {
  private readonly made = new Map<string, MadePrint | null>();
  private readonly waiting = new Map<string, Wanted>();
  private making: Promise<void> | undefined;
  private over = false;

  constructor(
    private readonly book: ReadBook,
    private readonly pictures: PictureStore,
    @Inject(PRINT_FOLDER) private readonly folder: string,
  ) {}

  /** What there is; what is missing is begun. */
  async all(): Promise<FlanksAnswer> {
    const flanks: FlankInBook[] = [];
    let coming = 0;
    for (const wanted of this.wanted()) {
      const print = await this.known(wanted.key);
      if (print === undefined) {
        coming += 1;
        this.waiting.set(wanted.key, wanted);
      } else if (print) {
        const { captureId, sha256, startedAt, facts, fishId, kind, of, marksPx } = wanted;
        const marks = marksPx.length > 0 ? flankMarks(print.landmarks, marksPx, kind) : [];
        flanks.push({ captureId, sha256, startedAt, facts, fishId, kind, of, marks, ...print });
      }
    }
    if (coming > 0 && !this.over) this.making ??= this.makeAll().finally(() => (this.making = undefined));
    return { flanks, coming };
  }

  async onApplicationShutdown(): Promise<void> {
    this.over = true;
    await this.making;
  }

  private wanted(): Wanted[] {
    return this.book.pictured().flatMap(({ captureId, startedAt, species, form, pictures }) => {
      const kind = species && paintedKind(species, form);
      const log = kind && pictures.length > 0 ? this.book.capture(captureId) : undefined;
      if (!kind || !log) return [];
      const story = tellStory(captureId, log.events);
      const fishId = story.identity?.fishId ?? null;
      const facts = linkedFacts(summaryOf(story));
      return story.pictures.flatMap((picture) => {
        const of = mayShowFlank(picture) ? this.pictures.facts(picture.sha256) : undefined;
        if (!of) return [];
        const told = toldOf(picture);
        const { sha256 } = picture;
        return [
          {
            ...{ captureId, sha256, startedAt, facts, fishId, kind, told, key: keyOf(sha256, kind, told) },
            of: { widthPx: of.widthPx, heightPx: of.heightPx },
            marksPx: picture.reading?.marks ?? [],
          },
        ];
      });
    });
  }

  /** Undefined when it has not been made; null when there is nothing to make it of. */
  private async known(key: string): Promise<MadePrint | null | undefined> {
    const here = this.made.get(key);
    if (here !== undefined) return here;
    const kept = await readFile(this.file(key), 'utf8').catch(() => undefined);
    if (kept === undefined) return undefined;
    const print = JSON.parse(kept) as MadePrint | null;
    this.made.set(key, print);
    return print;
  }

  private async makeAll(): Promise<void> {
    const worker = new Worker(new URL('./printWorker.js', import.meta.url));
    try {
      for (const [key, wanted] of this.waiting) {
        if (this.over) return;
        this.waiting.delete(key);
        const print = await this.print(worker, wanted).catch(() => null);
        await keep(this.file(key), JSON.stringify(print));
        this.made.set(key, print);
      }
    } finally {
      await worker.terminate();
    }
  }

  private async print(worker: Worker, { sha256, kind, told, of }: Wanted): Promise<MadePrint | null> {
    const copy = await this.pictures.smaller(sha256, 'view');
    const order: PrintOrder = { copy, widthPx: of.widthPx, kind, told };
    return new Promise((resolve, reject) => {
      worker.once('error', reject);
      worker.once('message', ({ made }: { made: MadePrint | null }) => {
        worker.off('error', reject);
        resolve(made);
      });
      worker.postMessage(order);
    });
  }

  private file(key: string): string {
    return join(this.folder, key.slice(0, 2), `${key}.json`);
  }
}

/** A wound close up, a scale or the way back into the water shows no flank to go by. */
function mayShowFlank({ role }: PictureInStory): boolean {
  return role === null || role === 'left-flank' || role === 'right-flank' || role === 'portrait' || role === 'board';
}

function toldOf({ role, reading }: PictureInStory): PrintOrder['told'] {
  const side = role === 'left-flank' ? 'left' : role === 'right-flank' ? 'right' : undefined;
  return side && reading?.landmarks ? { landmarks: reading.landmarks, side } : null;
}

function keyOf(sha256: string, kind: PaintedKind, told: PrintOrder['told']): string {
  return createHash('sha256')
    .update(JSON.stringify([PRINT_WAY, sha256, kind, told]))
    .digest('hex');
}

async function keep(file: string, text: string): Promise<void> {
  await mkdir(dirname(file), { recursive: true });
  await writeFile(`${file}.half`, text);
  await rename(`${file}.half`, file);
}
