import type { FlankInBook } from '@keeper/contract/flanks';
import type { PaintedKind } from '@keeper/core/domain/fish/anatomy';
import type { LinkedFacts } from '@keeper/core/recognition/identity/consistencyChecks';

/** A flank of a friend's register: a print, with no picture of this book behind it. */
export interface FriendFlank {
  readonly from: string;
  /** Its own id, marked as theirs: it cannot be taken for a fish of this book. */
  readonly fishId: string;
  readonly name: string;
  readonly side: 'left' | 'right';
  readonly kind: PaintedKind;
  readonly cells: string;
  readonly facts: LinkedFacts;
  /** The month of its last catch, `2026-05`. */
  readonly month: string;
}

/** Whether a flank is of a friend's register, not of this book. */
export function isFriendFlank(flank: FlankInBook | FriendFlank): flank is FriendFlank {
  return 'from' in flank;
}
