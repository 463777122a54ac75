import { useEffect, useMemo } from 'react';
import type { CaptureState } from '@keeper/core/domain/capture/captureState';
import type { CaptureEvent } from '@keeper/core/domain/capture/event';
import type { OutingEvent } from '@keeper/core/domain/outing/event';
import type { OutingState } from '@keeper/core/domain/outing/outingState';
import { rodsOutAt, type RodSpell } from '@keeper/core/domain/outing/rods';
import { makeEvent, makeOutingEvent, record } from './record.js';

/** The rods that were out at the take. Where there was only one it is told by itself: nothing is to be tapped. */
export function useRodsAtTake(state: CaptureState, outing: OutingState): readonly RodSpell[] {
  const { captureId, startedAt, outcome, rod } = state;
  const rods = useMemo(
    () => (startedAt === null ? [] : rodsOutAt(outing.rods, Date.parse(startedAt))),
    [outing.rods, startedAt],
  );
  const [only] = rods;
  const isPlain = outcome === 'open' && rod === null && rods.length === 1 && only !== undefined;
  const key = isPlain ? JSON.stringify({ rod: only.rod, ...only.setup }) : null;
  useEffect(() => {
    if (key === null) return;
    const told = makeEvent(captureId, startedAt, 'rod-told', JSON.parse(key) as { rod: number });
    // Should it not be kept, it is tried again when the run is opened the next time.
    void record([told, ...rodTakenIn({ startedAt, rod: null }, outing, told)]).catch(() => undefined);
    // The outing that it was out on is part of the key.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [captureId, startedAt, key]);
  return rods;
}

/** A rod that a fish took is out of the water since the take; nothing where its fish was told of before. */
export function rodTakenIn(
  { startedAt, rod: before }: Pick<CaptureState, 'startedAt' | 'rod'>,
  outing: Pick<OutingState, 'outingId' | 'rods'>,
  event: CaptureEvent,
): OutingEvent[] {
  if (event.type !== 'rod-told' || startedAt === null || before?.rod === event.payload.rod) return [];
  const { rod } = event.payload;
  if (rod === undefined || !rodsOutAt(outing.rods, Date.parse(startedAt)).some((spell) => spell.rod === rod)) return [];
  return [makeOutingEvent(outing.outingId, 'rod-in', { rod, why: 'fish', when: startedAt })];
}
