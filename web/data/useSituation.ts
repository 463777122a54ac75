import { useMemo } from 'react';
import { situationOf, type Situation } from '@keeper/core/capture/situation';
import type { CaptureStory } from '@keeper/core/capture/story';
import { useSettings } from './queries.js';
import { useSwims, useWaters } from './rows.js';
import { useOuting } from './useOuting.js';
import { useBank } from './useProspect.js';

/** Where a fish is dealt with, from its own log, the outing, the water and the keeper's ways. */
export function useSituation(story: CaptureStory): Situation {
  const outing = useOuting(story.outingId).story;
  const { prospect } = useBank(outing);
  const swim = useSwims().find(({ id }) => id === story.swimId);
  const water = useWaters().find(({ id }) => id === story.facts.waterId);
  const { bank, stopSchool } = useSettings();
  const moment = prospect?.moments?.findLast(({ atMs }) => atMs <= prospect.momentMs);
  const expected = outing.expected.length === 1 ? outing.expected[0] : undefined;
  const species = story.facts.species ?? expected ?? null;
  const matC = moment?.matC ?? null;
  return useMemo(
    () =>
      situationOf({
        ...{ species, water: water ?? null, around: story.around, schools: bank, stopSchool, matC },
        ...{ bank: swim?.bank ?? null, hazards: swim?.hazards ?? [] },
      }),
    [species, water, story.around, bank, stopSchool, matC, swim],
  );
}
