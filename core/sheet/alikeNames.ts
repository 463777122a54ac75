import { foldWord } from '../domain/outing/foldWord.js';

/** From here on two names may be one that slipped. */
const ALIKE = 0.7;

/**
 * Whether two names may be one: how many of their pairs of letters they share (Dice 1945, "Measures of the amount of
 * ecologic association between species"). Example: `Harle Mear` shares 7 of its 9 pairs with `Harle Mere`.
 */
export function alikeNames(a: string, b: string): boolean {
  const [one, other] = [pairsOf(a), pairsOf(b)];
  const rest = [...other];
  const shared = one.filter((pair) => {
    const at = rest.indexOf(pair);
    if (at >= 0) rest.splice(at, 1);
    return at >= 0;
  });
  return one.length + other.length > 0 && (2 * shared.length) / (one.length + other.length) >= ALIKE;
}

function pairsOf(name: string): string[] {
  const letters = foldWord(name);
  return Array.from({ length: Math.max(0, letters.length - 1) }, (_, i) => letters.slice(i, i + 2));
}
