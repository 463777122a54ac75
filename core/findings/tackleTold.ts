import { meantWord, type SameWord } from '../domain/outing/alikeWords.js';
import type { RodSetup } from '../domain/capture/rodFacts.js';
import type { Rig } from '../domain/kit/rig.js';
import type { TackleTold } from './fishingRecord.js';

/** What the keeper's own names of tackle stand for. */
export interface TackleNames {
  readonly rigs: ReadonlyMap<string, Pick<Rig, 'name' | 'hookSize' | 'barb'>>;
  /** Baits that the keeper made one. */
  readonly sameWords: readonly SameWord[];
}

/**
 * What a rod was set up with, each by the one name that it goes by today. Example: a rig that was renamed since has its
 * new name, and a bait that was made one with another the name of that one.
 */
export function tackleTold({ rigId, rig, bait }: RodSetup, { rigs, sameWords }: TackleNames): TackleTold {
  const kept = rigId === undefined ? undefined : rigs.get(rigId);
  return {
    rig: kept?.name ?? rig ?? null,
    hook: kept ? `${kept.hookSize} ${kept.barb}` : null,
    bait: bait === undefined ? null : meantWord(bait, sameWords),
  };
}
