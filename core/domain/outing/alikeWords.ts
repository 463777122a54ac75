import { foldWord } from './foldWord.js';

/** One word of the keeper's for another: what is written as `word` is meant as `as`. */
export interface SameWord {
  /** Folded: `foldWord`. */
  readonly word: string;
  readonly as: string;
}

/** A word as it is meant. Example: with `tigers` for `Tiger nuts`, `Tigers` is `Tiger nuts`. */
export function meantWord(word: string, same: readonly SameWord[]): string {
  const folded = foldWord(word);
  return same.find((each) => each.word === folded)?.as ?? word.trim();
}

/**
 * Words that may be one: written together or apart, the one within the other, or one slip of the finger away. The first
 * of each pair is the one that was told more lately. Example: `tigernuts` and `Tiger nuts`; `boilie` and `boile`.
 */
export function alikeWords(words: readonly string[]): readonly (readonly [string, string])[] {
  return words.flatMap((word, i) =>
    words.slice(i + 1).flatMap((other) => (isAlike(foldWord(word), foldWord(other)) ? [[word, other] as const] : [])),
  );
}

/** Shorter ones are alike by chance. */
const LEAST_LETTERS = 5;

function isAlike(a: string, b: string): boolean {
  const [one, two] = [a, b].map((word) => word.replaceAll(' ', ''));
  if (one === undefined || two === undefined) return false;
  if (one === two) return true;
  if (Math.min(one.length, two.length) < LEAST_LETTERS) return false;
  return ` ${a} `.includes(` ${b} `) || ` ${b} `.includes(` ${a} `) || isOneSlipApart(one, two);
}

/** One letter more, less or another, or two that changed places. */
function isOneSlipApart(a: string, b: string): boolean {
  let from = 0;
  while (from < a.length && a[from] === b[from]) from += 1;
  const [restA, restB] = [a.slice(from), b.slice(from)];
  return (
    restA.slice(1) === restB ||
    restA === restB.slice(1) ||
    restA.slice(1) === restB.slice(1) ||
    (restA.slice(2) === restB.slice(2) && restA[0] === restB[1] && restA[1] === restB[0])
  );
}
