import { dictionary } from './language.js';

/**
 * The words of a room of the screen: the British English that is given, or what the language of this page has in its
 * place. The language is chosen before the first room is read; to change it the page is opened anew.
 *
 * @example
 * export const kitText = localised('kit', { add: 'Add kit', left: ({ count }: { count: number }) => `${count} left` });
 */
export function localised<T extends object>(room: string, enGB: T): T {
  return dictionary(room, enGB);
}
