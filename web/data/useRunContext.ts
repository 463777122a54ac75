import { useMemo } from 'react';
import type { Meeting } from '@keeper/core/domain/meeting/meeting';
import { meetingAt } from '@keeper/core/domain/meeting/meetingAt';
import { runContextOf, type MeetingOfRun, type RunContext } from '@keeper/core/care/run/runContext';
import type { CaptureState } from '@keeper/core/domain/capture/captureState';
import { conditionsAtTake } from '@keeper/core/planning/conditionsAtTake';
import { useSame } from '../parts/useSame.js';
import { useOtherFish } from './useOtherFish.js';
import { usePracticesAt } from './usePractices.js';
import { useMeetings, useSwims, useWaters } from './rows.js';
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
  const { startedAt, facts } = state;
  const takenMs = startedAt === null ? minuteMs : Date.parse(startedAt);
  const going = meetingAt(useMeetings(), { atMs: takenMs, species, waterId: facts.waterId ?? null });
  const meeting = useSame(going ? meetingOfRun(going) : null);
  return useMemo(
    () =>
      runContextOf({
        species,
        water: water ?? null,
        conditions,
        schools: bank,
        practicesHere: ofThisWater,
        meeting,
        otherFish,
        stopSchool,
        matC,
        hotCapture: hotCaptureSchool,
        mayBe,
        bank: swim?.bank ?? null,
        hazards: swim?.hazards ?? [],
      }),
    [
      species,
      water,
      conditions,
      bank,
      ofThisWater,
      meeting,
      otherFish,
      stopSchool,
      hotCaptureSchool,
      mayBe,
      matC,
      swim,
    ],
  );
}

const meetingOfRun = ({ name, identifier, by, sort, lengthOf }: Meeting): MeetingOfRun => ({
  name,
  identifier,
  by,
  sort,
  lengthOf,
});
