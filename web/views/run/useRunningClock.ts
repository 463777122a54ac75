import { useEffect, useState } from 'react';
import type { RunDesk } from './runDesk.js';

/** Elapsed ms of a run, looked at four times a second while it is open; when it is over, its end. */
export function useRunningClock({ story, elapsed }: Pick<RunDesk, 'story' | 'elapsed'>): number {
  const { endMs } = story;
  const [, look] = useState(0);
  useEffect(() => {
    if (endMs !== null) return;
    const looking = setInterval(() => look((n) => n + 1), 250);
    return () => clearInterval(looking);
  }, [endMs]);
  return endMs ?? elapsed();
}
