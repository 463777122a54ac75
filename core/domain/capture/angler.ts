/** Others whose fish the book holds: a friend's, or a child's. */
export const ANGLERS = ['friend', 'child'] as const;

/** Who caught a fish that is not the keeper's own. */
export interface Angler {
  readonly who: (typeof ANGLERS)[number];
  readonly name?: string;
}
