import type { RodFacts, RodSetup } from '@keeper/core/domain/capture/rodFacts';
import type { SpeciesId } from '@keeper/core/domain/fish/species';
import type { Rng } from '@keeper/core/statistics/rng';
import { RIGS } from './bank.js';

/** What this keeper fishes for each kind. */
const BAITS: Partial<Record<SpeciesId, readonly string[]>> = {
  carp: ['Tiger nut', 'Bread crust', 'Fishmeal 15 mm', 'Sweetcorn'],
  pike: ['Smelt', 'Half mackerel', 'Roach'],
  barbel: ['Pellet', 'Luncheon meat', 'Maggot'],
  wels: ['Squid and worm', 'Pellets on a hair'],
};
const PLACES = ['Left margin', 'By the reeds', 'The bar', 'Under the alder', 'Open water'] as const;

/** How a rod of this keeper fishes for a kind. */
export function setupOf(species: SpeciesId, luck: Rng): RodSetup {
  const rig = RIGS.find((each) => each.species === species);
  return {
    ...(rig && { rigId: rig.id, rig: rig.name }),
    bait: luck.pick(BAITS[species] ?? ['Worm']),
    method: species === 'pike' ? 'Float' : 'Bottom',
    place: luck.pick(PLACES),
    // Whole yards, as this keeper counts them.
    distanceM: Number((luck.whole(4, 45) * 0.9144).toFixed(3)),
  };
}

/** What a fish of the demo took on. */
export function rodOf(species: SpeciesId, luck: Rng): RodFacts {
  return { ...setupOf(species, luck), rod: luck.whole(1, 2), givenS: species === 'pike' ? 0 : luck.pick([0, 5]) };
}
