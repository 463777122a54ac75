/** By what two ways of writing a word are the same one. Example: `foldWord('Tiger-nuts') === 'tiger nut'`. */
export function foldWord(word: string): string {
  return word
    .trim()
    .toLocaleLowerCase('en')
    .replaceAll(/[\s-]+/g, ' ')
    .replace(/(?<=\p{L}{2})s$/u, '');
}
