import { useEffect, useMemo } from 'react';
import type { CaptureState } from '@keeper/core/domain/capture/captureState';
import type { CaptureEvent } from '@keeper/core/domain/capture/event';
import type { RodFacts } from '@keeper/core/domain/capture/rodFacts';
import type { OutingEvent } from '@keeper/core/domain/outing/event';
import type { OutingState } from '@keeper/core/domain/outing/outingState';
import { rodChanges } from '@keeper/core/domain/outing/rodOfTake';
import { rodsOutAt, type RodSpell } from '@keeper/core/domain/outing/rods';
import { makeEvent, makeOutingEvent, record } from './record.js';

/** The rods that were out at the take. Where there was only one it is told by itself: nothing is to be tapped. */
export function useRodsAtTake(state: CaptureState, outing: OutingState): readonly RodSpell[] {
  const { captureId, startedAt, begunAt, outcome, rod } = state;
  const { outingId } = outing;
  const rods = useMemo(
    () => (startedAt === null ? [] : rodsOutAt(outing.rods, Date.parse(startedAt))),
    [outing.rods, startedAt],
  );
  const [only] = rods;
  const isPlain = outcome === 'open' && rod === null && rods.length === 1 && only !== undefined;
  const key = isPlain ? JSON.stringify({ rod: only.rod, ...only.setup }) : null;
  useEffect(() => {
    if (key === null || startedAt === null) return;
    const told = JSON.parse(key) as RodFacts & { rod: number };
    const rodIn = makeOutingEvent(outingId, 'rod-in', { rod: told.rod, why: 'fish', when: startedAt });
    // Should it not be kept, it is tried again when the run is opened the next time.
    void record([makeEvent(captureId, begunAt, 'rod-told', told), rodIn]).catch(() => undefined);
  }, [captureId, startedAt, begunAt, outingId, key]);
  return rods;
}

/** What a tap beside the fish changes in the outing: the rod that it took is out of the water since the take. */
export function outingEventsOf(
  { startedAt, rod: before }: Pick<CaptureState, 'startedAt' | 'rod'>,
  { outingId, rods }: Pick<OutingState, 'outingId' | 'rods'>,
  event: CaptureEvent,
): OutingEvent[] {
  if (event.type !== 'rod-told' || startedAt === null) return [];
  const changes = rodChanges(rods, startedAt, { before: before?.rod, told: event.payload.rod });
  return changes.map(({ type, payload }) => makeOutingEvent(outingId, type, payload));
}
