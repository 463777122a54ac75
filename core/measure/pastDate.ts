import { measureMessage } from './measureMessages.js';
import { FIRST_YEAR } from './moment.js';
import { err, ok, type Result } from './result.js';

/** How exactly a day of the past is known. `quarter`: spring to winter; `season`: from June to March. */
export const PAST_DATES = ['day', 'month', 'quarter', 'season', 'year'] as const;
export type PastDateAs = (typeof PAST_DATES)[number];

/** A day of the past as far as it is known: it lies between two days, both `YYYY-MM-DD` and included. */
export interface PastDate {
  readonly as: PastDateAs;
  readonly from: string;
  readonly to: string;
}

export interface PastDateHabit {
  /** Whether 3/4 is the third of April; the fourth of March otherwise. */
  readonly dayFirst: boolean;
  /** The day that it is, `YYYY-MM-DD`: nothing is remembered that is still to come. */
  readonly today: string;
}

const MONTHS = ['jan', 'feb', 'mar', 'apr', 'may', 'jun', 'jul', 'aug', 'sep', 'oct', 'nov', 'dec'];
/** The month in which each begins, of three; a winter begins in December. */
const QUARTERS: Readonly<Record<string, number>> = { spring: 3, summer: 6, autumn: 9, fall: 9, winter: 12 };
/** The coarse season of the rivers: 16 June to 14 March (England and Wales, byelaws of the Environment Agency). */
const SEASON = { from: '06-16', to: '03-14' } as const;

const NUMBERS = /^(\d{1,4})([/.-])(\d{1,2})\2(\d{1,4})$/;
const MONTH_NUMBER = /^(\d{1,2})[/.-](\d{4})$/;
const WORDED = /^(?:(\d{1,2})(?:st|nd|rd|th)? )?([a-z]{3,9})\.? (?:(\d{1,2})(?:st|nd|rd|th)?,? )?(\d{4}|\d{2})$/;
const TWO_YEARS = /^(?:season )?(\d{4})[/-](\d{2}|\d{4})(?: season)?$/;
const QUARTER = /^([a-z]+) (\d{4})(?:[/-](\d{2}|\d{4}))?$/;
const YEAR = /^\d{4}$/;

/**
 * Reads a date as exactly as it is written: a day, a month, a quarter, a season or a year. Refuses, with a reason, a
 * day that no month has, one that is still to come, and what is no date. Of two digits for a year those of this century
 * that have been are meant, else those of the last.
 *
 * @example
 * parsePastDate('autumn 2019', habit); // { as: 'quarter', from: '2019-09-01', to: '2019-11-30' }
 */
export function parsePastDate(text: string, habit: PastDateHabit): Result<PastDate> {
  const tidy = text
    .normalize('NFKC')
    .toLowerCase()
    .replace(/[‐‑‒–—−]/g, '-')
    .replace(/\s+/g, ' ')
    .trim();
  if (tidy === '') return err(measureMessage('pastDateMissing'));
  const read = readDay(tidy, habit) ?? readSpan(tidy);
  if (read === undefined) return err(measureMessage('pastDateNotUnderstood', { text: text.trim() }));
  if (read === 'no such day') return err(measureMessage('pastDateNoSuchDay', { text: text.trim() }));
  if (read.from > habit.today) return err(measureMessage('pastDateToCome', { text: text.trim() }));
  if (Number(read.from.slice(0, 4)) < FIRST_YEAR) return err(measureMessage('pastDateTooOld', { first: FIRST_YEAR }));
  return ok(read);
}

function readDay(tidy: string, { dayFirst, today }: PastDateHabit): PastDate | 'no such day' | undefined {
  const numbers = NUMBERS.exec(tidy);
  if (numbers) {
    const [, first = '', , second = '', third = ''] = numbers;
    if (first.length === 4) return dayOf(Number(first), Number(second), Number(third));
    const year = yearOf(third, today);
    // One that only one order has is read in that one.
    const swapped = dayFirst ? Number(second) > 12 : Number(first) <= 12;
    const [day, month] = swapped ? [second, first] : [first, second];
    return year === undefined ? undefined : dayOf(year, Number(month), Number(day));
  }
  const [, before, word = '', after, digits = ''] = WORDED.exec(tidy) ?? [];
  const month = MONTHS.indexOf(word.slice(0, 3)) + 1;
  const year = yearOf(digits, today);
  const day = before ?? after;
  if (month === 0 || year === undefined || (before !== undefined && after !== undefined)) return undefined;
  return day === undefined ? monthsOf('month', year, month, 1) : dayOf(year, month, Number(day));
}

function readSpan(tidy: string): PastDate | 'no such day' | undefined {
  const [, month, ofYear] = MONTH_NUMBER.exec(tidy) ?? [];
  if (month !== undefined) {
    const is = Number(month);
    return is >= 1 && is <= 12 ? monthsOf('month', Number(ofYear), is, 1) : 'no such day';
  }
  const [, first, second = ''] = TWO_YEARS.exec(tidy) ?? [];
  if (first !== undefined) {
    const year = Number(first);
    if (!isNext(year, second)) return undefined;
    return { as: 'season', from: `${year}-${SEASON.from}`, to: `${year + 1}-${SEASON.to}` };
  }
  const [, name = '', in_ = '', next] = QUARTER.exec(tidy) ?? [];
  const begins = QUARTERS[name];
  if (begins !== undefined && (next === undefined || (begins === 12 && isNext(Number(in_), next))))
    return monthsOf('quarter', Number(in_), begins, 3);
  return YEAR.test(tidy) ? { as: 'year', from: `${tidy}-01-01`, to: `${tidy}-12-31` } : undefined;
}

function isNext(year: number, written: string): boolean {
  return Number(written) === (written.length === 2 ? (year + 1) % 100 : year + 1);
}

function yearOf(digits: string, today: string): number | undefined {
  if (digits.length === 4) return Number(digits);
  if (digits.length !== 2) return undefined;
  const thisYear = Number(today.slice(0, 4));
  const year = thisYear - (thisYear % 100) + Number(digits);
  return year > thisYear ? year - 100 : year;
}

function dayOf(year: number, month: number, day: number): PastDate | 'no such day' {
  if (month < 1 || month > 12 || day < 1 || day > daysIn(year, month)) return 'no such day';
  const is = isoDay(year, month, day);
  return { as: 'day', from: is, to: is };
}

function monthsOf(as: 'month' | 'quarter', year: number, month: number, count: number): PastDate {
  const last = month + count - 1;
  const [endYear, endMonth] = last > 12 ? [year + 1, last - 12] : [year, last];
  return { as, from: isoDay(year, month, 1), to: isoDay(endYear, endMonth, daysIn(endYear, endMonth)) };
}

function daysIn(year: number, month: number): number {
  return new Date(Date.UTC(year, month, 0)).getUTCDate();
}

function isoDay(year: number, month: number, day: number): string {
  const two = (value: number) => String(value).padStart(2, '0');
  return `${String(year).padStart(4, '0')}-${two(month)}-${two(day)}`;
}

/** The moment that stands for it where one is needed, as in the order of a book: noon of its first day, UTC. */
export function momentStandingFor({ from }: Pick<PastDate, 'from'>): string {
  return `${from}T12:00:00.000Z`;
}
