import type { LinkedFacts } from './consistencyChecks.js';
import type { OfItsKind } from './metadataLogOdds.js';

/** A flank of the book, by the catch that it is of and, where it is known, the fish. */
export interface FlankOfCatch {
  readonly captureId: string;
  readonly fishId: string | null;
  readonly facts: LinkedFacts;
}

/** What is known of the catches of the fish of a flank, each catch once; of an unknown fish that catch alone. */
export function catchesOfFish(
  flanks: readonly FlankOfCatch[],
  { captureId, fishId }: Pick<FlankOfCatch, 'captureId' | 'fishId'>,
): LinkedFacts[] {
  return eachCatchOnce(
    flanks.filter((each) => each.captureId === captureId || (fishId !== null && each.fishId === fishId)),
  );
}

/**
 * What a fish taken by chance from the flanks of a kind would be, seen from a catch at `waterId`: lengths in mm,
 * weights in grams, and the share of catches that were at that water. Example: of no flanks half are here.
 */
export function ofItsKind(flanks: readonly FlankOfCatch[], { waterId }: Pick<LinkedFacts, 'waterId'>): OfItsKind {
  const catches = eachCatchOnce(flanks);
  const here = catches.filter((each) => each.waterId === waterId).length;
  return {
    lengthsMm: catches.flatMap(({ lengthMm }) => lengthMm ?? []),
    grams: catches.flatMap(({ grams }) => grams ?? []),
    // As if one more catch were here and one elsewhere: a small book must not be sure of anything.
    atThisWater: (here + 1) / (catches.length + 2),
  };
}

function eachCatchOnce(flanks: readonly FlankOfCatch[]): LinkedFacts[] {
  return [...new Map(flanks.map(({ facts }) => [facts.captureId, facts])).values()];
}
