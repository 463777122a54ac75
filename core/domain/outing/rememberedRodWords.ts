import type { RodSetup } from '../capture/rodFacts.js';
import { meantWord, type SameWord } from './alikeWords.js';
import { foldWord } from './foldWord.js';
import type { OutingSummary } from './outingState.js';

/** What the keeper has told of rods before, each once, the likeliest first. */
export interface RememberedRodWords {
  readonly baits: readonly string[];
  readonly methods: readonly string[];
  readonly places: readonly string[];
}

/**
 * Baits and methods of all outings, those of this water first, and places of this water alone; the newest first. What
 * differs only in case, hyphens, spaces or a plural is one word, as it was written last. Example: `Tiger nuts` and
 * `tiger-nut` are one bait; and so is what the keeper
 * made one.
 */
export function rememberedRodWords(
  outings: readonly Pick<OutingSummary, 'waterId' | 'fromMs' | 'fished'>[],
  waterId: string | null,
  same: readonly SameWord[] = [],
): RememberedRodWords {
  const newestFirst = outings.toSorted((a, b) => b.fromMs - a.fromMs);
  const here = setupsOf(newestFirst.filter((outing) => outing.waterId === waterId));
  const elsewhere = setupsOf(newestFirst.filter((outing) => outing.waterId !== waterId));
  const words = (of: keyof RodSetup, setups: readonly RodSetup[]) =>
    eachWordOnce(setups.flatMap((setup) => (typeof setup[of] === 'string' ? [meantWord(setup[of], same)] : [])));
  return {
    baits: words('bait', [...here, ...elsewhere]),
    methods: words('method', [...here, ...elsewhere]),
    places: words('place', here),
  };
}

function setupsOf(outings: readonly Pick<OutingSummary, 'fished'>[]): RodSetup[] {
  return outings.flatMap(({ fished }) => fished.flatMap(({ setups }) => setups.toReversed()));
}

function eachWordOnce(words: readonly string[]): string[] {
  const once = new Map<string, string>();
  for (const word of words) if (word.trim() !== '' && !once.has(foldWord(word))) once.set(foldWord(word), word.trim());
  return [...once.values()];
}
