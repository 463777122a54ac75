/** Others whose fish the book holds, beside its keepers: a friend's, or a child's. */
export const GUESTS = ['friend', 'child'] as const;

/** Who caught a fish that is none of a keeper's. */
export interface Guest {
  readonly who: (typeof GUESTS)[number];
  readonly name?: string;
}

/** One of the keepers of the book, where it is not the one whose device the fish was begun on. */
export interface OtherKeeper {
  readonly who: 'keeper';
  readonly keeperId: string;
}

/** Who caught a fish, where it was not the keeper whose device it was begun on. */
export type Angler = Guest | OtherKeeper;

export const ANGLERS = [...GUESTS, 'keeper'] as const;

/** Whose a book is before it is said that there are several keepers, and whose fish is that names nobody. */
export const FIRST_KEEPER = '00000000-0000-4000-8000-000000000000';

/**
 * The keeper whose fish it is, and whose bests it may be one of; null for a guest's.
 *
 * @param begunBy the keeper whose device it was begun on, where the log names one
 * @example
 * keeperOf({ who: 'child', name: 'Ben' }, null) // null
 */
export function keeperOf(angler: Angler | null | undefined, begunBy: string | null): string | null {
  if (!angler) return begunBy ?? FIRST_KEEPER;
  return angler.who === 'keeper' ? angler.keeperId : null;
}

/**
 * What is said of who caught a fish, for it to be a keeper's: nothing, where it is the one whose device it was begun
 * on.
 *
 * @example
 * anglerFor(FIRST_KEEPER, null) // null
 */
export function anglerFor(keeperId: string, begunBy: string | null): OtherKeeper | null {
  return keeperOf(null, begunBy) === keeperId ? null : { who: 'keeper', keeperId };
}
