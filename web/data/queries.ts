import { useInfiniteQuery, useMutation, useQuery } from '@tanstack/react-query';
import type { BookPage, BookQueryDto, BookTally } from '@keeper/contract/book';
import type { WriteSettingsDto } from '@keeper/contract/settings';
import { FIRST_SETTINGS, type KeptSettings } from '@keeper/contract/ways';
import { ask, send } from './api.js';
import { queryClient } from './keeper.js';

export type BookFilter = Pick<BookQueryDto, 'species' | 'waterId' | 'outingId' | 'order' | 'waiting'>;

/** The book page by page, continued where the last page ended. */
export function useBook(filter: BookFilter) {
  return useInfiniteQuery({
    queryKey: ['book', filter],
    queryFn: ({ pageParam }) => ask<BookPage>(`/captures?${searchOf({ ...filter, after: pageParam })}`),
    initialPageParam: '',
    getNextPageParam: (page) => page.next,
  });
}

export function useTally() {
  return useQuery({ queryKey: ['tally'], queryFn: () => ask<BookTally>('/captures/tally') });
}

export function useSettings(): KeptSettings {
  return useQuery({ queryKey: ['settings'], queryFn: () => ask<KeptSettings>('/settings') }).data ?? FIRST_SETTINGS;
}

export function useWriteSettings() {
  return useMutation({
    mutationFn: (wanted: WriteSettingsDto) => send<KeptSettings>('PUT', '/settings', wanted),
    onSuccess: (kept) => queryClient.setQueryData(['settings'], kept),
    onError: () => queryClient.invalidateQueries({ queryKey: ['settings'] }),
  });
}

function searchOf(values: Record<string, string | boolean | undefined>): string {
  const given = Object.entries(values).filter(([, value]) => value !== undefined && value !== '');
  return new URLSearchParams(given.map(([name, value]) => [name, String(value)])).toString();
}
