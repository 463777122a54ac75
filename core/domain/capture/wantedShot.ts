import type { PictureRole } from './event.js';

/** What a camera can be asked for beside the fish. */
export type WantedShot = Extract<PictureRole, 'left-flank' | 'right-flank' | 'wound' | 'board' | 'scale'>;

/**
 * The picture that is wanted next: both flanks once each for recognising it again, then each wound, then the board when
 * it lies on one. Null when there is nothing more worth its time out of the water. Example: with a left flank taken and
 * no wounds, the right flank is next.
 */
export function wantedShot(
  taken: readonly (PictureRole | null)[],
  { wounds, onBoard }: { readonly wounds: number; readonly onBoard: boolean },
): WantedShot | null {
  const count = (role: PictureRole) => taken.filter((each) => each === role).length;
  if (onBoard && count('board') === 0) return 'board';
  if (count('left-flank') === 0) return 'left-flank';
  if (count('right-flank') === 0) return 'right-flank';
  return count('wound') < wounds ? 'wound' : null;
}
