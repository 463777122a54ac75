import { useMemo } from 'react';
import type { CaptureConditions } from '@keeper/core/domain/capture/conditions';
import { runContextOf, type RunContext } from '@keeper/core/care/run/runContext';
import type { CaptureState } from '@keeper/core/domain/capture/captureState';
import type { SpeciesId } from '@keeper/core/domain/fish/species';
import { conditionsAtTake } from '@keeper/core/planning/conditionsAtTake';
import { useSettings } from './queries.js';
import { useSwims, useWaters } from './rows.js';
import { useOuting } from './useOuting.js';
import { useBank } from './useOutingAssessment.js';

/** Where a fish is dealt with, from its own log, the outing, the water and the keeper's ways. */
export function useRunContext(state: CaptureState): RunContext {
  const outing = useOuting(state.outingId).state;
  const { assessment } = useBank(outing);
  const swim = useSwims().find(({ id }) => id === state.swimId);
  const water = useWaters().find(({ id }) => id === state.facts.waterId);
  const { bank, stopSchool, hotCaptureSchool } = useSettings();
  const moment = assessment?.moments?.findLast(({ atMs }) => atMs <= assessment.momentMs);
  const kinds = JSON.stringify(outing.expected);
  const expected = outing.expected.length === 1 ? outing.expected[0] : undefined;
  const species = state.facts.species ?? expected ?? null;
  const mayBe = useMemo(() => JSON.parse(kinds) as SpeciesId[], [kinds]);
  const matC = moment?.matC ?? null;
  // What the take could not know yet (the hours ahead were still being worked out) is known by now.
  const now = assessment ? conditionsAtTake(outing, assessment.position, assessment.momentMs) : {};
  const around = JSON.stringify({ ...now, ...state.conditions });
  return useMemo(
    () =>
      runContextOf({
        species,
        water: water ?? null,
        conditions: JSON.parse(around) as CaptureConditions,
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
