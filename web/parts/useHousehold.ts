import { useMemo } from 'react';
import { FIRST_KEEPER } from '@keeper/core/domain/capture/angler';
import { useKeepers } from '../data/rows.js';
import { useMyKeeperId } from '../data/whose.js';
import { partsText } from './text.en-GB.js';

/** One of the keepers of this book, as the one who holds this device speaks of them. */
export interface InHousehold {
  readonly id: string;
  readonly name: string;
  readonly isMe: boolean;
}

/** The keepers of this book, the one who holds this device first; empty while there is only one. */
export function useHousehold(): readonly InHousehold[] {
  const all = useKeepers();
  const mine = useMyKeeperId();
  return useMemo(() => {
    const keepers = all.filter(({ retired }) => !retired).sort((a, b) => a.name.localeCompare(b.name));
    // Held by one who was archived meanwhile, a device can be given back.
    if (mine === FIRST_KEEPER && !keepers.some(({ id }) => id !== FIRST_KEEPER)) return [];
    const first = keepers.some(({ id }) => id === FIRST_KEEPER)
      ? []
      : [{ id: FIRST_KEEPER, name: partsText.theFirstKeeper }];
    return [...first, ...keepers]
      .map(({ id, name }) => ({ id, name, isMe: id === mine }))
      .sort((a, b) => Number(b.isMe) - Number(a.isMe));
  }, [all, mine]);
}
