import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { proxy, wrap, type Remote } from 'comlink';
import { useState } from 'react';
import type { RecordFilter } from '@keeper/core/findings/partOfRecord';
import { asked } from '../../data/asked.js';
import type { FindingsDesk } from '../../workers/findingsDesk.js';

let remote: Remote<FindingsDesk> | undefined;

/** Where findings are worked out: beside the page, which stays quick meanwhile. */
function findingsDesk(): Remote<FindingsDesk> {
  remote ??= wrap<FindingsDesk>(
    new Worker(new URL('../../workers/findingsDesk.ts', import.meta.url), { type: 'module', name: 'findings' }),
  );
  return remote;
}

/** What the book says of a part of its record; kept until the record is another. */
export function useFindings(filter: RecordFilter) {
  const record = useQuery(asked.fishingRecord);
  const [going, setGoing] = useState({ done: 0, of: 1 });
  const report = useQuery({
    queryKey: ['findings', record.dataUpdatedAt, filter],
    queryFn: () =>
      record.data
        ? findingsDesk().find(
            record.data,
            filter,
            proxy((done, of) => setGoing({ done, of })),
          )
        : null,
    enabled: record.data !== undefined,
    staleTime: Infinity,
    networkMode: 'always',
    placeholderData: keepPreviousData,
  });
  return { record, report, going };
}
