import { asked } from './asked.js';
import { useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import type { WeighedFish } from '@keeper/contract/weighed';
import type { CaptureState } from '@keeper/core/domain/capture/captureState';
import type { Entry } from '@keeper/core/weighing/entry';
import { entryOf } from '@keeper/core/weighing/entryOf';
import type { WeightResult } from '@keeper/core/weighing/result';
import { resultOf } from '@keeper/core/weighing/resultOf';
import { useRegister } from './known.js';
import { useSettings } from './queries.js';
import { useKit } from './rows.js';

const NONE: readonly WeighedFish[] = [];

/** Every fish that was weighed, newest first. */
export function useWeighed(): readonly WeighedFish[] {
  return useQuery(asked.weighed).data ?? NONE;
}

/** Scales and sling of the kit that a fish was weighed with, as far as they were noted. */
function useWith(state: CaptureState) {
  const kit = useKit();
  const { weight } = state.facts;
  return {
    scales: kit.find(({ id }) => id === weight?.scalesId),
    sling: kit.find(({ id }) => id === weight?.slingId),
  };
}

/** The weight of a fish with its uncertainty; undefined while nothing was read, or its tare is missing. */
export function useWeightResult(state: CaptureState): WeightResult | undefined {
  const kit = useKit();
  const { rounding } = useSettings();
  return useMemo(() => resultOf(state, kit, rounding), [state, kit, rounding]);
}

/** What an entry is compared with: the other fish of the book, and what happened around the weighing. */
export function useEntry(state: CaptureState): Entry | undefined {
  const { scales, sling } = useWith(state);
  const weighed = useWeighed();
  const register = useRegister();
  return useMemo(() => {
    const fish = state.identity?.fishId ? register.find(state.identity.fishId) : undefined;
    return entryOf(state, { weighed, scales, sling, captures: fish?.captures ?? [] });
  }, [state, scales, sling, weighed, register]);
}
