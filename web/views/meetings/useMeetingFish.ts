import { useMemo } from 'react';
import type { KeptMeeting } from '@keeper/contract/meetings';
import { standingOf, type Standing } from '@keeper/core/meetings/standing';
import type { MeasuredFish } from '@keeper/core/domain/capture/measuredFish';
import { useHeldSummaries } from '../../data/useCapture.js';
import { useMeasured } from '../../data/useMeasured.js';
import { useMyKeeperId } from '../../data/whose.js';
import { useMeetingUnits } from './meetingUnits.js';

/** How a meeting stands, from the server's list with what this device holds laid over it. */
export function useStanding(meeting: KeptMeeting | undefined): Standing<MeasuredFish> | undefined {
  const measured = useMeasured();
  const keeperId = useMyKeeperId();
  const held = useHeldSummaries();
  const { inches, pounds } = useMeetingUnits();
  return useMemo(() => {
    if (!meeting) return undefined;
    const fish = new Map<string, MeasuredFish>([...measured, ...held].map((each) => [each.captureId, each]));
    return standingOf(meeting, [...fish.values()], { keeperId, lengthHabit: inches ? 'in' : 'cm', pounds });
  }, [meeting, measured, held, keeperId, inches, pounds]);
}
