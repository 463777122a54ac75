import type { Behaviour } from '@keeper/core/weather/standinDay';

/** Longer than anybody waits. */
const LATE_MS = 60_000;

/** Before an answer: fails, or lets one wait, as it was told. */
export async function asItFalls(
  behaviour: Behaviour,
  wait: (ms: number) => Promise<void>,
  failure: string,
): Promise<void> {
  if (behaviour === 'fails') throw new Error(failure);
  if (behaviour === 'late') await wait(LATE_MS);
}
