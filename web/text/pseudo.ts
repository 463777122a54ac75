const ACCENTED: Readonly<Record<string, string>> = { a: 'á', e: 'é', i: 'í', o: 'ó', u: 'ú', A: 'Á', E: 'É', I: 'Í' };

/** A sentence with marks on it: whoever reads it knows that it came by way of a dictionary. */
function marked(sentence: string): string {
  return `⟦${sentence.replace(/[aeiouAEI]/g, (letter) => ACCENTED[letter] ?? letter)}⟧`;
}

/**
 * The words of a room with marks on all of them, and on what is made of figures. What is not a sentence stays.
 *
 * @example
 * pseudo({ add: 'Add kit' }).add; // '⟦Ádd kít⟧'
 */
export function pseudo<T extends object>(words: T): T {
  const dressed = Object.entries(words).map(([key, value]: [string, unknown]) => [key, dress(value)]);
  return Object.fromEntries(dressed) as T;
}

function dress(value: unknown): unknown {
  if (typeof value === 'string') return marked(value);
  if (typeof value === 'function')
    return (...given: unknown[]) => dress((value as (...g: unknown[]) => unknown)(...given));
  return typeof value === 'object' && value !== null ? pseudo(value) : value;
}
