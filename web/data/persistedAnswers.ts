import { createAsyncStoragePersister } from '@tanstack/query-async-storage-persister';
import { persistQueryClient } from '@tanstack/react-query-persist-client';
import type { InfiniteData, Query, QueryClient } from '@tanstack/react-query';
import type { Access } from '@keeper/contract/access';
import { createStore, del, get, set } from 'idb-keyval';
import { asked } from './asked.js';
import { queryClient } from './queryClient.js';

/**
 * What the phone must know on the bank with no signal: the waters and swims, rigs and kit, the keeper's ways, the
 * outings, the tally, and the newest lines of the book. Not whole captures.
 */
const KEPT = [
  'access',
  'waters',
  'swims',
  'rigs',
  'kit',
  'settings',
  'tally',
  'outings',
  'outing',
  'handling',
  'rehearsals',
  'fish',
  'meetings',
  'keepers',
  'measured',
  'setups',
  'findings',
];

/** Of a book that was turned over page by page so many pages stay. */
const MOST_PAGES = 3;

/** Whether an answer stays on the device; also one that could not be read anew, as without a signal none can. */
export function isKept({ queryKey: [name, filter], state: { data } }: Pick<Query, 'queryKey' | 'state'>): boolean {
  if (data === undefined) return false;
  if (name === 'book') return isWhole(filter) && (data as InfiniteData<unknown>).pages.length <= MOST_PAGES;
  return KEPT.includes(String(name));
}

/** Of the book only that which is not sought out by anything. */
function isWhole(filter: unknown): boolean {
  return typeof filter === 'object' && filter !== null && Object.values(filter).every((value) => value === undefined);
}

/**
 * Whether this device belongs to the book, as far as it knows. One that was put out or has left keeps nothing: what a
 * page still holds in its memory must not be written down once the device was cleared.
 */
export function isOfTheBook(client: QueryClient): boolean {
  const access = client.getQueryData<Access>(asked.access.queryKey);
  return access !== undefined && access.role !== null && !access.putOut;
}

/** Keeps those answers on the device, so that they are there when the server is not. */
export function persistAnswers(): void {
  const store = createStore('keeper-answers', 'answers');
  const storage = {
    getItem: (key: string) => get<string>(key, store),
    setItem: (key: string, value: string) => (isOfTheBook(queryClient) ? set(key, value, store) : Promise.resolve()),
    removeItem: (key: string) => del(key, store),
  };
  const [, restored] = persistQueryClient({
    queryClient,
    // Soon: a phone goes into a pocket a moment after it was looked at.
    persister: createAsyncStoragePersister({ storage, throttleTime: 150 }),
    maxAge: Infinity,
    dehydrateOptions: {
      shouldDehydrateQuery: isKept,
    },
  });
  // What an earlier page kept is shown at once, however new it is, and read again: it may have been left in the middle
  // of a change.
  void restored.then(() => queryClient.invalidateQueries());
}
