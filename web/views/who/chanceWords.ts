import { whoText } from './text.en-GB.js';
/** A probability as people say it. Example: `chanceWords(0.973) === '97 %'`. */
export function chanceWords(probability: number): string {
  if (probability > 0.99) return whoText.over;
  if (probability < 0.01) return whoText.under;
  return `${Math.round(100 * probability)} %`;
}

const LIKELY = 0.8;

/**
 * What the whole answer comes to, in one sentence. `known` fish were compared with it; `likeliest` is the best of them.
 */
export function answerSentence(known: number, likeliest: number, stranger: number): string {
  if (known === 0) return whoText.theBookKnowsNo;
  if (likeliest >= LIKELY) return whoText.youHaveCaughtThis;
  if (stranger >= LIKELY) return known === 1 ? whoText.notTheOneFish : whoText.noneOfTheFish({ known });
  return whoText.thePictureDoesNot;
}
