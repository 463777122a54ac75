import { replaceEqualDeep } from '@tanstack/query-core';

/**
 * The entries of `now`, each as the very object it was before where it says the same; and the very list of before where
 * all do. What is worked out from entries need then not be worked out again.
 *
 * @param keyOf by what an entry is known
 * @param plainOf what of an entry is compared, where not all of it is plain data
 * @example keepUnchanged(rows, readAgain, ({ order }) => order) === rows // when nothing was written meanwhile
 */
export function keepUnchanged<T>(
  before: readonly T[],
  now: readonly T[],
  keyOf: (each: T) => string | number,
  plainOf: (each: T) => unknown = (each) => each,
): readonly T[] {
  if (before === now) return before;
  const known = new Map(before.map((each) => [keyOf(each), each]));
  const kept = now.map((each) => {
    const old = known.get(keyOf(each));
    return old !== undefined && (old === each || isEqual(plainOf(old), plainOf(each))) ? old : each;
  });
  return kept.length === before.length && kept.every((each, i) => each === before[i]) ? before : kept;
}

function isEqual(a: unknown, b: unknown): boolean {
  return replaceEqualDeep(a, b) === a;
}
