import { asked } from './asked.js';
import { useQueries } from '@tanstack/react-query';
import { useMemo } from 'react';
import { type CaptureState } from '@keeper/core/domain/capture/captureState';
import { replay } from '@keeper/core/domain/capture/replay';
import { useOutbox } from './useCapture.js';

/** The states of several captures, as far as they have come; what this device holds is replayed with them. */
export function useCaptureStates(captureIds: readonly string[]): readonly CaptureState[] {
  const logs = useQueries({
    queries: captureIds.map((captureId) => asked.capture(captureId)),
    combine: (answers) => answers.map(({ data }) => data),
  });
  const { events } = useOutbox();
  return useMemo(
    () =>
      captureIds.flatMap((captureId, i) => {
        const held = events.flatMap(({ event }) =>
          'captureId' in event && event.captureId === captureId ? event : [],
        );
        const all = [...(logs[i]?.events ?? []), ...held];
        return all.length === 0 ? [] : [replay(captureId, all)];
      }),
    [captureIds, logs, events],
  );
}
