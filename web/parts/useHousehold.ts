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
  const keepers = useKeepers();
  const mine = useMyKeeperId();
  return useMemo(() => {
    if (!keepers.some(({ id }) => id !== FIRST_KEEPER)) return [];
    const first = keepers.some(({ id }) => id === FIRST_KEEPER)
      ? []
      : [{ id: FIRST_KEEPER, name: partsText.theFirstKeeper }];
    return [...first, ...keepers]
      .map(({ id, name }) => ({ id, name, isMe: id === mine }))
      .sort((a, b) => Number(b.isMe) - Number(a.isMe));
  }, [keepers, mine]);
}
