import type { RodSetup } from '../capture/rodFacts.js';
import { meantWord, type SameWord } from './alikeWords.js';
import { foldWord } from './foldWord.js';

/** What the keeper has told of rods before, each once, the likeliest first. */
export interface RememberedRodWords {
  readonly baits: readonly string[];
  readonly methods: readonly string[];
  readonly places: readonly string[];
}

/** How a rod fished, where and when: told of a rod on an outing, or of a fish afterwards. */
export interface ToldSetup {
  readonly waterId: string | null;
  readonly atMs: number;
  readonly setup: RodSetup;
}

/**
 * Baits and methods of the whole book, those of this water first, and places of this water alone; the newest first.
 * What differs only in case, hyphens, spaces or a plural is one word, as it was written last; and so is what the keeper
 * made one. Example: `Tiger nuts` and `tiger-nut` are one bait.
 */
export function rememberedRodWords(
  told: readonly ToldSetup[],
  waterId: string | null,
  same: readonly SameWord[] = [],
): RememberedRodWords {
  const newestFirst = told.toSorted((a, b) => b.atMs - a.atMs);
  const here = newestFirst.filter((each) => each.waterId === waterId);
  const elsewhere = newestFirst.filter((each) => each.waterId !== waterId);
  const words = (of: keyof RodSetup, setups: readonly ToldSetup[]) =>
    eachWordOnce(setups.flatMap(({ setup }) => (typeof setup[of] === 'string' ? [meantWord(setup[of], same)] : [])));
  return {
    baits: words('bait', [...here, ...elsewhere]),
    methods: words('method', [...here, ...elsewhere]),
    places: words('place', here),
  };
}

function eachWordOnce(words: readonly string[]): string[] {
  const once = new Map<string, string>();
  for (const word of words) if (word.trim() !== '' && !once.has(foldWord(word))) once.set(foldWord(word), word.trim());
  return [...once.values()];
}
