import { useInfiniteQuery } from '@tanstack/react-query';
import type { ShownPage } from '@keeper/contract/shown';
import { ask } from './api.js';

/** The fish that this device is let see, page by page. */
export function useShown() {
  return useInfiniteQuery({
    queryKey: ['shown'],
    queryFn: ({ pageParam }) => ask<ShownPage>(pageParam ? `/shown?after=${pageParam}` : '/shown'),
    initialPageParam: '',
    getNextPageParam: (page) => page.next,
  });
}
