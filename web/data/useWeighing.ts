import { useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import type { WeighedFish } from '@keeper/contract/weighed';
import { timesDone } from '@keeper/core/domain/capture/steps';
import type { CaptureState } from '@keeper/core/domain/capture/captureState';
import type { OwnFish } from '@keeper/core/biometry/ownRelation';
import { totalLength } from '@keeper/core/domain/fish/bodyLength';
import { lengthMm } from '@keeper/core/measure/length';
import { gramsOf } from '@keeper/core/measure/mass';
import type { Entry } from '@keeper/core/weighing/entry';
import type { WeightResult } from '@keeper/core/weighing/result';
import { resultOf } from '@keeper/core/weighing/resultOf';
import { slingDrain, wetTareGrams } from '@keeper/core/weighing/slingDrain';
import { wasZeroed } from '@keeper/core/weighing/wasZeroed';
import { weighingOf } from '@keeper/core/domain/capture/weighingOf';
import { ask } from './api.js';
import { useRegister } from './known.js';
import { useSettings } from './queries.js';
import { useKit } from './rows.js';
import { DAY_MS } from '@keeper/core/measure/timeSpan';

const NONE: readonly WeighedFish[] = [];

/** Every fish that was weighed, newest first. */
export function useWeighed(): readonly WeighedFish[] {
  return useQuery({ queryKey: ['weighed'], queryFn: () => ask<WeighedFish[]>('/captures/weighed') }).data ?? NONE;
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
    const reading = weighingOf(state);
    if (!reading) return undefined;
    const others = weighed.filter(({ captureId }) => captureId !== state.captureId);
    const { species, length, girth, guess } = state.facts;
    const startedAt = state.startedAt ?? '';
    const before = others.find((fish) => fish.startedAt < startedAt);
    const own = others.flatMap((fish): OwnFish[] => (fish.species ? [{ ...fish, species: fish.species }] : []));
    const fish = state.identity?.fishId ? register.find(state.identity.fishId) : undefined;
    const history = (fish?.captures ?? []).flatMap(({ captureId, startedAt: at, netGrams }) =>
      captureId === state.captureId || !at || netGrams === null
        ? []
        : [{ grams: netGrams, daysAgo: Math.abs(Date.parse(startedAt) - Date.parse(at)) / DAY_MS }],
    );
    const drain = sling && sling.tares.length > 0 ? slingDrain(sling.tares) : undefined;
    return {
      reading,
      own,
      species: species ?? null,
      waterId: state.facts.waterId ?? null,
      lengthMm: length ? totalLength(length, species).totalMm : null,
      girthMm: girth ? lengthMm(girth) : null,
      // Where the run was tapped through, a zero that was not tapped is likely not to have been set.
      ...(timesDone(state, 'weighed') > 0 &&
        reading.method === 'zeroed' && {
          zeroSeen: wasZeroed(state, reading.zeroedAt),
        }),
      ...(drain && { slingGrams: wetTareGrams(drain, 0) }),
      ...(scales?.scale && { division: scales.scale.division }),
      ...(history.length > 0 && { history }),
      ...(guess && { guessGrams: gramsOf(guess) }),
      ...(before && {
        before: { grams: before.grams, lengthMm: before.lengthMm },
      }),
    };
  }, [state, scales, sling, weighed, register]);
}
