import { Inject, Injectable, Logger, type OnApplicationBootstrap, type OnApplicationShutdown } from '@nestjs/common';
import type { FlankInBook, FlanksAnswer } from '@keeper/contract/flanks';
import { flankMarks } from '@keeper/core/recognition/descriptor/flankMarks';
import { PictureStore } from '../pictures/pictureStore.js';
import { DescriptorStore } from './descriptorStore.js';
import { DescriptorThread } from './descriptorThread.js';
import { WantedFlanks, type WantedFlank } from './wantedFlanks.js';

export const PRINT_FOLDER = Symbol('folder of the prints of flanks');

/** Prints of the flanks in the book, made beside the server's own work. */
@Injectable()
export class FlankDescriptorsService implements OnApplicationBootstrap, OnApplicationShutdown {
  private readonly log = new Logger('Prints');
  private readonly store: DescriptorStore;
  private readonly waiting = new Map<string, WantedFlank>();
  private making: Promise<void> | undefined;
  private over = false;

  constructor(
    private readonly wanted: WantedFlanks,
    private readonly pictures: PictureStore,
    @Inject(PRINT_FOLDER) folder: string,
  ) {
    this.store = new DescriptorStore(folder);
  }

  /** A large book is gone over before it is asked for the first time. */
  onApplicationBootstrap(): void {
    this.wanted.all().catch((cause: unknown) => this.log.error(`The flanks could not be looked at: ${String(cause)}`));
  }

  /** What there is; what is missing is begun. */
  async all(): Promise<FlanksAnswer> {
    const flanks: FlankInBook[] = [];
    let coming = 0;
    const everyWanted = await this.wanted.all();
    await this.store.recall(everyWanted.map(({ key }) => key));
    for (const wanted of everyWanted) {
      const seen = this.store.seen(wanted.key);
      if (seen === undefined) {
        coming += 1;
        this.waiting.set(wanted.key, wanted);
      } else if (seen) {
        const { marksPx, told: _told, key, ...flank } = wanted;
        const marks = marksPx.length > 0 ? flankMarks(seen.landmarks, marksPx, flank.kind) : [];
        flanks.push({ ...flank, marks, ...seen, print: key });
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
      const cells = await this.store.cells(key);
      if (cells !== undefined) found.set(key, cells);
    }
    return found;
  }

  /** Removes prints that no flank of the book wants any more, as after a picture was deleted for good. */
  async clearUnwanted(): Promise<void> {
    await this.store.keepOnly(new Set((await this.wanted.all()).map(({ key }) => key)));
  }

  async onApplicationShutdown(): Promise<void> {
    this.over = true;
    await this.making;
  }

  private async makeAll(): Promise<void> {
    const thread = new DescriptorThread();
    try {
      for (const [key, { sha256, kind, told, of }] of this.waiting) {
        if (this.over) return;
        this.waiting.delete(key);
        const copy = await this.pictures.smaller(sha256, 'view').catch(() => undefined);
        const print = copy ? await thread.make({ copy, widthPx: of.widthPx, kind, told }) : null;
        const cause = await this.store.keep(key, print ?? null);
        if (cause !== undefined) this.log.warn(`A print could not be kept: ${cause}`);
      }
    } finally {
      await thread.end();
    }
  }
}
