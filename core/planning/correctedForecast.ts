import type { WeatherHour } from '../domain/outing/weather.js';
import { weatherAt } from '../domain/outing/weather.js';
import type { OutingState, TakenCondition } from '../domain/outing/outingState.js';
import { HOUR_MS } from '../measure/timeSpan.js';

type Noted = 'airC' | 'cloudOctas' | 'windMs';

const STANDS_MS = HOUR_MS;
const FADES_MS = 3 * HOUR_MS;
/**
 * What is taken for granted where nothing was noted: a light air, neither dry nor damp (common practice, no source).
 */
const PLAIN = { humidity: 0.65, windMs: 1.5, windFromDeg: 0, pressureHpa: 1013.25, rainMm: 0, thunder: false };

/**
 * The hours of weather that an outing is judged by: the forecast, set right by what the keeper noted. A note counts in
 * full for an hour, then fades over three. Without a forecast, the air and sky that were noted stand to the end; with
 * neither there are no hours. Example: forecast 20 degrees C all day, noted 26 at noon: 26 until one, 24 at two, 22 at
 * three, then 20.
 */
export function correctedForecast(
  state: Pick<OutingState, 'forecast' | 'conditions' | 'fromMs' | 'toMs'>,
): readonly WeatherHour[] {
  const { forecast, conditions } = state;
  if (!forecast || forecast.hours.length === 0) return hoursOfNotes(state);
  const anyNoted = conditions.some(({ airC, cloudOctas, windMs }) => (airC ?? cloudOctas ?? windMs) !== undefined);
  if (!anyNoted) return forecast.hours;
  return forecast.hours.map((hour) => ({
    ...hour,
    airC: setRight(hour, 'airC', conditions, forecast.hours),
    cloudOctas: Math.min(8, Math.max(0, setRight(hour, 'cloudOctas', conditions, forecast.hours))),
    windMs: Math.max(0, setRight(hour, 'windMs', conditions, forecast.hours)),
  }));
}

function setRight(
  hour: WeatherHour,
  kind: Noted,
  conditions: readonly TakenCondition[],
  hours: readonly WeatherHour[],
): number {
  const note = noteFor(kind, conditions, hour.atMs);
  if (!note) return hour[kind];
  const apartMs = Math.abs(hour.atMs - note.atMs);
  const share = Math.min(1, Math.max(0, 1 - (apartMs - STANDS_MS) / FADES_MS));
  return hour[kind] + share * (note.value - weatherAt(hours, note.atMs)[kind]);
}

/** The newest note not later than a moment, else the first one after it. */
function noteFor(
  kind: Noted,
  conditions: readonly TakenCondition[],
  atMs: number,
): { readonly atMs: number; readonly value: number } | null {
  const noted = conditions.flatMap((each) => {
    const value = each[kind];
    return value === undefined ? [] : [{ atMs: each.atMs, value }];
  });
  return noted.findLast((each) => each.atMs <= atMs) ?? noted[0] ?? null;
}

function hoursOfNotes({
  conditions,
  fromMs,
  toMs,
}: Pick<OutingState, 'conditions' | 'fromMs' | 'toMs'>): WeatherHour[] {
  const first = Math.floor(fromMs / HOUR_MS) * HOUR_MS;
  return Array.from({ length: Math.ceil((toMs - first) / HOUR_MS) + 1 }, (_, i) => first + i * HOUR_MS).flatMap(
    (atMs) => {
      const [air, cloud] = [noteFor('airC', conditions, atMs), noteFor('cloudOctas', conditions, atMs)];
      if (!air || !cloud) return [];
      const windMs = noteFor('windMs', conditions, atMs)?.value ?? PLAIN.windMs;
      return [{ ...PLAIN, atMs, airC: air.value, cloudOctas: cloud.value, windMs }];
    },
  );
}
