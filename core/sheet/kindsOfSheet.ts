import { FORM_IDS, SPECIES_IDS } from '../domain/fish/species.js';
import { kindOfWord } from './kindOfWord.js';
import { matchNames, type Named, type NameInSheet } from './matchNames.js';

/** The kinds that the book has, each by the word that `kindOfWord` reads as it. */
const WORDS: readonly Named[] = [...FORM_IDS, ...SPECIES_IDS.filter((id) => id !== 'other' && id !== 'carp')].map(
  (word) => ({ id: word, name: word }),
);

/**
 * The kinds of a sheet that the book has no name for, the most frequent first, each with those that it may be. What a
 * fish is called beside its kind counts for nothing: `Comon carp` may be `common`.
 */
export function kindsOfSheet(written: readonly string[]): readonly NameInSheet[] {
  const bare = (word: string) => word.replace(/\s+carp$/i, '');
  const unknown = written.filter((word) => kindOfWord(word) === null && /\p{L}/u.test(word));
  return matchNames(unknown, WORDS, bare);
}
