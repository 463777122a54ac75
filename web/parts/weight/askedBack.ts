import { weightWords } from './text.en-GB.js';
import type { ParsedMass } from '@keeper/core/measure/parseMass';
import { say } from '../../text/say.js';

/** What is said to a weight that can mean two things, where there is no room for buttons. */
export function askedBack({ question, meanings }: Extract<ParsedMass, { kind: 'ambiguous' }>): string {
  const [first] = meanings;
  return weightWords.writeItAs({ question: say(question), says: first ? say(first.says) : '' });
}
