import type { Message } from '../measure/message.js';
import { COMMON_PRACTICE, type Basis } from '../care/counsel.js';
import type { BankKind } from '../domain/water/swim.js';
import { type Fixture, type KitPiece, type Layout } from '../domain/water/plan.js';
import type { SunPlace } from '../weather/sun.js';

/** A moment of the outing with its sun. */
export interface SunHour {
  readonly atMs: number;
  readonly sun: SunPlace;
}

/** A plan as it is judged: the swim, what lies where, and the hours it must serve for. */
export interface BankPlan {
  readonly bank: BankKind;
  readonly facingDeg: number;
  readonly fixtures: readonly Fixture[];
  readonly layout: Layout;
  readonly hours: readonly SunHour[];
  /** How a moment is said, such as `11:00`. */
  readonly clock: (atMs: number) => string;
}

/** One thing that is right or wrong with a layout. `mark` runs from 0 (wrong) to 1 (right). */
export interface LayoutPoint {
  readonly id: string;
  readonly mark: number;
  readonly weight: number;
  readonly text: Message;
  readonly reason: Message;
  readonly basis: Basis;
  /** The pieces it is about, to be shown on the drawing. */
  readonly pieces: readonly KitPiece[];
}

/** The judgement of a layout: `score` from 0 to 1, and its points, the worst first. */
export interface LayoutJudgement {
  readonly score: number;
  readonly points: readonly LayoutPoint[];
  readonly carryM: number | null;
  readonly outOfReach: readonly KitPiece[];
  /** For each hour whether the mat is in the sun, in shade, or it is dark. */
  readonly matLight: readonly ('sun' | 'shade' | 'dark')[];
}

type Judged = Omit<LayoutPoint, 'basis'> & { readonly basis?: Basis };

export function said(point: Judged): LayoutPoint {
  return { basis: COMMON_PRACTICE, ...point };
}

export function clamp(value: number): number {
  return Math.min(1, Math.max(0, value));
}
