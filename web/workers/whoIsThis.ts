import { expose, transfer } from 'comlink';
import type { FlankInBook } from '@keeper/contract/flanks';
import type { PaintedKind } from '@keeper/core/fish/anatomy';
import type { BentShift } from '@keeper/core/flank/bentShift';
import { readyPrint, type PartMatch } from '@keeper/core/flank/comparePrints';
import { flankPrint } from '@keeper/core/flank/flankPrint';
import { flatFlank } from '@keeper/core/flank/flatFlank';
import { whoIsThis, type KnownFlank } from '@keeper/core/flank/whoIsThis';
import type { LandmarksPx } from '@keeper/core/picture/findFish';
import { scaled } from '@keeper/core/picture/verdict';
import { pixelsOf } from './pixelsOf.js';

/** A picture of a flank whose fish is asked for; the landmarks in pixels of the upright original. */
export interface AskedFlank {
  readonly bytes: Blob;
  readonly landmarks: LandmarksPx;
  readonly side: 'left' | 'right';
  readonly kind: PaintedKind;
  readonly captureId: string;
}

/** A fish of the book that it may be. */
export interface MayBe {
  readonly flank: FlankInBook;
  readonly score: number;
  readonly probability: number;
  readonly parts: readonly PartMatch[];
  readonly shift: BentShift;
}

export interface Answer {
  readonly mayBe: readonly MayBe[];
  readonly stranger: number;
  /** Fish of the book whose flank of this side was held against it. */
  readonly known: number;
}

interface Known extends KnownFlank {
  readonly flank: FlankInBook;
}

const READ_PX = 1400;
const SHOWN = 6;
/** Prints that were made ready stay so: the same register is asked again and again. */
const ready = new Map<string, Known['ready']>();

function readied({ cells, side, kind }: FlankInBook): Known['ready'] {
  const made = ready.get(cells);
  if (made) return made;
  const bytes = Uint8Array.from(atob(cells), (letter) => letter.charCodeAt(0));
  const now = readyPrint({ side, kind, cells: new Int8Array(bytes.buffer) });
  ready.set(cells, now);
  return now;
}

async function ask(
  { bytes, landmarks, side, kind, captureId }: AskedFlank,
  register: readonly FlankInBook[],
): Promise<Answer> {
  const { raster, by } = await read(bytes, landmarks);
  const others = register.filter(
    (flank) => flank.captureId !== captureId && flank.side === side && flank.kind === kind,
  );
  const known = others.map((flank): Known => ({
    fishId: flank.fishId ?? flank.captureId,
    flank,
    ready: readied(flank),
  }));
  const { candidates, stranger } = whoIsThis(readyPrint(flankPrint(raster, by, side, kind)), known);
  return {
    mayBe: candidates.slice(0, SHOWN).map(({ flank: { flank }, match: { score, parts, shift }, probability }) => ({
      ...{ flank, score, probability, parts, shift },
    })),
    stranger,
    known: new Set(known.map(({ fishId }) => fishId)).size,
  };
}

const FINE = 5;

/** A flank laid flat to be looked at; with a shift, as it lies on another. */
async function flat(
  bytes: Blob,
  landmarks: LandmarksPx,
  widthPx: number | undefined,
  kind: PaintedKind,
  shift?: BentShift,
): Promise<ImageBitmap> {
  const { raster, by } = await read(bytes, landmarks, widthPx);
  const { data, ...size } = flatFlank(raster, by, kind, FINE, shift);
  const bitmap = await createImageBitmap(new ImageData(data, size.widthPx, size.heightPx));
  return transfer(bitmap, [bitmap]);
}

/** The pixels, and the landmarks on them. `widthPx` is how wide the original is, where these bytes are a copy of it. */
async function read(bytes: Blob, landmarks: LandmarksPx, widthPx?: number) {
  const bitmap = await createImageBitmap(bytes);
  const raster = pixelsOf(bitmap, READ_PX);
  const scale = raster.widthPx / (widthPx ?? bitmap.width);
  bitmap.close();
  return { raster, by: scaled(landmarks, scale) };
}

const work = { ask, flat };
export type WhoWork = typeof work;
expose(work);
