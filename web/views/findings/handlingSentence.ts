import type { HandlingFinding } from '@keeper/core/findings/handlingOutcomes';
import { findingsText } from './text.en-GB.js';

const SECOND_MS = 1000;

/** What a finding about handling says, in one sentence. Example: `A longer fight goes with 40 s (12 to 70 s) longer held upright.` */
export function handlingSentence({ strain, show, says, shift, halves }: HandlingFinding): string {
  if (says === 'open') return findingsText.handlingOpen({ strain, show });
  if (says === 'nothing') return findingsText.handlingNothing({ strain, show });
  if (halves) {
    const { lower, upper } = halves;
    return findingsText.handlingHalves({
      strain,
      show,
      upper: `${upper.times} of ${upper.of}`,
      lower: `${lower.times} of ${lower.of}`,
    });
  }
  if (!shift) return findingsText.handlingOpen({ strain, show });
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
