import type { IdentityDecision } from '@keeper/core/domain/identity/identityDecision';

/** Decisions that were made in one go. */
export interface DecidedTogether {
  readonly key: string;
  readonly decisions: readonly [IdentityDecision, ...IdentityDecision[]];
}

/**
 * What was decided about a fish, newest first: everything that was said of any catch that was ever said to be it, also
 * what was taken back and what made the catch another fish. What was decided in one go stands together.
 */
export function decisionsOfFish(decisions: readonly IdentityDecision[], fishId: string): DecidedTogether[] {
  const ever = new Set(decisions.filter((each) => each.fishId === fishId).map(({ captureId }) => captureId));
  const byKey = new Map<string, [IdentityDecision, ...IdentityDecision[]]>();
  for (const decision of decisions) {
    if (!ever.has(decision.captureId)) continue;
    const key = decision.decisionId ?? decision.eventId;
    const together = byKey.get(key);
    if (together) together.push(decision);
    else byKey.set(key, [decision]);
  }
  return [...byKey].map(([key, together]) => ({ key, decisions: together })).toReversed();
}
