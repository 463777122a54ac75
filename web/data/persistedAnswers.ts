import { createAsyncStoragePersister } from '@tanstack/query-async-storage-persister';
import { persistQueryClient } from '@tanstack/react-query-persist-client';
import { createStore, del, get, set } from 'idb-keyval';
import { queryClient } from './queryClient.js';

/**
 * What the phone must know on the bank with no signal: the waters and swims, rigs and kit, the keeper's ways, the
 * outings, the tally. Not whole captures.
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
];

/** Keeps those answers on the device, so that they are there when the server is not. */
export function persistAnswers(): void {
  const store = createStore('keeper-answers', 'answers');
  const storage = {
    getItem: (key: string) => get<string>(key, store),
    setItem: (key: string, value: string) => set(key, value, store),
    removeItem: (key: string) => del(key, store),
  };
  const [, restored] = persistQueryClient({
    queryClient,
    // Soon: a phone goes into a pocket a moment after it was looked at.
    persister: createAsyncStoragePersister({ storage, throttleTime: 150 }),
    maxAge: Infinity,
    dehydrateOptions: {
      // Also what could not be read anew just now: away from the server that is every one of them.
      shouldDehydrateQuery: ({ queryKey, state }) => state.data !== undefined && KEPT.includes(String(queryKey[0])),
    },
  });
  // What an earlier page kept is shown at once, however new it is, and read again: it may have been left in the middle
  // of a change.
  void restored.then(() => queryClient.invalidateQueries());
}
