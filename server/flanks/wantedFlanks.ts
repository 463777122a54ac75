import { Injectable } from '@nestjs/common';
import type { CaptureEvents } from '@keeper/contract/events';
import type { FlankInBook } from '@keeper/contract/flanks';
import type { PictureOfCapture } from '@keeper/core/domain/capture/captureState';
import { replay } from '@keeper/core/domain/capture/replay';
import { summaryOf } from '@keeper/core/domain/capture/summary';
import { mayShowFlank } from '@keeper/core/domain/capture/mayShowFlank';
import { paintedKind } from '@keeper/core/domain/fish/anatomy';
import { linkedFacts } from '@keeper/core/recognition/identity/consistencyChecks';
import type { Pixel } from '@keeper/core/geometry/pixel';
import { CaptureLogsRepository } from '../captures/captureLogs.repository.js';
import { PictureStore } from '../pictures/pictureStore.js';
import { descriptorKey } from './descriptorFile.js';
import type { DescriptorOrder } from './descriptorOrder.js';

/** So many captures are told at a time. */
const LOOK_AT_A_TIME = 100;

/** A flank of the book that a print is wanted of. */
export interface WantedFlank extends Omit<FlankInBook, 'print' | 'landmarks' | 'side' | 'marks'> {
  /** Marks in pixels of the upright original. */
  readonly marksPx: readonly Pixel[];
  readonly told: DescriptorOrder['told'];
  readonly key: string;
}

/**
 * Which flanks of the book prints are wanted of, as far as its log was read: only what has changed since is told again.
 */
@Injectable()
export class WantedFlanks {
  private readonly flanksOf = new Map<string, readonly WantedFlank[]>();
  private seenRow = 0;
  /** Captures with pictures whose bytes have not come yet. */
  private readonly waitForBytes = new Set<string>();
  private looking: Promise<void> = Promise.resolve();

  constructor(
    private readonly logs: CaptureLogsRepository,
    private readonly pictures: PictureStore,
  ) {}

  /** Every flank that a print is wanted of, the newest fish first; read again as far as the log has grown. */
  async all(): Promise<WantedFlank[]> {
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

  private wantedOf({ captureId, events }: CaptureEvents): WantedFlank[] {
    const state = replay(captureId, events);
    const { species, form } = state.facts;
    const kind = species && paintedKind(species, form ?? null);
    if (
      !kind ||
      state.startedAt === null ||
      state.begunAt === null ||
      state.outcome === 'discarded' ||
      state.outcome === 'merged'
    )
      return [];
    const { startedAt, begunAt, zone } = state;
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
            begunAt,
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
}

function* chunks<T>(of: readonly T[], size: number): Generator<readonly T[]> {
  for (let at = 0; at < of.length; at += size) yield of.slice(at, at + size);
}

function toldOf({ role, reading }: PictureOfCapture): DescriptorOrder['told'] {
  const side = role === 'left-flank' ? 'left' : role === 'right-flank' ? 'right' : undefined;
  return side && reading?.landmarks ? { landmarks: reading.landmarks, side } : null;
}
