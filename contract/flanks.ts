import type { PaintedKind } from '@keeper/core/fish/anatomy';
import type { LinkedFacts } from '@keeper/core/fish/linkDoubt';
import type { FlankPoint } from '@keeper/core/flank/flankPoint';
import type { LandmarksPx } from '@keeper/core/picture/findFish';

/** One flank of the book with its print. */
export interface FlankInBook {
  readonly captureId: string;
  readonly sha256: string;
  readonly startedAt: string;
  /** What else tells this fish from others. */
  readonly facts: LinkedFacts;
  /** The known fish that the keeper says it is; null while it is only this capture. */
  readonly fishId: string | null;
  readonly side: 'left' | 'right';
  readonly kind: PaintedKind;
  /** Of the upright original, and how large that is. */
  readonly landmarks: LandmarksPx;
  readonly of: { readonly widthPx: number; readonly heightPx: number };
  /** Marks that were set by hand, in the flank frame. */
  readonly marks: readonly FlankPoint[];
  /** The cells of the print, one byte each, in base64. */
  readonly cells: string;
}

/** The flanks whose prints are made, and how many are still to come: they are made one after the other. */
export interface FlanksAnswer {
  readonly flanks: readonly FlankInBook[];
  readonly coming: number;
}
