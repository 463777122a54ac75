import { asked } from './asked.js';
import { useQuery } from '@tanstack/react-query';
import { useMemo, useState, useSyncExternalStore } from 'react';
import type { CaptureEvents } from '@keeper/contract/events';
import type { CaptureEvent } from '@keeper/core/domain/capture/event';
import { type CaptureState } from '@keeper/core/domain/capture/captureState';
import { replay } from '@keeper/core/domain/capture/replay';
import { summaryOf, type CaptureSummary } from '@keeper/core/domain/capture/summary';
import { ApiError } from './api.js';
import { outbox } from './deviceOutbox.js';
import { TAKEN_BACK_MS } from './wakeKeeper.js';
import type { OutboxState } from './outbox.js';

export function useOutbox(): OutboxState {
  return useSyncExternalStore(outbox.subscribe, outbox.snapshot);
}

/** How often it is looked whether another device has tapped. */
const OTHER_DEVICES_MS = 4000;

function isOpen(answer: CaptureEvents | undefined): boolean {
  return answer !== undefined && replay(answer.captureId, answer.events).outcome === 'open';
}

export interface Capture {
  readonly state: CaptureState;
  readonly events: readonly CaptureEvent[];
  /** Nothing is known of it here yet, and the server is still being asked. */
  readonly loading: boolean;
  /** Neither this device nor the server has it. */
  readonly missing: boolean;
}

/** One capture: what this device holds and what the server holds, replayed as one log. */
export function useCapture(captureId: string): Capture {
  const { events: held, loaded } = useOutbox();
  // A take that has not been sent yet is nowhere else: the server is not asked for it.
  const isOnlyHere = held.some(
    ({ event, state }) =>
      event.type === 'hooked' && 'captureId' in event && event.captureId === captureId && state !== 'sent',
  );
  const answer = useQuery({
    enabled: loaded && !isOnlyHere,
    ...asked.capture(captureId),
    // While a fish is on, somebody may tap on another device.
    refetchInterval: ({ state }) => (isOpen(state.data) ? OTHER_DEVICES_MS : false),
    retry: (count, error) => !(error instanceof ApiError) && count < 1,
  });
  const local = useMemo(
    () => held.flatMap(({ event }) => ('captureId' in event && event.captureId === captureId ? event : [])),
    [held, captureId],
  );
  const events = useMemo(() => [...(answer.data?.events ?? []), ...local], [answer.data, local]);
  const state = useMemo(() => replay(captureId, events), [captureId, events]);
  return {
    state,
    events,
    loading: events.length === 0 && ((!isOnlyHere && answer.isPending) || !loaded),
    missing: events.length === 0 && loaded && !answer.isPending,
  };
}

/** Summaries of the captures that this device holds events of, whether or not the server has them. */
export function useHeldSummaries(): readonly CaptureSummary[] {
  const { events } = useOutbox();
  return useMemo(() => {
    const byCapture = new Map<string, CaptureEvent[]>();
    for (const { event } of events) {
      if ('captureId' in event) byCapture.set(event.captureId, [...(byCapture.get(event.captureId) ?? []), event]);
    }
    return [...byCapture]
      .map(([captureId, own]) => summaryOf(replay(captureId, own)))
      .filter(({ startedAt, outcome }) => startedAt !== null && outcome !== 'discarded');
  }, [events]);
}

/** A start that this device took back not long ago, with the event that took it back. */
export function useTakenBack(): { readonly state: CaptureState; readonly discard: CaptureEvent } | undefined {
  const { events } = useOutbox();
  const [openedMs] = useState(() => Date.now());
  return useMemo(() => {
    const since = new Date(openedMs - TAKEN_BACK_MS).toISOString();
    const ofCaptures = events.flatMap(({ event }) => ('captureId' in event ? event : []));
    const discard = ofCaptures.findLast((event) => event.type === 'discarded' && event.at > since);
    if (!discard) return undefined;
    const own = ofCaptures.filter(({ captureId }) => captureId === discard.captureId);
    const state = replay(discard.captureId, own);
    return state.outcome === 'discarded' ? { state, discard } : undefined;
  }, [events, openedMs]);
}
