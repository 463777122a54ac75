import { useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import type { SwimRate } from '@keeper/contract/outings';
import type { OwnRate } from '@keeper/core/bank/quietSwim';
import type { OutingSummary } from '@keeper/core/domain/outing/outingState';
import {
  rememberedRodWords,
  type RememberedRodWords,
  type ToldSetup,
} from '@keeper/core/domain/outing/rememberedRodWords';
import { asked } from './asked.js';
import { useSettings } from './queries.js';
import { useOutings } from './useOuting.js';

const NONE: readonly ToldSetup[] = [];

/** What was told of rods before, on an outing or with a fish, to be chosen from. */
export function useRodWords(waterId: string | null): RememberedRodWords {
  const outings = useOutings();
  const ofFish = useQuery(asked.setups).data ?? NONE;
  const { sameWords } = useSettings();
  return useMemo(
    () => rememberedRodWords([...ofFish, ...outings.flatMap(setupsOf)], waterId, sameWords),
    [ofFish, outings, waterId, sameWords],
  );
}

function setupsOf({ waterId, fromMs, fished }: OutingSummary): ToldSetup[] {
  const setups = fished.flatMap((swim) => swim.setups.toReversed());
  return setups.map((setup) => ({ waterId, atMs: fromMs, setup }));
}

/** One's own rate in a swim and on its water, on other outings than this one. */
export function useOwnRates(
  outingId: string,
  waterId: string | null,
  swimId: string | null,
): { readonly ofSwim: OwnRate; readonly ofWater: OwnRate } {
  const rates = useQuery(asked.swimRates(outingId)).data;
  return useMemo(() => {
    const here = (rates ?? []).filter((rate) => rate.waterId === waterId);
    return { ofSwim: sumOf(here.filter((rate) => rate.swimId === swimId)), ofWater: sumOf(here) };
  }, [rates, waterId, swimId]);
}

function sumOf(rates: readonly SwimRate[]): OwnRate {
  const sum = (of: (rate: SwimRate) => number) => rates.reduce((total, rate) => total + of(rate), 0);
  return {
    signs: sum(({ fish, runsDropped, bitesMissed, fishLost }) => fish + runsDropped + bitesMissed + fishLost),
    rodMs: sum(({ rodMs }) => rodMs),
  };
}
