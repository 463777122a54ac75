import { useQuery, type UseQueryOptions } from '@tanstack/react-query';
import { askOrKept, getApart } from './keptApart.js';

interface Answered<T> {
  readonly data: T | undefined;
  readonly dataUpdatedAt: number;
  readonly isPending: boolean;
}

/** What the server says; what this device kept of it stands there at once, and where a signal is weak for as long as the answer takes. */
export function useAskedOrKept<T>(
  name: string,
  path: string,
  options: Pick<UseQueryOptions<T>, 'refetchInterval'> = {},
): Answered<T> {
  const asked = useQuery({ queryKey: [name], queryFn: () => askOrKept<T>(path), ...options });
  const kept = useQuery({
    queryKey: ['kept', path],
    queryFn: async () => (await getApart<T>(path)) ?? null,
    staleTime: Infinity,
    // Once the server has answered nothing of this is needed.
    enabled: asked.data === undefined,
  });
  const data = asked.data ?? kept.data ?? undefined;
  return { data, dataUpdatedAt: asked.dataUpdatedAt, isPending: data === undefined && asked.isPending };
}
