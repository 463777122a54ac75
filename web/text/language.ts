import { pseudo } from './pseudo.js';

/** Gives the words of a room in another language than British English. */
type Dictionary = <T extends object>(room: string, enGB: T) => T;

/** How dates and the clock are written on this device. */
export const DATE_ORDERS = ['day-first', 'month-first'] as const;
export type DateOrder = (typeof DATE_ORDERS)[number];
export const CLOCKS = ['24h', '12h'] as const;
export type Clock = (typeof CLOCKS)[number];

/**
 * The languages that the words are there in. `en-XA` is English with marks on, for finding words that were left out.
 */
const DICTIONARIES: Readonly<Record<string, Dictionary>> = {
  'en-GB': (_room, enGB) => enGB,
  'en-XA': (_room, enGB) => pseudo(enGB),
};

const KEYS = { language: 'keeper.language', dates: 'keeper.dates', clock: 'keeper.clock' } as const;

export interface WrittenWays {
  readonly language: string;
  readonly dates: DateOrder;
  readonly clock: Clock;
}

/**
 * How this page is written: what was set on this device, or what its browser suggests. It is read once, before the
 * first words are; to change it the page is opened anew.
 */
export const written: WrittenWays = readWays(keptWays(), browserLanguage());

/** Sets one of them, from the next opening of the page on. */
export function setWritten<K extends keyof WrittenWays>(way: K, value: WrittenWays[K]): void {
  localStorage.setItem(KEYS[way], value);
}

/** A worker, which says nothing to the keeper, has neither. */
function keptWays(): Pick<Storage, 'getItem'> {
  return typeof localStorage === 'undefined' ? { getItem: () => null } : localStorage;
}

function browserLanguage(): string {
  return typeof navigator === 'undefined' ? 'en-GB' : navigator.language;
}

/** What was set, else what a browser of that language suggests. Example: `en-US` has the month first, and 12 hours. */
export function readWays(kept: Pick<Storage, 'getItem'>, browserLanguage: string): WrittenWays {
  const language = kept.getItem(KEYS.language);
  return {
    language: language && language in DICTIONARIES ? language : 'en-GB',
    dates: DATE_ORDERS.find((order) => order === kept.getItem(KEYS.dates)) ?? guessDates(browserLanguage),
    clock: CLOCKS.find((clock) => clock === kept.getItem(KEYS.clock)) ?? guessClock(browserLanguage),
  };
}

function guessDates(language: string): DateOrder {
  const parts = new Intl.DateTimeFormat(language, { day: 'numeric', month: 'numeric' }).formatToParts();
  return parts.find(({ type }) => type === 'day' || type === 'month')?.type === 'month' ? 'month-first' : 'day-first';
}

function guessClock(language: string): Clock {
  return new Intl.DateTimeFormat(language, { hour: 'numeric' }).resolvedOptions().hour12 ? '12h' : '24h';
}

export const dictionary: Dictionary = DICTIONARIES[written.language] ?? ((_room, enGB) => enGB);

/** A format of dates and times in the order and on the clock of this device. */
export function dateFormat(how: Intl.DateTimeFormatOptions, { dates, clock } = written): Intl.DateTimeFormat {
  const locale = dates === 'month-first' ? 'en-US' : 'en-GB';
  const hours = 'hour' in how ? ({ hourCycle: clock === '12h' ? 'h12' : 'h23' } as const) : {};
  return new Intl.DateTimeFormat(locale, { ...how, ...hours });
}
