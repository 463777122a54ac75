import { asked } from './asked.js';
import { dataText } from './text.en-GB.js';
import { say } from '../text/say.js';
import { useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import type { CaptureSummary } from '@keeper/core/domain/capture/summary';
import type { IdentityDecision } from '@keeper/core/domain/identity/identityDecision';
import { knownFish, type KnownFish } from '@keeper/core/domain/identity/knownFish';
import { speciesName } from '@keeper/core/domain/fish/species';
import { localIdentity } from './localIdentity.js';
import { useFishNames } from './rows.js';
import { useAskedOrCached } from './useAskedOrCached.js';
import { useOutbox } from './useCapture.js';

/** The register: the known fish, and what each is called. */
export interface Register {
  readonly fish: readonly KnownFish[];
  /** Undefined while no capture is said to be of it. */
  find(fishId: string): KnownFish | undefined;
  nameOf(fishId: string): string;
  /** Which fish a capture is said to be; undefined while that is open, or the register has not come. */
  fishOf(captureId: string): string | undefined;
  readonly loading: boolean;
}

const NONE: readonly CaptureSummary[] = [];

export function useRegister(): Register {
  const asked = useAskedOrCached<CaptureSummary[]>('known', '/captures/known');
  const names = useFishNames();
  const summaries = asked.data ?? NONE;
  const { events } = useOutbox();
  const local = useMemo(() => localIdentity(events, asked.askedMs), [events, asked.askedMs]);
  return useMemo(() => {
    const fish = knownFish(summaries);
    const byId = new Map(fish.map((each) => [each.fishId, each]));
    const ofCapture = new Map(summaries.map(({ captureId, fishId }) => [captureId, fishId]));
    const named = new Map(names.map(({ id, name }) => [id, name]));
    return {
      fish,
      find: (fishId) => byId.get(fishId),
      fishOf: (captureId) => {
        const said = local.fishOf.get(captureId);
        return (said === undefined ? ofCapture.get(captureId) : said) ?? undefined;
      },
      nameOf: (fishId) => named.get(fishId) ?? unnamed(byId.get(fishId)),
      loading: asked.isPending,
    };
  }, [summaries, names, asked.isPending, local]);
}

/** A fish without a name is called by its kind and the year it was first had. */
function unnamed(fish: KnownFish | undefined): string {
  if (!fish) return dataText.aFishNoLonger;
  const [{ species, form, startedAt }] = fish.captures;
  return dataText.of({ form: say(speciesName(species, form)), startedAt: (startedAt ?? '').slice(0, 4) });
}

/** Everything that was ever said about who a fish is. */
export function useDecisions(): readonly IdentityDecision[] | undefined {
  return useQuery(asked.decisions).data?.answer;
}

/** Pairs of catches that the keeper said are two fish, as `one other`. */
export function useApart(): ReadonlySet<string> {
  const { data } = useQuery(asked.decisions);
  const { events } = useOutbox();
  return useMemo(() => {
    const { apart, takenBack } = localIdentity(events, data?.askedMs ?? 0);
    const kept = (data?.answer ?? []).flatMap(({ says, takenBackAt, captureId, eventId, by }) =>
      says === 'different' && takenBackAt === null && !takenBack.has(eventId) && by
        ? [`${captureId} ${by.captureId}`]
        : [],
    );
    return new Set([...kept, ...apart]);
  }, [data, events]);
}
