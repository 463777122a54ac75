import { useCallback, useState } from 'react';

export interface Recording {
  /** Whether the last writing failed; it is said where the keeper tapped. */
  readonly notKept: boolean;
  /** Does the writing, and says whether it was kept on this device. It never throws. */
  readonly keep: (work: () => Promise<unknown>) => Promise<boolean>;
}

/**
 * Writing on this device, with its failure told: every tap that writes goes through here, so that none fails in
 * silence.
 *
 * @example
 * const { keep, notKept } = useRecord(); <button onClick={() => void keep(() => record([makeEvent(id, begunAt,
 * 'undone', { eventId })]))}>Take it back</button> <NotKept when={notKept} />
 */
export function useRecord(): Recording {
  const [notKept, setNotKept] = useState(false);
  const keep = useCallback(async (work: () => Promise<unknown>) => {
    const kept = await work().then(
      () => true,
      () => false,
    );
    setNotKept(!kept);
    return kept;
  }, []);
  return { notKept, keep };
}
