import type { WeatherHour } from '@keeper/core/domain/outing/weather';
import type { Behaviour, DayKind } from '@keeper/core/weather/standinDay';
import type { ForecastWanted, WeatherService } from '@keeper/core/weather/weatherService';
import { createRng } from '@keeper/core/statistics/rng';
import type { Position } from '@keeper/core/domain/water/water';
import { asItFalls } from './behaviour.js';
import { DAY_MS, HOUR_MS } from '@keeper/core/measure/timeSpan';

type RealDay = Exclude<DayKind, 'as-it-falls'>;

/** What each kind of day does to the mean of the season, in degrees C, and how it is otherwise. */
const DAYS: Readonly<
  Record<
    RealDay,
    { warmer: number; swing: number; cloud: number; wind: number; humidity: number; pressure: number; rain: number }
  >
> = {
  mild: { warmer: 0, swing: 4.5, cloud: 4, wind: 3, humidity: 0.68, pressure: 1016, rain: 0 },
  heatwave: { warmer: 7.5, swing: 7, cloud: 0.4, wind: 1.4, humidity: 0.5, pressure: 1021, rain: 0 },
  frost: { warmer: -7, swing: 4, cloud: 0.6, wind: 1.2, humidity: 0.85, pressure: 1032, rain: 0 },
  thunder: { warmer: 4, swing: 5.5, cloud: 4, wind: 3.5, humidity: 0.72, pressure: 1006, rain: 3 },
  grey: { warmer: -1.5, swing: 1.8, cloud: 7.6, wind: 4, humidity: 0.85, pressure: 1004, rain: 0.5 },
};

/**
 * Mean of air for the day of the year at a latitude, in degrees C: invented, of the right size for the middle
 * latitudes.
 */
function seasonMeanC(atMs: number, { latitudeDeg }: Position): number {
  const north = latitudeDeg >= 0 ? 1 : -1;
  const dayOfYear = (atMs % (365.25 * DAY_MS)) / DAY_MS;
  const swing = 0.2 * Math.min(Math.abs(latitudeDeg), 60);
  return (
    27 - 0.32 * Math.abs(latitudeDeg) + north * swing * 0.85 * Math.cos((2 * Math.PI * (dayOfYear - 201)) / 365.25)
  );
}

/**
 * Which kind of day it is at a place on a date, always the same. Heatwaves fall in warm seasons, frosts in cold ones.
 */
export function dayKindOf(atMs: number, position: Position): RealDay {
  const luck = createRng(
    `day ${Math.floor(localMs(atMs, position) / DAY_MS)} ${position.latitudeDeg} ${position.longitudeDeg}`,
  );
  const mean = seasonMeanC(atMs, position);
  const kinds: RealDay[] = ['mild', 'mild', 'grey', 'grey'];
  if (mean > 15) kinds.push('heatwave', 'thunder', 'mild');
  if (mean < 7) kinds.push('frost', 'grey');
  return luck.pick(kinds);
}

/** Mean solar time of a place: the stand-in's days turn with the sun, not with a time zone. */
function localMs(atMs: number, { longitudeDeg }: Position): number {
  return atMs + (longitudeDeg / 15) * HOUR_MS;
}

/** The weather of one hour at a place on a day of a kind. */
export function standinHour(atMs: number, position: Position, kind: DayKind): WeatherHour {
  const real = kind === 'as-it-falls' ? dayKindOf(atMs, position) : kind;
  const day = DAYS[real];
  const local = localMs(atMs, position);
  const luck = createRng(`hour ${Math.floor(local / HOUR_MS)} ${position.latitudeDeg}`);
  const hour = (local % DAY_MS) / HOUR_MS;
  // Coolest at five, warmest at fifteen: a slow rise and a slower fall.
  const phase = hour < 5 ? (hour + 9) / 14 : hour < 15 ? 1 + (hour - 5) / 10 : (hour - 15) / 14;
  const swing = day.swing * Math.cos(Math.PI * phase);
  const airC = seasonMeanC(atMs, position) + day.warmer + swing + 0.3 * luck.normal();
  const storm = real === 'thunder' && hour >= 15 && hour < 19;
  return {
    atMs,
    airC: round(airC, 1),
    humidity: round(clamp(day.humidity - 0.025 * swing + 0.02 * luck.normal(), 0.25, 1), 2),
    windMs: round(
      Math.max(
        0.2,
        day.wind * (1 + 0.3 * Math.sin((Math.PI * (hour - 6)) / 12)) + 0.4 * luck.normal() + (storm ? 5 : 0),
      ),
      1,
    ),
    windFromDeg: Math.round((((210 + 15 * luck.normal()) % 360) + 360) % 360),
    cloudOctas: round(clamp(day.cloud + 0.5 * luck.normal() + (storm ? 4 : 0), 0, 8), 1),
    pressureHpa: round(day.pressure + 0.4 * luck.normal(), 1),
    rainMm: storm || real === 'grey' ? round(day.rain * luck.between(0.2, 1), 1) : 0,
    thunder: storm,
  };
}

/** A weather service that needs no network: hourly, seeded by place and date, and able to misbehave. */
export function standinWeather(
  kind: DayKind,
  behaviour: Behaviour,
  wait: (ms: number) => Promise<void>,
): WeatherService {
  return {
    name: 'simulated weather service',
    forecast: async ({ position, fromMs, hours }: ForecastWanted) => {
      await asItFalls(behaviour, wait, 'The weather service does not answer.');
      const first = Math.floor(fromMs / HOUR_MS) * HOUR_MS;
      const given = Array.from({ length: hours }, (_, i) => standinHour(first + i * HOUR_MS, position, kind));
      return behaviour === 'nonsense'
        ? given.map((hour, i) => (i % 5 === 3 ? { ...hour, airC: 480 + i } : hour))
        : given;
    },
  };
}

/**
 * What the margin of a still water would be on such a day, in degrees C: the season's mean, a little of the day's, and
 * a small swing that lags the air. The stand-in probe hangs in it.
 */
export function standinWaterC(atMs: number, position: Position, kind: DayKind): number {
  const real = kind === 'as-it-falls' ? dayKindOf(atMs, position) : kind;
  const hour = (localMs(atMs, position) % DAY_MS) / HOUR_MS;
  const swing = 0.16 * DAYS[real].swing * Math.cos((Math.PI * (hour - 17)) / 12);
  return Math.max(1.5, seasonMeanC(atMs - 20 * DAY_MS, position) + 1 + 0.55 * DAYS[real].warmer + swing);
}

function clamp(value: number, least: number, most: number): number {
  return Math.min(most, Math.max(least, value));
}

function round(value: number, digits: number): number {
  return Number(value.toFixed(digits));
}
