import { queryOptions, useQuery, useQueryClient } from '@tanstack/react-query';
import { proxy, wrap, type Remote } from 'comlink';
import { useState } from 'react';
import type { BookTold, Part } from '@keeper/core/findings/bookTold';
import type { Factor } from '@keeper/core/findings/factors';
import type { RecordFilter } from '@keeper/core/findings/partOfRecord';
import { massSystemOf } from '@keeper/core/measure/mass';
import { useSettings } from '../../data/queries.js';
import type { FindingsDesk, Told } from '../../workers/findingsDesk.js';
import { goalsIn } from './goalsIn.js';

let remote: Remote<FindingsDesk> | undefined;

/** Where findings are worked out: beside the page, which stays quick meanwhile. */
function findingsDesk(): Remote<FindingsDesk> {
  remote ??= wrap<FindingsDesk>(
    new Worker(new URL('../../workers/findingsDesk.ts', import.meta.url), { type: 'module', name: 'findings' }),
  );
  return remote;
}

/** What the record can be filtered by. */
export function useInRecord() {
  return useQuery(
    queryOptions({ queryKey: ['findings', 'in-record'], queryFn: () => findingsDesk().look(), staleTime: 0 }),
  );
}

/**
 * One part of what the book tells. What was told last is kept on the device and shown at once; it is worked out anew
 * only where the book has changed since; not at all unless it is `asked`, where a phone on the bank should save its
 * strength.
 */
export function useFindings<P extends Part>(part: P, filter: RecordFilter, asked = true) {
  const client = useQueryClient();
  const { massUnit } = useSettings();
  const [going, setGoing] = useState({ done: 0, of: 1 });
  const system = massSystemOf(massUnit);
  const queryKey = ['findings', part, filter, ...(part === 'chances' ? [system] : [])];
  const told = useQuery({
    queryKey,
    enabled: asked,
    queryFn: async (): Promise<Told<BookTold[P]>> => {
      const kept = client.getQueryData<Told<BookTold[P]>>(queryKey);
      const asking = { filter, goals: goalsIn(system), known: kept?.revision };
      const onPart = proxy((done: number, of: number) => setGoing({ done, of }));
      const answer = (await findingsDesk().tell(part, asking, onPart)) as Told<BookTold[P]> | null;
      if (answer !== null) return answer;
      if (kept === undefined) throw new Error('Nothing was kept.');
      return kept;
    },
    staleTime: 0,
  });
  return { told: told.data?.told, isAway: told.isError && told.data === undefined, going };
}

/** The fish and the outings behind a level; asked for once it is opened. */
export function useBehind(filter: RecordFilter, factor: Factor, level: string | null) {
  return useQuery({
    queryKey: ['behind', filter, factor, level],
    queryFn: () => findingsDesk().behind(filter, factor, level ?? ''),
    enabled: level !== null,
    staleTime: 0,
  });
}
