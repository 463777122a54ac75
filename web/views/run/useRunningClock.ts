import { useEffect, useState } from 'react';
import type { RunDesk } from './runDesk.js';

/** Elapsed ms of a run, looked at every so often while it is open; when it is over, its end. */
export function useRunningClock({ state, elapsed }: Pick<RunDesk, 'state' | 'elapsed'>, everyMs = 250): number {
  const { endMs } = state;
  const [, look] = useState(0);
  useEffect(() => {
    if (endMs !== null) return;
    const looking = setInterval(() => look((n) => n + 1), everyMs);
    return () => clearInterval(looking);
  }, [endMs, everyMs]);
  return endMs ?? elapsed();
}
