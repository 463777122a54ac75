import { mean, squaresAboutMean } from '../statistics/mean.js';
import type { SpeciesId } from '../domain/fish/species.js';

/** A weight that was guessed before it was read. */
export interface Guess {
  readonly species: SpeciesId | null;
  readonly guessGrams: number;
  readonly readGrams: number;
}

/** How a keeper's eye does: everything in shares of the weight. */
export interface GuessBias {
  readonly count: number;
  /** Above nothing guesses too heavy. Geometric, so that half and double weigh the same. */
  readonly bias: number;
  /** Two thirds of the guesses lie within this of the bias. */
  readonly spread: number;
  /** How far off a guess is, in the middle. */
  readonly off: number;
}

/**
 * Bias and spread of the guesses; undefined with none.
 * Example: two guesses a tenth too heavy have a bias of 0.1 and no spread.
 */
export function guessBias(guesses: readonly Guess[]): GuessBias | undefined {
  const ratios = guesses.map(({ guessGrams, readGrams }) => Math.log(guessGrams / readGrams));
  const count = ratios.length;
  if (count === 0) return undefined;
  const off = ratios.map((ratio) => Math.abs(Math.expm1(ratio))).sort((a, b) => a - b);
  return {
    count,
    bias: Math.expm1(mean(ratios)),
    spread: count > 1 ? Math.expm1(Math.sqrt(squaresAboutMean(ratios) / (count - 1))) : 0,
    off: ((off[Math.floor((count - 1) / 2)] ?? 0) + (off[Math.ceil((count - 1) / 2)] ?? 0)) / 2,
  };
}

/**
 * The guesses of each size, smallest first; sizes without one are left out. `edgesGrams` are the upper ends of all but
 * the last. Example: edges of 5 and 10 kg make three sizes.
 */
export function guessBiasBySize(
  guesses: readonly Guess[],
  edgesGrams: readonly number[],
): { readonly fromGrams: number; readonly toGrams: number; readonly eye: GuessBias }[] {
  return [...edgesGrams, Infinity].flatMap((toGrams, i) => {
    const fromGrams = edgesGrams[i - 1] ?? 0;
    const eye = guessBias(guesses.filter(({ readGrams }) => readGrams >= fromGrams && readGrams < toGrams));
    return eye ? [{ fromGrams, toGrams, eye }] : [];
  });
}
