import { foldWord } from '../domain/outing/foldWord.js';
import { matchNames, type Named, type NameInSheet } from './matchNames.js';

/** What a row says of where a fish was, as it is written. */
export interface WrittenPlace {
  readonly water: string;
  readonly swim: string;
}

/** The swims that a sheet names at one water: two waters may have a swim of one name. */
export interface SwimsOfWater {
  /** The water of the book, or the folded name of one that will be made. */
  readonly waterKey: string;
  /** As the sheet writes it first. */
  readonly water: string;
  readonly names: readonly NameInSheet[];
}

/**
 * The swims of a sheet beside those of the book, water by water. `waters`: by the folded name of a water its id, or the
 * folded name under which it will be made; a swim whose water is not named has no place. Example: `Reeds` of a mere
 * and `Reeds` of a pit are two.
 */
export function swimsOfSheet(
  places: readonly WrittenPlace[],
  waters: Readonly<Record<string, string>>,
  known: readonly (Named & { readonly waterId: string })[],
): readonly SwimsOfWater[] {
  const byWater = new Map<string, { water: string; swims: string[] }>();
  for (const { water, swim } of places) {
    if (water.trim() === '' || swim.trim() === '') continue;
    const key = waters[foldWord(water)] ?? foldWord(water);
    const here = byWater.get(key) ?? { water: water.trim(), swims: [] };
    here.swims.push(swim);
    byWater.set(key, here);
  }
  return [...byWater].map(([waterKey, { water, swims }]) => {
    const names = matchNames(
      swims,
      known.filter(({ waterId }) => waterId === waterKey),
    );
    return { waterKey, water, names };
  });
}
