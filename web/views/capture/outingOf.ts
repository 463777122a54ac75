import type { CaptureState } from '@keeper/core/domain/capture/captureState';
import type { Taken } from '@keeper/core/domain/capture/event';
import { OUTING_SLACK_MS, type OutingSummary } from '@keeper/core/domain/outing/outingState';

type Span = Pick<OutingSummary, 'outingId' | 'waterId' | 'fromMs' | 'toMs' | 'endedAt' | 'calledOff'>;

/**
 * The outing that a fish was of, if it was taken then: the one that it stands in where that holds the moment too, else
 * the one at its water that does, with the hours beside a plan that still belong to it. None for a day that is known
 * without its time.
 */
export function outingOf(
  { outingId, facts }: Pick<CaptureState, 'outingId' | 'facts'>,
  { at, dated }: Taken,
  outings: readonly Span[],
): string | null {
  if (dated) return null;
  const atMs = Date.parse(at);
  const holding = outings.filter(
    ({ waterId, fromMs, toMs, endedAt, calledOff }) =>
      !calledOff &&
      (waterId === (facts.waterId ?? null) || !facts.waterId) &&
      atMs >= fromMs - OUTING_SLACK_MS &&
      atMs <= (endedAt === null ? toMs + OUTING_SLACK_MS : Math.max(Date.parse(endedAt), toMs)),
  );
  const best = holding.find((each) => each.outingId === outingId) ?? nearest(holding, atMs);
  return best?.outingId ?? null;
}

/** The one whose plan lies nearest to a moment. */
function nearest(outings: readonly Span[], atMs: number): Span | undefined {
  const awayMs = ({ fromMs, toMs }: Span) => Math.max(fromMs - atMs, atMs - toMs, 0);
  return [...outings].sort((a, b) => awayMs(a) - awayMs(b))[0];
}
