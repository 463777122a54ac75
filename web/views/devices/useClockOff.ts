import { useQuery } from '@tanstack/react-query';

/** A certificate is taken from a day before it was made: a clock that is off by less does no harm. */
const HARMFUL_MS = 24 * 3600_000;

/** By how many days the clock of this device differs from that of the book; 0 where it does no harm. */
export function useClockOff(): number {
  const { data: offMs = 0 } = useQuery({
    queryKey: ['clock'],
    queryFn: async () => clockOffMs((await fetch('/api/health')).headers.get('date'), Date.now()),
    retry: false,
  });
  return Math.abs(offMs) < HARMFUL_MS ? 0 : Math.round(Math.abs(offMs) / HARMFUL_MS);
}

/** Ms by which a clock is ahead of the date that an answer carries; 0 where it carries none. */
function clockOffMs(date: string | null, nowMs: number): number {
  const thereMs = date === null ? NaN : Date.parse(date);
  return Number.isNaN(thereMs) ? 0 : nowMs - thereMs;
}
