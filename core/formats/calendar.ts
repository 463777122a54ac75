import type { KitItem } from '../domain/kit/kit.js';
import type { OutingSummary } from '../domain/outing/outingState.js';
import type { ClosedSeason, DayOfYear } from '../domain/water/season.js';
import type { Swim } from '../domain/water/swim.js';
import type { Water } from '../domain/water/water.js';
import type { Message } from '../measure/message.js';
import { DAY_MS } from '../measure/timeSpan.js';
import { CHECK_EVERY_DAYS } from '../weighing/scaleCheck.js';
import { calendarMessage } from './calendarMessages.js';

/** Outings that ended so long ago leave the calendar: the book has them. */
export const PAST_OUTINGS_DAYS = 60;

/** Something that stands in a calendar, on whole days or from a moment to another. */
export type CalendarEntry = {
  /** The same entry has the same one, whenever it is written: a calendar takes it for the one that it has. */
  readonly uid: string;
  readonly title: Message;
} & (
  | {
      /** `YYYY-MM-DD`, both included. */
      readonly fromDay: string;
      readonly toDay: string;
      readonly yearly: boolean;
    }
  | { readonly fromMs: number; readonly toMs: number }
);

/** What a calendar is told from. */
export interface CalendarBook {
  readonly waters: readonly (Pick<Water, 'id' | 'name' | 'rules'> & { readonly retired: boolean })[];
  readonly swims: readonly Pick<Swim, 'id' | 'name'>[];
  readonly kit: readonly (Pick<KitItem, 'id' | 'kind' | 'name' | 'inDateUntil' | 'checkedAt' | 'scale'> & {
    readonly retired: boolean;
  })[];
  readonly outings: readonly Pick<OutingSummary, 'outingId' | 'waterId' | 'swimId' | 'fromMs' | 'toMs' | 'calledOff'>[];
}

/**
 * Closed seasons year after year, outings, and the days on which licences, care kits and checks of scales fall due.
 * A season that lies on the 29th of February begins or ends on the 28th.
 *
 * @example calendarOf({ waters: [], swims: [], kit: [], outings: [] }, now) // []
 */
export function calendarOf({ waters, swims, kit, outings }: CalendarBook, nowMs: number): CalendarEntry[] {
  const year = new Date(nowMs).getUTCFullYear();
  const waterName = (id: string | null) => waters.find((water) => water.id === id)?.name ?? null;
  const swimName = (id: string | null) => swims.find((swim) => swim.id === id)?.name ?? null;
  return [
    ...waters
      .filter(({ retired }) => !retired)
      .flatMap(({ id, name, rules }) => rules.closedSeasons.map((season) => closedEntry(id, name, season, year))),
    ...outings
      .filter(({ calledOff, toMs }) => !calledOff && toMs > nowMs - PAST_OUTINGS_DAYS * DAY_MS)
      .map(({ outingId, waterId, swimId, fromMs, toMs }) => ({
        uid: outingId,
        title: calendarMessage('outing', { water: waterName(waterId), swim: swimName(swimId) }),
        fromMs,
        toMs,
      })),
    ...kit.filter(({ retired }) => !retired).flatMap(kitEntries),
  ];
}

function closedEntry(waterId: string, water: string, { from, to, species }: ClosedSeason, year: number): CalendarEntry {
  const overNewYear = to.month < from.month || (to.month === from.month && to.day < from.day);
  return {
    uid: `${waterId}-closed-${[from.month, from.day, to.month, to.day, ...species].join('-')}`,
    title: calendarMessage('closed', { water, species }),
    fromDay: dayIn(year, from),
    toDay: dayIn(overNewYear ? year + 1 : year, to),
    yearly: true,
  };
}

function dayIn(year: number, { month, day }: DayOfYear): string {
  const two = (value: number) => String(value).padStart(2, '0');
  // Every year has it.
  const inEveryYear = month === 2 && day === 29 ? 28 : day;
  return `${year}-${two(month)}-${two(inEveryYear)}`;
}

function kitEntries({ id, kind, name, inDateUntil, checkedAt, scale }: CalendarBook['kit'][number]): CalendarEntry[] {
  const onDay = (what: string, day: string, title: Message): CalendarEntry => ({
    uid: `${id}-${what}`,
    title,
    fromDay: day,
    toDay: day,
    yearly: false,
  });
  const checked = [...(scale?.checks ?? []).map(({ at }) => at), ...(checkedAt ? [checkedAt] : [])].sort().at(-1);
  return [
    ...(inDateUntil === null
      ? []
      : [onDay('ends', inDateUntil, calendarMessage(kind === 'licence' ? 'licenceEnds' : 'outOfDate', { name }))]),
    ...(kind === 'scales' && checked !== undefined
      ? [onDay('check', dayAfter(checked, CHECK_EVERY_DAYS), calendarMessage('scaleCheckDue', { name }))]
      : []),
  ];
}

function dayAfter(at: string, days: number): string {
  return new Date(Date.parse(at) + days * DAY_MS).toISOString().slice(0, 10);
}
