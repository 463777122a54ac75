import { useCallback } from 'react';
import type { Angler } from '@keeper/core/domain/capture/angler';
import { useKeepers } from '../data/rows.js';
import { useMyKeeperId } from '../data/whose.js';
import { partsText } from './text.en-GB.js';

/** Whose a fish is, as its line of the book says it. */
export interface Whose {
  readonly angler: Angler | null;
  /** What an earlier version of the application kept on this device does not say. */
  readonly keeperId?: string | null | undefined;
}

/**
 * Says whose a fish is, where it is not the own one of whoever holds this device; null for that.
 * Examples: `a child’s fish`; `Ben’s fish`.
 */
export function useWhoseText(): (whose: Whose) => string | null {
  const keepers = useKeepers();
  const mine = useMyKeeperId();
  return useCallback(
    ({ angler, keeperId }) => {
      if (angler && angler.who !== 'keeper')
        return partsText.fishOfAnother({ who: angler.who, name: angler.name ?? null });
      // Where nobody was ever named the book has one keeper, and all of it is theirs.
      if (!keeperId || keeperId === mine || keepers.length === 0) return null;
      const name = keepers.find(({ id }) => id === keeperId)?.name ?? null;
      return partsText.fishOfAnother({ who: 'keeper', name });
    },
    [keepers, mine],
  );
}
