/** A probability as people say it. Example: `chanceWords(0.973) === '97 %'`. */
export function chanceWords(probability: number): string {
  if (probability > 0.99) return 'over 99 %';
  if (probability < 0.01) return 'under 1 %';
  return `${Math.round(100 * probability)} %`;
}

const LIKELY = 0.8;

/**
 * What the whole answer comes to, in one sentence. `known` fish were compared with it; `likeliest` is the best of them.
 */
export function answerSentence(known: number, likeliest: number, stranger: number): string {
  if (known === 0)
    return 'The book knows no other flank of this side and kind yet. The first picture of a fish is where it begins.';
  if (likeliest >= LIKELY) return 'You have caught this fish before, by the look of it.';
  if (stranger >= LIKELY)
    return known === 1
      ? 'Not the one fish of the book whose flank of this side is known, as far as the picture tells.'
      : `None of the ${known} fish of the book whose flank of this side is known, as far as the picture tells.`;
  return 'The picture does not settle it. Look at both, and leave it open if you are not sure.';
}
