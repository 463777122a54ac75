import type { PictureRole } from './event.js';

/** Pictures that were taken as one of these may show a flank to go by. */
export const FLANK_ROLES: readonly PictureRole[] = ['left-flank', 'right-flank', 'portrait', 'board'];

/**
 * Whether a picture may show a flank: a wound close up, a scale or the way back into the water shows none. Of one that
 * nothing was said of it may.
 */
export function mayShowFlank(role: PictureRole | null): boolean {
  return role === null || FLANK_ROLES.includes(role);
}
