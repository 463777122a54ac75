import type { Message } from '../../measure/message.js';
import { waterMessage } from './waterMessages.js';
import type { SpeciesId } from '../fish/species.js';

/** A day of any year. `month` runs from 1 to 12. */
export interface DayOfYear {
  readonly month: number;
  readonly day: number;
}

/**
 * Days on which a water, or some species in it, must not be fished; both ends belong to it. It may run over the turn of
 * the year.
 */
export interface ClosedSeason {
  readonly from: DayOfYear;
  readonly to: DayOfYear;
  /** Empty: all fishing. */
  readonly species: readonly SpeciesId[];
}

const DAYS_IN_MONTH = [31, 29, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31];

/** Whether there is such a day; the 29th of February is one. Example: the 31st of June is none. */
export function isDayOfYear({ month, day }: DayOfYear): boolean {
  return Number.isInteger(day) && day >= 1 && day <= (DAYS_IN_MONTH[month - 1] ?? 0);
}

/**
 * Whether a season is closed on a day. One that ends earlier in the year than it begins runs over the new year.
 * Example: from 15 March to 15 June, the 15th of June is closed and the 16th is open.
 */
export function isClosedOn({ from, to }: Pick<ClosedSeason, 'from' | 'to'>, on: DayOfYear): boolean {
  const [start, end, day] = [rank(from), rank(to), rank(on)];
  return start <= end ? day >= start && day <= end : day >= start || day <= end;
}

function rank({ month, day }: DayOfYear): number {
  return month * 100 + day;
}

/** Example: `15 March`. */
export function dayOfYearMessage({ month, day }: DayOfYear): Message {
  return waterMessage('dayOfYear', { month, day });
}
