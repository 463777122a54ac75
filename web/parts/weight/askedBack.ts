import type { ParsedMass } from '@keeper/core/measure/parseMass';
import { say } from '../../text/say.js';

/** What is said to a weight that can mean two things, where there is no room for buttons. */
export function askedBack({ question, meanings }: Extract<ParsedMass, { kind: 'ambiguous' }>): string {
  const [first] = meanings;
  return `${say(question)} Write it as ${first ? say(first.says) : ''}.`;
}
