import { asked } from './asked.js';
import { keepPreviousData, useInfiniteQuery, useMutation, useQuery } from '@tanstack/react-query';
import type { BookPage, BookQueryDto, PictureInBook } from '@keeper/contract/book';
import type { WriteSettingsDto } from '@keeper/contract/settings';
import { FIRST_SETTINGS, type KeptSettings } from '@keeper/contract/preferences';
import { ask, send } from './api.js';
import type { HandlingPast } from '@keeper/core/care/handling';
import type { SpeciesId } from '@keeper/core/domain/fish/species';
import { guessUnits } from './guessUnits.js';
import { queryClient } from './queryClient.js';
import { useMyKeeperId } from './whose.js';

export type BookFilter = Omit<BookQueryDto, 'after' | 'limit'>;

/** The book page by page, continued where the last page ended. */
export function useBook({ order, ...sought }: BookFilter) {
  // The newest first is how the book lies: asked for or not, it is the same.
  const filter = { ...sought, order: order === 'newest' ? undefined : order };
  return useInfiniteQuery({
    queryKey: ['book', filter],
    queryFn: ({ pageParam }) => ask<BookPage>(`/captures?${searchOf({ ...filter, after: pageParam })}`),
    initialPageParam: '',
    getNextPageParam: (page) => page.next,
    // While it is typed what was found before stays in sight.
    placeholderData: filter.q ? keepPreviousData : undefined,
  });
}

/** All pictures of the book, asked for where they are looked at. */
export function useBookPictures(filter: BookFilter, enabled: boolean) {
  return useQuery({
    queryKey: ['book', 'pictures', filter],
    queryFn: () => ask<PictureInBook[]>(`/captures/pictures?${searchOf({ ...filter })}`),
    enabled,
  });
}

/** What the book counts, with the bests of the keeper who holds this device. */
export function useTally() {
  return useQuery(asked.tally(useMyKeeperId()));
}

const FIRST_HERE: KeptSettings = { ...FIRST_SETTINGS, ...guessUnits(navigator.language) };
const NO_PAST: HandlingPast = { captures: 0, airMs: null, steps: [] };

/** The keeper's own past, step by step: of one species, or of all. */
export function useHandlingPast(species: SpeciesId | undefined): HandlingPast {
  return useQuery(asked.handling(useMyKeeperId(), species)).data ?? NO_PAST;
}

/** The keeper's preferences; before any were written, with the units that the browser's region suggests. */
export function useSettings(): KeptSettings {
  const kept = useQuery(asked.settings(useMyKeeperId())).data ?? FIRST_SETTINGS;
  return kept.revision === 0 ? FIRST_HERE : kept;
}

export function useWriteSettings() {
  const keeperId = useMyKeeperId();
  const { queryKey } = asked.settings(keeperId);
  return useMutation({
    mutationFn: (wanted: WriteSettingsDto) => send<KeptSettings>('PUT', `/settings?keeperId=${keeperId}`, wanted),
    onSuccess: (kept) => queryClient.setQueryData(queryKey, kept),
    onError: () => queryClient.invalidateQueries({ queryKey }),
  });
}

function searchOf(values: Record<string, string | number | boolean | undefined>): string {
  const given = Object.entries(values).filter(([, value]) => value !== undefined && value !== '');
  return new URLSearchParams(given.map(([name, value]) => [name, String(value)])).toString();
}
