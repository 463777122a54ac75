import { useCallback } from 'react';
import type { Angler } from '@keeper/core/domain/capture/angler';
import { useMyKeeperId } from '../data/whose.js';
import { partsText } from './text.en-GB.js';
import { useHousehold } from './useHousehold.js';

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
  const household = useHousehold();
  const mine = useMyKeeperId();
  return useCallback(
    ({ angler, keeperId }) => {
      if (angler && angler.who !== 'keeper')
        return partsText.fishOfAnother({ who: angler.who, name: angler.name ?? null });
      if (!keeperId || keeperId === mine || household.length === 0) return null;
      const name = household.find(({ id }) => id === keeperId)?.name ?? null;
      return partsText.fishOfAnother({ who: 'keeper', name });
    },
    [household, mine],
  );
}
