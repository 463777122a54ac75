import { SHOWS, type HandlingFinding } from '@keeper/core/findings/handlingOutcomes';
import { findingsText } from '../../parts/findings/text.en-GB.js';

const SECOND_MS = 1000;

/**
 * What was found about handling, in one sentence. Example: `A longer fight goes with 40 s (12 to 70 s) longer held
 * upright.`
 */
export function handlingSentence({ strain, show, shift, halves }: HandlingFinding): string {
  if (halves) {
    const { lower, upper } = halves;
    return findingsText.handlingHalves({
      strain,
      show,
      upper: `${upper.times} of ${upper.of}`,
      lower: `${lower.times} of ${lower.of}`,
    });
  }
  if (!shift) return findingsText.handlingOpen({ strains: [strain], show });
  // The larger side is said first, as it is spoken.
  const isMore = shift.by >= 0;
  const [low, high] = isMore ? [shift.low, shift.high] : [-shift.high, -shift.low];
  const amount = (value: number) => (show === 'gillBeat' ? value.toFixed(0) : (value / SECOND_MS).toFixed(0));
  return findingsText.handlingShift({
    strain,
    show,
    isMore,
    by: amount(Math.abs(shift.by)),
    low: amount(low),
    high: amount(high),
  });
}

/** What makes no difference, and what says nothing yet, in a sentence for each way in which it would show. */
export function quietSentences(findings: readonly HandlingFinding[]): readonly string[] {
  return (['nothing', 'open'] as const).flatMap((says) =>
    SHOWS.flatMap((show) => {
      const strains = findings.flatMap((each) => (each.says === says && each.show === show ? [each.strain] : []));
      if (strains.length === 0) return [];
      return says === 'nothing'
        ? findingsText.handlingNothing({ strains, show })
        : findingsText.handlingOpen({ strains, show });
    }),
  );
}
