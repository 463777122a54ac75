import { useEffect } from 'react';
import type { CaptureSummary } from '@keeper/core/domain/capture/summary';
import { useBook } from '../../data/queries.js';
import { useHeldSummaries } from '../../data/useCapture.js';

interface FishOfOuting {
  readonly landed: number;
  readonly lost: number;
  readonly open: number;
  readonly rows: readonly CaptureSummary[];
}

/** The fish of an outing, landed and lost, from the server and from this device. */
export function useFishOf(outingId: string): FishOfOuting {
  const { data, hasNextPage, isFetching, fetchNextPage } = useBook({ outingId });
  const listed = data?.pages.flatMap((page) => page.rows) ?? [];
  // What an outing comes to is said of all its fish, however many pages of the book they fill.
  useEffect(() => {
    if (hasNextPage && !isFetching) void fetchNextPage();
  }, [hasNextPage, isFetching, fetchNextPage]);
  const held = useHeldSummaries().filter((row) => row.outingId === outingId);
  const rows = [...new Map([...listed, ...held].map((row) => [row.captureId, row])).values()];
  const count = (outcome: string) => rows.filter((row) => row.outcome === outcome).length;
  return { landed: count('released'), lost: count('lost'), open: count('open'), rows };
}
