import { useEffect } from 'react';
import type { EventPayloads } from '@keeper/core/domain/capture/event';
import type { CaptureState } from '@keeper/core/domain/capture/captureState';
import { conditionsAtTake } from '@keeper/core/planning/conditionsAtTake';
import { isUnderWay, type OutingState, type OutingSummary } from '@keeper/core/domain/outing/outingState';
import { makeEvent, record } from './record.js';
import { useSwims, useWaters } from './rows.js';
import { useOuting, useOutings } from './useOuting.js';

type Bound = EventPayloads['outing-bound'];

/**
 * A fish that was begun before this device had read its outings is bound to the one that was under way at its take; and
 * what that outing knew of water, air and company is kept with the fish once its log is read.
 */
export function useOutingBound(state: CaptureState): void {
  const { captureId, startedAt, begunAt, outingId } = state;
  const isOpen = startedAt !== null && state.outcome === 'open';
  const takeMs = isOpen ? Date.parse(startedAt) : 0;
  const lacksAround = isOpen && outingId !== null && Object.keys(state.conditions).length === 0;
  const outings = useOutings();
  const log = useOuting(lacksAround ? outingId : null).state;
  const swimId = log.swims.at(-1)?.swimId;
  const swim = useSwims().find(({ id }) => id === swimId);
  const water = useWaters().find(({ id }) => id === log.waterId);
  const position = swim?.position ?? water?.position ?? null;
  const bound =
    isOpen && outingId === null ? boundToOneUnderWay(outings, takeMs, state.facts.waterId ?? undefined) : null;
  const told = lacksAround && log.waterId !== null ? boundByLog(log, conditionsAtTake(log, position, takeMs)) : null;
  const wanted = bound ?? told;
  const key = wanted && JSON.stringify(wanted);
  useEffect(() => {
    if (key === null) return;
    // Should it not be kept, it is tried again when the run is opened the next time.
    void record([makeEvent(captureId, begunAt, 'outing-bound', JSON.parse(key) as Bound)]).catch(() => undefined);
  }, [captureId, begunAt, key]);
}

function boundToOneUnderWay(
  outings: readonly OutingSummary[],
  takeMs: number,
  waterId: string | undefined,
): Bound | null {
  const on = outings.find(
    (outing) => isUnderWay(outing, takeMs) && (waterId === undefined || outing.waterId === waterId),
  );
  if (!on) return null;
  const { outingId } = on;
  return { outingId, ...(on.swimId && { swimId: on.swimId }), ...(on.waterId && { waterId: on.waterId }) };
}

function boundByLog({ outingId, waterId, swims }: OutingState, around: NonNullable<Bound['around']>): Bound {
  const swimId = swims.at(-1)?.swimId;
  return { outingId, ...(swimId && { swimId }), ...(waterId && { waterId }), around };
}
