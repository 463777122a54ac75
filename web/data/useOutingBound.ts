import { useEffect } from 'react';
import type { CaptureStory } from '@keeper/core/capture/story';
import { isUnderWay } from '@keeper/core/outing/story';
import { makeEvent, record } from './keeper.js';
import { useOutings } from './useOuting.js';

/** A fish that was begun before this device had read its outings is bound to the one that was under way at its take. */
export function useOutingBound({ captureId, startedAt, outingId, facts, outcome }: CaptureStory): void {
  const outings = useOutings();
  const waterId = facts.waterId ?? undefined;
  const on =
    outingId === null && startedAt !== null && outcome === 'open'
      ? outings.find(
          (outing) =>
            isUnderWay(outing, Date.parse(startedAt)) && (waterId === undefined || outing.waterId === waterId),
        )
      : undefined;
  const wanted = on && JSON.stringify([on.outingId, on.swimId, on.waterId]);
  useEffect(() => {
    if (!wanted) return;
    const [outing, swim, water] = JSON.parse(wanted) as [string, string | null, string | null];
    const payload = { outingId: outing, ...(swim && { swimId: swim }), ...(water && { waterId: water }) };
    // Should it not be kept, it is tried again when the run is opened the next time.
    void record([makeEvent(captureId, startedAt, 'outing-bound', payload)]).catch(() => undefined);
  }, [captureId, startedAt, wanted]);
}
