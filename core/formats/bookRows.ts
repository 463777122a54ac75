import type { KitItem } from '../domain/kit/kit.js';
import type { Swim } from '../domain/water/swim.js';
import type { Water } from '../domain/water/water.js';

/** The kinds of rows of a book beside its logs, in the order in which they leave. */
export const BOOK_ROWS = [
  'waters',
  'swims',
  'keepers',
  'rigs',
  'kit',
  'meetings',
  'imports',
  'fish',
  'views',
  'joinings',
  'rehearsals',
] as const;
export type BookRowKind = (typeof BOOK_ROWS)[number];

interface CanRetire {
  /** Archived: still named by what points to it. */
  readonly retired: boolean;
}

/** All rows of a book. */
export type BookRows = { readonly [K in Exclude<BookRowKind, 'waters' | 'swims' | 'kit'>]: readonly object[] } & {
  readonly waters: readonly (Water & CanRetire)[];
  readonly swims: readonly (Swim & CanRetire)[];
  readonly kit: readonly (KitItem & CanRetire)[];
};
