import { subjectOf } from '@keeper/core/domain/outing/event';
import type { CaptureSummary } from '@keeper/core/domain/capture/summary';
import { useBook } from './queries.js';
import { useHeldSummaries, useOutbox } from './useCapture.js';

/** The newest captures: the server's first page, with what this device knows better laid over it. */
export function useRecentCaptures(): {
  readonly rows: readonly CaptureSummary[];
  readonly loading: boolean;
  /** The server could not be asked, and this device holds no copy: what the book has is not known here. */
  readonly unknown: boolean;
} {
  const page = useBook({});
  const held = useWaitingSummaries();
  return {
    rows: overlay(page.data?.pages[0]?.rows ?? [], held),
    loading: page.isPending,
    unknown: page.isError && page.data === undefined,
  };
}

/** Summaries of captures that have entries which the server does not have yet. */
export function useWaitingSummaries(): readonly CaptureSummary[] {
  const { events } = useOutbox();
  const waiting = new Set(events.filter(({ state }) => state !== 'sent').map(({ event }) => subjectOf(event)));
  return useHeldSummaries().filter(({ captureId }) => waiting.has(captureId));
}

/** Lays held captures over listed ones, newest first. */
function overlay(listed: readonly CaptureSummary[], held: readonly CaptureSummary[]): CaptureSummary[] {
  const byId = new Map([...listed, ...held].map((row) => [row.captureId, row]));
  return [...byId.values()].sort((a, b) => (b.startedAt ?? '').localeCompare(a.startedAt ?? ''));
}
