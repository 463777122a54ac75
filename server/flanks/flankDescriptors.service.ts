import { mkdir, readFile, rename, writeFile } from 'node:fs/promises';
import { dirname } from 'node:path';
import { Worker } from 'node:worker_threads';
import { Inject, Injectable, Logger, type OnApplicationBootstrap, type OnApplicationShutdown } from '@nestjs/common';
import type { CaptureEvents } from '@keeper/contract/events';
import type { FlankInBook, FlanksAnswer } from '@keeper/contract/flanks';
import type { PictureOfCapture } from '@keeper/core/domain/capture/captureState';
import { replay } from '@keeper/core/domain/capture/replay';
import { summaryOf } from '@keeper/core/domain/capture/summary';
import { mayShowFlank } from '@keeper/core/domain/capture/mayShowFlank';
import { flankMarks } from '@keeper/core/recognition/descriptor/flankMarks';
import { paintedKind } from '@keeper/core/domain/fish/anatomy';
import { linkedFacts } from '@keeper/core/recognition/identity/consistencyChecks';
import type { Pixel } from '@keeper/core/geometry/pixel';
import { builtFile } from '../builtFile.js';
import { CaptureLogsRepository } from '../captures/captureLogs.repository.js';
import { PictureStore } from '../pictures/pictureStore.js';
import { descriptorFile, descriptorKey } from './descriptorFile.js';
import type { MadeDescriptor, DescriptorOrder } from './descriptorOrder.js';

/** Longer than the slowest print takes on a small computer. */
const PRINT_DEADLINE_MS = 60_000;

/** So many captures are told at a time, and so many prints read. */
const LOOK_AT_A_TIME = 100;
const READ_AT_A_TIME = 32;

export const PRINT_FOLDER = Symbol('folder of the prints of flanks');

interface Wanted extends Omit<FlankInBook, 'print' | 'landmarks' | 'side' | 'marks'> {
  /** Marks in pixels of the upright original. */
  readonly marksPx: readonly Pixel[];
  readonly told: DescriptorOrder['told'];
  readonly key: string;
}

/** Prints of the flanks in the book, made beside the server's own work and kept as files that can be thrown away. */
@Injectable()
export class FlankDescriptorsService implements OnApplicationBootstrap, OnApplicationShutdown {
  private readonly log = new Logger('Prints');
  /** What was seen when a print was made; null where there was nothing to make it of. The cells stay on the disk. */
  private readonly seen = new Map<string, SeenFlank | null>();
  /** Prints that could not be kept on the disk. */
  private readonly unkept = new Map<string, MadeDescriptor>();
  private readonly waiting = new Map<string, Wanted>();
  /** Prints that were looked for on the disk and are not there. */
  private readonly absent = new Set<string>();
  private making: Promise<void> | undefined;
  /** What prints are wanted of each capture, as far as the log was read. */
  private readonly flanksOf = new Map<string, readonly Wanted[]>();
  private seenRow = 0;
  /** Captures with pictures whose bytes have not come yet. */
  private readonly waitForBytes = new Set<string>();
  private looking: Promise<void> = Promise.resolve();
  private over = false;

  constructor(
    private readonly logs: CaptureLogsRepository,
    private readonly pictures: PictureStore,
    @Inject(PRINT_FOLDER) private readonly folder: string,
  ) {}

  /** A large book is gone over before it is asked for the first time. */
  onApplicationBootstrap(): void {
    this.wanted().catch((cause: unknown) => this.log.error(`The flanks could not be looked at: ${String(cause)}`));
  }

  /** What there is; what is missing is begun. */
  async all(): Promise<FlanksAnswer> {
    const flanks: FlankInBook[] = [];
    let coming = 0;
    const everyWanted = await this.wanted();
    await this.recall(everyWanted);
    for (const wanted of everyWanted) {
      const seen = this.seen.get(wanted.key);
      if (seen === undefined) {
        coming += 1;
        this.waiting.set(wanted.key, wanted);
      } else if (seen) {
        const { captureId, sha256, startedAt, zone, facts, fishId, kind, of, marksPx, key } = wanted;
        const marks = marksPx.length > 0 ? flankMarks(seen.landmarks, marksPx, kind) : [];
        flanks.push({ captureId, sha256, startedAt, zone, facts, fishId, kind, of, marks, ...seen, print: key });
      }
    }
    if (coming > 0 && !this.over) {
      this.making ??= this.makeAll()
        .catch((cause: unknown) => this.log.error(`Prints of flanks could not be made: ${String(cause)}`))
        .finally(() => (this.making = undefined));
    }
    return { flanks, coming };
  }

  /**
   * The cells of prints by their names, in base64; one that is not there is left out, and made anew when the flanks are
   * asked for again.
   */
  async cells(keys: readonly string[]): Promise<Map<string, string>> {
    const found = new Map<string, string>();
    for (const key of keys) {
      const print = this.unkept.get(key) ?? (await this.kept(key));
      if (print) found.set(key, print.cells);
      else if (print === undefined) this.seen.delete(key);
    }
    return found;
  }

  async onApplicationShutdown(): Promise<void> {
    this.over = true;
    await this.making;
  }

  /** Every flank that a print is wanted of, the newest fish first; only what has changed in the log is told again. */
  private async wanted(): Promise<Wanted[]> {
    // One that failed leaves the next to look again.
    this.looking = this.looking.catch(() => undefined).then(() => this.lookAgain());
    await this.looking;
    return [...this.flanksOf.values()]
      .flat()
      .sort((a, b) => (a.startedAt < b.startedAt ? 1 : a.startedAt > b.startedAt ? -1 : 0));
  }

  private async lookAgain(): Promise<void> {
    const { captureIds, last } = this.logs.picturedSince(this.seenRow);
    const changed = new Set([...captureIds, ...this.waitForBytes]);
    for (const some of chunks([...changed], LOOK_AT_A_TIME)) {
      for (const captureId of some) {
        this.flanksOf.set(captureId, []);
        this.waitForBytes.delete(captureId);
      }
      for (const log of this.logs.withFlanks(some)) this.flanksOf.set(log.captureId, this.wantedOf(log));
      // A large book is gone over in steps: others are answered between them.
      await new Promise((resolve) => setImmediate(resolve));
    }
    this.seenRow = last;
  }

  private wantedOf({ captureId, events }: CaptureEvents): Wanted[] {
    const state = replay(captureId, events);
    const { species, form } = state.facts;
    const kind = species && paintedKind(species, form ?? null);
    if (!kind || state.startedAt === null || state.outcome === 'discarded' || state.outcome === 'merged') return [];
    const { startedAt, zone } = state;
    const fishId = state.identity?.fishId ?? null;
    const facts = linkedFacts(summaryOf(state));
    return state.pictures
      .filter(({ role }) => mayShowFlank(role))
      .flatMap((picture) => {
        const of = this.pictures.facts(picture.sha256);
        if (!of) {
          this.waitForBytes.add(captureId);
          return [];
        }
        const told = toldOf(picture);
        const { sha256 } = picture;
        return [
          {
            captureId,
            sha256,
            startedAt,
            zone,
            facts,
            fishId,
            kind,
            told,
            key: descriptorKey(sha256, kind, told),
            of: { widthPx: of.widthPx, heightPx: of.heightPx },
            marksPx: picture.reading?.marks ?? [],
          },
        ];
      });
  }

  /** Reads what was made before, as far as it was not looked at yet. */
  private async recall(wanted: readonly Wanted[]): Promise<void> {
    // Only this server makes them: one that was not there comes by being made.
    const fresh = wanted.filter(({ key }) => !this.seen.has(key) && !this.absent.has(key));
    for (const some of chunks(fresh, READ_AT_A_TIME)) {
      await Promise.all(
        some.map(async ({ key }) => {
          const print = await this.kept(key);
          if (print === undefined) this.absent.add(key);
          else this.seen.set(key, seenIn(print));
        }),
      );
    }
  }

  /** A print as it lies on the disk; undefined where none does. */
  private async kept(key: string): Promise<MadeDescriptor | null | undefined> {
    const text = await readFile(descriptorFile(this.folder, key), 'utf8').catch(() => undefined);
    return text === undefined ? undefined : printIn(text);
  }

  private async makeAll(): Promise<void> {
    let worker: Worker | undefined;
    try {
      for (const [key, wanted] of this.waiting) {
        if (this.over) return;
        this.waiting.delete(key);
        // An error that comes while nobody waits for a print ends the thread, and nothing else.
        worker ??= new Worker(builtFile(import.meta.url, 'descriptorWorker.js')).on('error', () => undefined);
        const print = await this.print(worker, wanted);
        // A thread that failed, or that is not done in time, is ended; the next print gets a new one.
        if (print === undefined) {
          await worker.terminate();
          worker = undefined;
        }
        // Where it cannot be kept, on a full disk perhaps, it is made again after the next start.
        await keep(descriptorFile(this.folder, key), JSON.stringify(print ?? null)).catch((cause: unknown) => {
          if (print) this.unkept.set(key, print);
          this.log.warn(`A print could not be kept: ${String(cause)}`);
        });
        this.seen.set(key, seenIn(print ?? null));
      }
    } finally {
      await worker?.terminate();
    }
  }

  /** Null where there is nothing to make one of; undefined when the thread failed. */
  private async print(worker: Worker, { sha256, kind, told, of }: Wanted): Promise<MadeDescriptor | null | undefined> {
    const copy = await this.pictures.smaller(sha256, 'view').catch(() => undefined);
    if (!copy) return null;
    const order: DescriptorOrder = { copy, widthPx: of.widthPx, kind, told };
    return new Promise((resolve) => {
      const over = (print?: MadeDescriptor | null) => {
        clearTimeout(late);
        worker.off('error', failed).off('exit', failed).off('message', answered);
        resolve(print);
      };
      const failed = () => over();
      const answered = ({ made }: { made: MadeDescriptor | null }) => over(made);
      const late = setTimeout(failed, PRINT_DEADLINE_MS);
      worker.once('error', failed).once('exit', failed).once('message', answered);
      worker.postMessage(order);
    });
  }
}

/** All of a print but its cells. */
type SeenFlank = Omit<MadeDescriptor, 'cells'>;

function seenIn(print: MadeDescriptor | null): SeenFlank | null {
  return print && { side: print.side, landmarks: print.landmarks };
}

function* chunks<T>(of: readonly T[], size: number): Generator<readonly T[]> {
  for (let at = 0; at < of.length; at += size) yield of.slice(at, at + size);
}

function toldOf({ role, reading }: PictureOfCapture): DescriptorOrder['told'] {
  const side = role === 'left-flank' ? 'left' : role === 'right-flank' ? 'right' : undefined;
  return side && reading?.landmarks ? { landmarks: reading.landmarks, side } : null;
}

/** A print as it was kept; undefined for a file that is empty or damaged: it is made anew. */
function printIn(text: string): MadeDescriptor | null | undefined {
  try {
    const print = JSON.parse(text) as MadeDescriptor | null;
    return print === null || typeof print.cells === 'string' ? print : undefined;
  } catch {
    return undefined;
  }
}

async function keep(file: string, text: string): Promise<void> {
  await mkdir(dirname(file), { recursive: true });
  await writeFile(`${file}.half`, text);
  await rename(`${file}.half`, file);
}
