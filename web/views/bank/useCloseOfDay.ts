import { useMemo } from 'react';
import type { KeptKitItem } from '@keeper/contract/kit';
import { closeOfDay, type CloseOfDay } from '@keeper/core/bank/closeOfDay';
import type { OutingState } from '@keeper/core/domain/outing/outingState';
import { useStandingKit, useRigs, useWaters } from '../../data/rows.js';
import { changeKit } from '../../data/kitRow.js';
import { useFishOf } from './useFishOf.js';

/** What is to be done after an outing, and the way in which the kit learns where it was. */
export function useCloseOfDay(outing: OutingState): {
  readonly close: CloseOfDay | undefined;
  readonly learnWater: (alsoIds: readonly string[], at: string) => Promise<void>;
} {
  const water = useWaters().find(({ id }) => id === outing.waterId);
  const kit = useStandingKit();
  const rigs = useRigs();
  const { rows } = useFishOf(outing.outingId);
  const close = useMemo(
    () => (water ? closeOfDay({ outing, water, captures: rows, kit, rigs }) : undefined),
    [outing, water, rows, kit, rigs],
  );
  const learnWater = async (alsoIds: readonly string[], at: string) => {
    if (!water || !close) return;
    const also = close.perhapsWet.filter(({ id }) => alsoIds.includes(id));
    for (const item of [...close.wet, ...also] as KeptKitItem[])
      await changeKit(item, { lastWater: { waterId: water.id, at }, dryingSince: null });
  };
  return { close, learnWater };
}
