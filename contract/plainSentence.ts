/** What the validator says by itself, and how it is said to a keeper. */
const WORDED: readonly (readonly [said: RegExp, plain: string])[] = [
  [/should not exist$/, '"$property" is not a field that is known here.'],
  [/must not be greater than (\S+)$/, 'It is $1 at most.'],
  [/must not be less than (\S+)$/, 'It is $1 at least.'],
  [/must be one of the following values: (.+)$/, 'It is one of these: $1.'],
  [/must be equal to (\S+)$/, 'It is "$1".'],
  [/must be an integer number$/, 'It is a whole number.'],
  [/must be a number conforming to the specified constraints$/, 'It is a number.'],
  [/must be a boolean value$/, 'It is true or false.'],
  [/must be a string$/, 'It is text.'],
  [/must be an array$/, 'It is a list.'],
  [/must be an object$/, 'It is one object with named fields.'],
  [/must contain (?:no more than|not more than) (\d+) elements$/, 'It is a list of at most $1.'],
  [/must contain at least (\d+) elements$/, 'It is a list of at least $1.'],
  [/must match .* regular expression$/, 'It is not written as it should be.'],
  [/^All .* elements must be unique$/i, 'Each stands in the list only once.'],
  [/^nested property|must be either object or array/, 'It is one object with named fields.'],
  [/unknown value was passed/, 'It is not known here.'],
];

/**
 * The sentence for a field: a contract's own as it stands, and plain words for what the validator says by itself.
 * Example: `perMinute must not be greater than 240` is `It is 240 at most.`
 */
export function plainSentence(text: string, property: string): string {
  const each = text.startsWith('each value in ');
  for (const [said, plain] of WORDED) {
    const match = said.exec(text);
    if (!match) continue;
    const sentence = plain.replace('$property', property).replace('$1', match[1] ?? '');
    return each ? `Of each in the list: ${sentence.charAt(0).toLowerCase()}${sentence.slice(1)}` : sentence;
  }
  const worded = text.charAt(0).toUpperCase() + text.slice(1);
  return worded.endsWith('.') ? worded : `${worded}.`;
}
