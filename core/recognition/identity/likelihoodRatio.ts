import type { PaintedKind } from '../../domain/fish/anatomy.js';

/**
 * What a score says about two flanks being of one fish: nothing either way at `at`, and so much more by natural
 * logarithm for each whole step of the score. By maximum likelihood of the answers to 446 queries of painted pictures
 * against 84 fish each (`bench/flankSet.ts`), rounded towards less sure, since living fish are not painted.
 */
const SPEAKS: Readonly<Record<PaintedKind, { readonly at: number; readonly steep: number }>> = {
  'carp-common': { at: 0.5, steep: 36 },
  'carp-mirror': { at: 0.5, steep: 44 },
  'carp-linear': { at: 0.48, steep: 34 },
  pike: { at: 0.48, steep: 34 },
  barbel: { at: 0.39, steep: 38 },
  wels: { at: 0.59, steep: 34 },
};
/**
 * Of pictures of one fish, this share has no more in common than chance: hidden by hands, burnt out, or not laid right.
 */
const MISSED = 0.04;
/**
 * No pair of pictures is stronger evidence than this, whatever it scores: pictures were mixed up on the card before.
 */
const MOST_EVIDENCE = 9;

/**
 * The natural logarithm of how many times likelier a score is when both pictures show one fish than when they show two.
 * Example: a score of 0 is no proof of two fish: about one to twenty-five.
 */
export function logLikelihoodRatio(score: number, kind: PaintedKind): number {
  const { at, steep } = SPEAKS[kind];
  return Math.min(MOST_EVIDENCE, Math.log(MISSED + (1 - MISSED) * Math.exp(steep * (score - at))));
}

/** What is thought before looking: how likely the fish on the bank is one that the book does not know. */
export const NEW_BEFORE = 0.4;

/**
 * How likely each known fish is the one on the bank, and how likely it is none of them, by Bayes's rule: before
 * looking, one of the known is as likely as the other. `evidence` as `logLikelihoodRatio` gives it, one number a fish;
 * fish that were not looked at closely count with what they had. Sums to 1. Example: one fish with no evidence at all
 * is as likely as what is thought before looking.
 */
export function posterior(
  evidence: readonly number[],
  newBefore = NEW_BEFORE,
): { readonly known: number[]; readonly stranger: number } {
  if (evidence.length === 0) return { known: [], stranger: 1 };
  const before = (1 - newBefore) / evidence.length;
  const most = Math.max(0, ...evidence);
  const weights = evidence.map((each) => before * Math.exp(each - most));
  const stranger = newBefore * Math.exp(-most);
  const all = weights.reduce((sum, weight) => sum + weight, stranger);
  return { known: weights.map((weight) => weight / all), stranger: stranger / all };
}
