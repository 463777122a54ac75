import { useQuery } from '@tanstack/react-query';
import type { Asked } from './api.js';
import { askOrCached, getCached } from './registerCache.js';

interface Answered<T> {
  readonly data: T | undefined;
  /** When this was asked; nought for what this device kept. */
  readonly askedMs: number;
  readonly isPending: boolean;
}

/**
 * What the server says; what this device kept of it stands there at once, and where a signal is weak for as long as the
 * answer takes.
 */
export function useAskedOrCached<T>(
  name: string,
  path: string,
  againMs: (answer: T | undefined) => number | false = () => false,
): Answered<T> {
  const asked = useQuery<Asked<T>>({
    queryKey: [name],
    queryFn: () => askOrCached<T>(path),
    refetchInterval: ({ state }) => againMs(state.data?.answer),
  });
  const kept = useQuery({
    queryKey: ['kept', path],
    queryFn: async () => (await getCached<T>(path)) ?? null,
    staleTime: Infinity,
    // Once the server has answered nothing of this is needed.
    enabled: asked.data === undefined,
  });
  const data = asked.data?.answer ?? kept.data ?? undefined;
  return { data, askedMs: asked.data?.askedMs ?? 0, isPending: data === undefined && asked.isPending };
}
