import { changedMeanwhile } from '../errors/problem.js';

interface Row {
  readonly revision: number;
  readonly updatedAt: string;
}

/**
 * Which row is to stand after a writing at the revision it was read at, which is one less than that of `wanted`. The
 * same writing once more, from an outbox that did not hear the answer, is no other one: then what stands goes on
 * standing. @throws Problem 409 with what stands as `kept` shows it, where it has been written since
 */
export function rowToStand<R extends Row>(
  standing: R | undefined,
  wanted: R,
  { name, kept }: { readonly name: string; readonly kept: (row: R) => object },
): R {
  if (standing && isSame(standing, wanted)) return standing;
  if ((standing?.revision ?? 0) !== wanted.revision - 1) throw changedMeanwhile(name, standing ? kept(standing) : null);
  return wanted;
}

/** All but the moment of writing. */
function isSame<R extends Row>(a: R, b: R): boolean {
  return Object.keys(a).every((key) => key === 'updatedAt' || a[key as keyof R] === b[key as keyof R]);
}
