import type { CaptureSummary } from '../capture/summary.js';

/** One known fish: what the keeper says are captures of it, oldest first. */
export interface KnownFish {
  readonly fishId: string;
  readonly captures: readonly [CaptureSummary, ...CaptureSummary[]];
}

/**
 * The register: captures put together by who the keeper says each is; the fish that was on the bank last comes first.
 * Captures whose fish is open are left out. Example: two captures of one fish and one of another are two known fish.
 */
export function knownFish(summaries: readonly CaptureSummary[]): KnownFish[] {
  const byFish = new Map<string, [CaptureSummary, ...CaptureSummary[]]>();
  for (const summary of summaries.toSorted((a, b) => atOf(a).localeCompare(atOf(b)))) {
    if (summary.fishId === null) continue;
    const captures = byFish.get(summary.fishId);
    if (captures) captures.push(summary);
    else byFish.set(summary.fishId, [summary]);
  }
  return [...byFish]
    .map(([fishId, captures]): KnownFish => ({ fishId, captures }))
    .sort((a, b) => atOf(lastOf(b)).localeCompare(atOf(lastOf(a))));
}

export function lastOf({ captures }: KnownFish): CaptureSummary {
  return captures.at(-1) ?? captures[0];
}

/** The heaviest it was weighed at; undefined when it never was. */
export function heaviestOf({ captures }: KnownFish): CaptureSummary | undefined {
  return captures
    .filter(({ netGrams }) => netGrams !== null)
    .toSorted((a, b) => (b.netGrams ?? 0) - (a.netGrams ?? 0))[0];
}

function atOf({ startedAt }: CaptureSummary): string {
  return startedAt ?? '';
}
