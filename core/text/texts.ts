import type { Say } from '../measure/message.js';

/** How dates are written out, in the order and language of whoever reads them; times are ms since 1970, in UTC. */
export interface DateWords {
  /** Example: `6 June 2026`. */
  readonly day: (atMs: number) => string;
  /** Example: `6 June`. */
  readonly dayOfYear: (atMs: number) => string;
  /** Example: `June 2026`. */
  readonly month: (atMs: number) => string;
}

/**
 * The words of a room in one language: for each key of its vocabulary `V` a sentence, or one made of its figures, which
 * may say another message within its own.
 */
export type Texts<V> = { readonly [K in keyof V]: string | ((values: V[K], say: Say, dates: DateWords) => string) };

/**
 * The words of dates, of a way to make formats. Example: `dateWordsOf((how) => new Intl.DateTimeFormat('en-GB', how))`.
 */
export function dateWordsOf(format: (how: Intl.DateTimeFormatOptions) => Intl.DateTimeFormat): DateWords {
  const written = (how: Intl.DateTimeFormatOptions) => {
    const made = format({ ...how, timeZone: 'UTC' });
    return (atMs: number) => made.format(atMs);
  };
  return {
    day: written({ day: 'numeric', month: 'long', year: 'numeric' }),
    dayOfYear: written({ day: 'numeric', month: 'long' }),
    month: written({ month: 'long', year: 'numeric' }),
  };
}

type Rooms = Readonly<Record<string, Readonly<Record<string, unknown>>>>;

const BRITISH = dateWordsOf((how) => new Intl.DateTimeFormat('en-GB', how));

/**
 * Says messages in the words of a catalogue. A code that it does not have is said as the code itself, so that nothing
 * is ever silent.
 *
 * @example
 * sayIn({ kit: { wet: 'Wet it.' } })({ code: 'kit.wet' }); // 'Wet it.'
 */
export function sayIn(catalogue: object, dates: DateWords = BRITISH): Say {
  const say: Say = ({ code, values = {} }) => {
    const [room = '', key = ''] = code.split('.', 2);
    const text = (catalogue as Rooms)[room]?.[key];
    if (typeof text === 'string') return text;
    if (typeof text !== 'function') return code;
    return (text as (values: unknown, say: Say, dates: DateWords) => string)(values, say, dates);
  };
  return say;
}
