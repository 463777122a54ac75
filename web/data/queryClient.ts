import { QueryClient } from '@tanstack/react-query';

/**
 * What was read is shown at once and read again behind it. It is never dropped for its age: a timer of more than 24
 * days would run out at once in a browser, and with it what the device kept for the day without a signal.
 */
export const queryClient = new QueryClient({
  defaultOptions: {
    queries: { staleTime: 10_000, gcTime: Infinity, retry: 1, networkMode: 'always' },
    mutations: { networkMode: 'always' },
  },
});
