import { useMemo } from 'react';
import { useDecisions } from '../../data/known.js';

/** Pairs of catches that the keeper said are two fish, as `one other`. */
export function useApart(): ReadonlySet<string> {
  const decisions = useDecisions();
  return useMemo(
    () =>
      new Set(
        (decisions ?? []).flatMap(({ says, takenBackAt, captureId, by }) =>
          says === 'different' && takenBackAt === null && by ? [`${captureId} ${by.captureId}`] : [],
        ),
      ),
    [decisions],
  );
}
