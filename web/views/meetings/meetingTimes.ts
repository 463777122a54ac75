import type { Meeting } from '@keeper/core/domain/meeting/meeting';
import { dayText, timeText } from '../../parts/when.js';
import { meetingsText } from './text.en-GB.js';

/** From when to when a meeting goes: a club day by its hours, a longer one by its days. */
export function meetingTimes({ fromAt, toAt }: Pick<Meeting, 'fromAt' | 'toAt'>): string {
  const [from, to] = [dayText(fromAt), dayText(toAt)];
  return from === to
    ? meetingsText.onOneDay({ day: from, from: timeText(new Date(fromAt)), to: timeText(new Date(toAt)) })
    : meetingsText.times({ from, to });
}
