import { parsePastDate } from '../measure/pastDate.js';

/** A day that stands in the name of a file, with the time of day where that does. */
export interface NamedDate {
  /** `YYYY-MM-DD` and `HH:MM:SS`, by the clocks of whoever named it. */
  readonly day: string;
  readonly time: string | null;
}

/** As cameras and telephones write it: `20190614_051233`, `2019-06-14 05.12.33`, `IMG-20190614-WA0007`. */
const STAMP =
  /(?<!\d)((?:19|20)\d\d)[-_. ]?(0[1-9]|1[0-2])[-_. ]?(0[1-9]|[12]\d|3[01])(?!\d)(?:[-_ T.](?:at )?([01]\d|2[0-3])[-_.:h]?([0-5]\d)[-_.:m]?([0-5]\d)?(?!\d))?/;
/** As people write it: `14.6.2019`, `14-06-19`. */
const BY_HAND = /(?<!\d)(\d{1,2})[-_. ](\d{1,2})[-_. ]((?:19|20)?\d\d)(?!\d)/;
const WORDED = /(?<![A-Za-z])(\d{1,2}(?:st|nd|rd|th)? )([A-Za-z]{3,9}) ((?:19|20)\d\d)(?!\d)/;

/**
 * Finds the day in the name of a picture, or in those of the folders that it lies in, the nearest first. A number that
 * could be read two ways is read in the order of the keeper's dates; what is no day, or still to come, is none.
 *
 * @example nameDate('2019/IMG_20190614_051233.jpg', habit) // { day: '2019-06-14', time: '05:12:33' }
 */
export function nameDate(
  path: string,
  habit: { readonly dayFirst: boolean; readonly today: string },
): NamedDate | undefined {
  for (const part of path.split('/').toReversed()) {
    const found = dateIn(part.replace(/\.\w{2,5}$/, ''), habit);
    if (found) return found;
  }
  return undefined;
}

function dateIn(name: string, habit: { readonly dayFirst: boolean; readonly today: string }): NamedDate | undefined {
  const [, year, month, day, hour, minute, second = '00'] = STAMP.exec(name) ?? [];
  const [, first, next, last] = BY_HAND.exec(name) ?? [];
  const [, dayOf, monthOf, yearOf] = WORDED.exec(name.replaceAll(/[_.]/g, ' ')) ?? [];
  const written =
    year !== undefined
      ? `${year}-${month}-${day}`
      : first !== undefined
        ? `${first}/${next}/${last}`
        : dayOf !== undefined
          ? `${dayOf.trim()} ${monthOf} ${yearOf}`
          : undefined;
  if (written === undefined) return undefined;
  const read = parsePastDate(written, habit);
  if (!read.ok || read.value.as !== 'day') return undefined;
  const isTimed = year !== undefined && hour !== undefined && minute !== undefined;
  return { day: read.value.from, time: isTimed ? `${hour}:${minute}:${second}` : null };
}
