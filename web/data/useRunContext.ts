import { useMemo } from 'react';
import { runContextOf, type RunContext } from '@keeper/core/care/run/runContext';
import type { CaptureState } from '@keeper/core/domain/capture/captureState';
import { conditionsAtTake } from '@keeper/core/planning/conditionsAtTake';
import { useSame } from '../parts/useSame.js';
import { useOtherFish } from './useOtherFish.js';
import { usePracticesAt } from './usePractices.js';
import { useSwims, useWaters } from './rows.js';
import { useOuting } from './useOuting.js';
import { useBank, useMinute } from './useOutingAssessment.js';

/** Where a fish is dealt with, from its own log, the outing, the water and the keeper's preferences. */
export function useRunContext(state: CaptureState): RunContext {
  const outing = useOuting(state.outingId).state;
  const { assessment } = useBank(outing);
  const swim = useSwims().find(({ id }) => id === state.swimId);
  const water = useWaters().find(({ id }) => id === state.facts.waterId);
  const { bank, stopSchool, hotCaptureSchool, ofThisWater } = usePracticesAt(state.facts.waterId);
  const otherFish = useOtherFish(state.captureId);
  const moment = assessment?.moments?.findLast(({ atMs }) => atMs <= assessment.momentMs);
  const expected = outing.expected.length === 1 ? outing.expected[0] : undefined;
  const species = state.facts.species ?? expected ?? null;
  const mayBe = useSame(outing.expected);
  const matC = moment?.matC ?? null;
  const minuteMs = useMinute();
  // What the take could not know yet is known by now.
  const position = swim?.position ?? water?.position ?? null;
  const now = outing.waterId === null ? {} : conditionsAtTake(outing, position, minuteMs);
  const conditions = useSame({ ...now, ...state.conditions });
  return useMemo(
    () =>
      runContextOf({
        species,
        water: water ?? null,
        conditions,
        schools: bank,
        practicesHere: ofThisWater,
        otherFish,
        stopSchool,
        matC,
        hotCapture: hotCaptureSchool,
        mayBe,
        bank: swim?.bank ?? null,
        hazards: swim?.hazards ?? [],
      }),
    [species, water, conditions, bank, ofThisWater, otherFish, stopSchool, hotCaptureSchool, mayBe, matC, swim],
  );
}
