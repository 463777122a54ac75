import type { Rehearsed } from './judge.js';

/** A rehearsal that was played, as it is kept: apart from the book, for the keeper's own eyes. */
export interface Rehearsal {
  readonly id: string;
  readonly at: string;
  readonly scenario: string;
  readonly seed: string;
  /** Null of a fish that was not netted. */
  readonly handledMs: number | null;
  readonly airMs: number;
  readonly longestAirMs: number;
  readonly budgetMs: number;
  readonly score: number;
  readonly wrong: readonly string[];
  readonly splits: readonly { readonly step: string; readonly tookMs: number }[];
}

/** What is kept of a rehearsal. Example: of three decisions the names of those that were wrong. */
export function rehearsalOf(
  played: Pick<Rehearsal, 'id' | 'at' | 'scenario' | 'seed'>,
  { splits, decisions, handledMs, airMs, longestAirMs, budgetMs, score }: Rehearsed,
): Rehearsal {
  return {
    ...played,
    handledMs,
    airMs,
    longestAirMs,
    budgetMs,
    score,
    wrong: decisions.filter(({ right }) => !right).map(({ id }) => id),
    splits: splits.map(({ step, tookMs }) => ({ step, tookMs })),
  };
}
