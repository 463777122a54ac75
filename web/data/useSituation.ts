import { useMemo } from 'react';
import type { Around } from '@keeper/core/domain/capture/conditions';
import { situationOf, type Situation } from '@keeper/core/care/run/runContext';
import type { CaptureStory } from '@keeper/core/domain/capture/captureState';
import type { SpeciesId } from '@keeper/core/domain/fish/species';
import { aroundNow } from '@keeper/core/planning/conditionsAtTake';
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
  const { bank, stopSchool, hotCaptureSchool } = useSettings();
  const moment = prospect?.moments?.findLast(({ atMs }) => atMs <= prospect.momentMs);
  const kinds = JSON.stringify(outing.expected);
  const expected = outing.expected.length === 1 ? outing.expected[0] : undefined;
  const species = story.facts.species ?? expected ?? null;
  const mayBe = useMemo(() => JSON.parse(kinds) as SpeciesId[], [kinds]);
  const matC = moment?.matC ?? null;
  // What the take could not know yet (the hours ahead were still being worked out) is known by now.
  const now = prospect ? aroundNow(outing, prospect.position, prospect.momentMs) : {};
  const around = JSON.stringify({ ...now, ...story.around });
  return useMemo(
    () =>
      situationOf({
        species,
        water: water ?? null,
        around: JSON.parse(around) as Around,
        schools: bank,
        stopSchool,
        matC,
        hotCapture: hotCaptureSchool,
        mayBe,
        bank: swim?.bank ?? null,
        hazards: swim?.hazards ?? [],
      }),
    [species, water, around, bank, stopSchool, hotCaptureSchool, mayBe, matC, swim],
  );
}
