import { Matches } from 'class-validator';
import type { PaintedKind } from '@keeper/core/domain/fish/anatomy';
import type { LinkedFacts } from '@keeper/core/recognition/identity/consistencyChecks';
import type { FlankPoint } from '@keeper/core/domain/fish/flankPoint';
import type { LandmarksPx } from '@keeper/core/domain/fish/landmarks';

/** One flank of the book with its print. */
export interface FlankInBook {
  readonly captureId: string;
  readonly sha256: string;
  readonly startedAt: string;
  /** The moment that the log of its capture counts from. */
  readonly begunAt: string;
  /** The time zone of the place; null where nobody noted it. */
  readonly zone: string | null;
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
  /** Names its print, whose cells are asked for apart: they are many. */
  readonly print: string;
}

/** The flanks whose prints are made, and how many are still to come: they are made one after the other. */
export interface FlanksAnswer {
  readonly flanks: readonly FlankInBook[];
  readonly coming: number;
}

/** So many prints are asked for at once. */
export const PRINTS_AT_ONCE = 50;

export class CellsQueryDto {
  /** Names of prints, with commas between them. */
  @Matches(new RegExp(`^[0-9a-f]{64}(,[0-9a-f]{64}){0,${PRINTS_AT_ONCE - 1}}$`)) prints!: string;
}

/**
 * By the name of its print the cells of a flank, one byte each, in base64. One that is not there any more is left out.
 */
export type CellsAnswer = Readonly<Record<string, string>>;
