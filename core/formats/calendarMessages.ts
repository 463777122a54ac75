import type { SpeciesId } from '../domain/fish/species.js';
import { messagesOf } from '../measure/message.js';

/** What stands in a calendar. */
export interface CalendarMessages {
  /** A season at a water; no species: all fishing. */
  closed: { water: string; species: readonly SpeciesId[] };
  outing: { water: string | null; swim: string | null };
  /** The last day on which a licence or ticket is good, or a care kit in date. */
  licenceEnds: { name: string };
  outOfDate: { name: string };
  scaleCheckDue: { name: string };
}

export const calendarMessage = messagesOf<CalendarMessages>('calendar');
