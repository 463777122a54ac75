import type { Say } from '../measure/message.js';

/**
 * The words of a room in one language: for each key of its vocabulary `V` a sentence, or one made of its figures, which
 * may say another message within its own.
 */
export type Texts<V> = { readonly [K in keyof V]: string | ((values: V[K], say: Say) => string) };

/** All rooms of one language, by name. */
export type Catalogue = Readonly<Record<string, Readonly<Record<string, unknown>>>>;

/**
 * Says messages in the words of a catalogue. A code that it does not have is said as the code itself, so that nothing
 * is ever silent.
 *
 * @example
 * sayIn({ kit: { wet: 'Wet it.' } })({ code: 'kit.wet' }); // 'Wet it.'
 */
export function sayIn(catalogue: Catalogue): Say {
  const say: Say = ({ code, values = {} }) => {
    const [room = '', key = ''] = code.split('.', 2);
    const text = catalogue[room]?.[key];
    if (typeof text === 'string') return text;
    return typeof text === 'function' ? (text as (values: unknown, say: Say) => string)(values, say) : code;
  };
  return say;
}
