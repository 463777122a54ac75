import { asked } from './asked.js';
import { useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import type { OutingEvents } from '@keeper/contract/outings';
import type { OutingEvent } from '@keeper/core/domain/outing/event';
import {
  isUnderWay,
  summaryOfOuting,
  replayOuting,
  type OutingState,
  type OutingSummary,
} from '@keeper/core/domain/outing/outingState';
import { ApiError } from './api.js';
import { useOutbox } from './useCapture.js';

function useHeldOutingEvents(): readonly OutingEvent[] {
  const { events } = useOutbox();
  return useMemo(() => events.flatMap(({ event }) => ('outingId' in event ? event : [])), [events]);
}

export interface Outing {
  readonly state: OutingState;
  readonly loading: boolean;
  readonly missing: boolean;
}

/** How often it is looked whether another device has ended an outing, or measured anew. */
const OTHER_DEVICES_MS = 15_000;

function isOver(answer: OutingEvents | undefined): boolean {
  return answer !== undefined && replayOuting(answer.outingId, answer.events).endedAt !== null;
}

/**
 * One outing: what this device holds and what the server holds, replayed as one log. Without an id, an outing of which
 * nothing is known.
 */
export function useOuting(outingId: string | null): Outing {
  const held = useHeldOutingEvents();
  const { loaded, events } = useOutbox();
  const isOnlyHere = events.some(
    ({ event, state }) => event.type === 'outing-planned' && event.outingId === outingId && state !== 'sent',
  );
  const answer = useQuery({
    ...asked.outing(outingId),
    // One that this device has begun and not sent yet is nowhere else.
    enabled: outingId !== null && loaded && !isOnlyHere,
    refetchInterval: ({ state }) => (isOver(state.data) ? false : OTHER_DEVICES_MS),
    retry: (count, error) => !(error instanceof ApiError) && count < 1,
  });
  const state = useMemo(() => {
    const local = held.filter((event) => event.outingId === outingId);
    return replayOuting(outingId ?? '', [...(answer.data?.events ?? []), ...local]);
  }, [answer.data, held, outingId]);
  const known = state.waterId !== null;
  return {
    state,
    loading: !known && ((!isOnlyHere && answer.isPending) || !loaded),
    missing: !known && loaded && !answer.isPending,
  };
}

/** Every outing, newest first: the server's list with what this device knows better laid over it. */
export function useOutings(): readonly OutingSummary[] {
  const listed = useQuery({
    ...asked.outings,
    refetchInterval: 4 * OTHER_DEVICES_MS,
  }).data;
  const held = useHeldOutingEvents();
  return useMemo(() => {
    const byId = new Map((listed ?? []).map((row) => [row.outingId, withFished(row)]));
    for (const outingId of new Set(held.map((event) => event.outingId))) {
      const own = held.filter((event) => event.outingId === outingId);
      const row = summaryOfOuting(replayOuting(outingId, own));
      // A device that holds only the later part of an outing knows less of it than the server.
      if (row.waterId !== null) byId.set(outingId, joined(row, byId.get(outingId), own));
    }
    return [...byId.values()].sort((a, b) => b.fromMs - a.fromMs);
  }, [listed, held]);
}

/** A list that an earlier version of the application left on the device says nothing of rods. */
function withFished(row: Omit<OutingSummary, 'fished'> & Partial<Pick<OutingSummary, 'fished'>>): OutingSummary {
  return { ...row, fished: row.fished ?? [] };
}

/** What this device knows, with the end that another device gave it: ended on one, it is ended on all. */
function joined(own: OutingSummary, listed: OutingSummary | undefined, events: readonly OutingEvent[]): OutingSummary {
  if (!listed || own.endedAt !== null || listed.endedAt === null) return own;
  // Taken back here since: what the server listed is older.
  const takenBackAt = events.findLast(({ type }) => type === 'taken-back')?.at;
  if (takenBackAt !== undefined && takenBackAt > listed.endedAt) return own;
  return { ...own, endedAt: listed.endedAt, calledOff: listed.calledOff, note: own.note ?? listed.note };
}

/** The outing that one is on: begun, not ended, and its time not long past. Else the next one that is planned. */
export function currentOuting(outings: readonly OutingSummary[], nowMs: number): OutingSummary | undefined {
  const open = outings.filter(({ endedAt }) => endedAt === null);
  const on = open.find((outing) => isUnderWay(outing, nowMs));
  return on ?? open.filter(({ fromMs }) => fromMs > nowMs).at(-1) ?? open[0];
}
