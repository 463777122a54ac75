import type { Facts } from '../domain/capture/event.js';
import { foldWord } from '../domain/outing/foldWord.js';
import { FORM_IDS, SPECIES_IDS, type SpeciesId } from '../domain/fish/species.js';

/** What a fish is called beside the names that the book has. */
const ALSO: Readonly<Record<string, SpeciesId>> = {
  catfish: 'wels',
  cat: 'wels',
  'wels catfish': 'wels',
  zed: 'zander',
  pikeperch: 'zander',
  'northern pike': 'pike',
  'brown trout': 'trout',
  'rainbow trout': 'trout',
};

/**
 * The species, and the form of a carp, that a word names; null where it names none that the book knows. Example:
 * `Mirror` is a mirror carp, `Cats` are wels.
 */
export function kindOfWord(word: string): Pick<Facts, 'species' | 'form'> | null {
  const folded = foldWord(word);
  const bare = folded.replace(/ carp$/, '');
  const form = FORM_IDS.find((each) => each === bare);
  if (form !== undefined) return { species: 'carp', form };
  const species = SPECIES_IDS.find((each) => each !== 'other' && foldWord(each) === folded) ?? ALSO[folded];
  return species === undefined ? null : { species };
}
