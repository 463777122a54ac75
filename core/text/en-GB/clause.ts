/** A sentence as a part of another. Example: `clause('It is bleeding.')` is `it is bleeding`. */
export function clause(sentence: string): string {
  return sentence.charAt(0).toLowerCase() + sentence.slice(1).replace(/\.$/, '');
}
