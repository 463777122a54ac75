import type { CaptureState } from '@keeper/core/domain/capture/captureState';
import type { Taken } from '@keeper/core/domain/capture/event';
import { localTime, momentThere } from '@keeper/core/measure/localTime';
import { momentStandingFor, parsePastDate, type PastDateHabit } from '@keeper/core/measure/pastDate';
import { pastDateText } from '../../parts/when.js';
import { say } from '../../text/say.js';
import { captureText } from './text.en-GB.js';

/** A day and a time as they are being typed. */
export interface TypedTaken {
  readonly day: string;
  readonly time: string;
}

/** When it was, or what keeps what was typed from being a time. */
export type ReadTaken =
  | { readonly taken: Taken; readonly problem?: undefined; readonly field?: undefined }
  | { readonly taken?: undefined; readonly problem: string; readonly field: keyof TypedTaken };

type OfFish = Pick<CaptureState, 'startedAt' | 'zone' | 'dated' | 'origin'>;

const TIME = /^([01]?\d|2[0-3])[:.]([0-5]\d)$/;

/** What stands in the book, as one would type it. */
export function typedTaken({ startedAt, zone, dated }: OfFish): TypedTaken {
  if (dated) return { day: pastDateText(dated), time: '' };
  const there = localTime(startedAt ?? '', zone);
  return there
    ? { day: pastDateText({ as: 'day', from: there.day, to: there.day }), time: there.iso.slice(11, 16) }
    : { day: '', time: '' };
}

/**
 * Reads when a fish was taken. Of one that was tapped on the bank or begun from a picture the moment is known; of one
 * that is remembered as much as is written.
 */
export function readTaken(
  { day, time }: TypedTaken,
  { zone, origin }: OfFish,
  habit: PastDateHabit & { readonly nowMs: number },
): ReadTaken {
  const date = parsePastDate(day, habit);
  if (!date.ok) return { field: 'day', problem: say(date.reason) };
  const dated = date.value;
  const typed = time.trim();
  if (typed === '' && origin === 'memory') return { taken: { at: momentStandingFor(dated), dated } };
  if (dated.as !== 'day') return { field: 'day', problem: captureText.aWholeDay };
  const [, hour = '', minute = ''] = TIME.exec(typed) ?? [];
  if (hour === '') return { field: 'time', problem: captureText.writeTheTime };
  const at = momentThere(`${dated.from}T${hour.padStart(2, '0')}:${minute}`, zone);
  if (Date.parse(at) > habit.nowMs) return { field: 'time', problem: captureText.stillToCome };
  return { taken: { at } };
}
