import type { Message } from '../measure/message.js';
import { weatherMessage } from './weatherMessages.js';
import type { Position } from '../domain/water/water.js';
import type { WeatherHour } from '../domain/outing/weather.js';

/** What is asked of a weather service. */
export interface ForecastWanted {
  readonly position: Position;
  readonly fromMs: number;
  readonly hours: number;
}

/**
 * Whoever gives forecasts: the stand-in that ships, or an adapter to a real service. Its answer is checked before it is
 * believed.
 */
export interface WeatherService {
  readonly name: string;
  forecast(wanted: ForecastWanted): Promise<readonly WeatherHour[]>;
}

/** Bounds outside which a forecast is nonsense and is not taken. */
const BELIEVABLE: Readonly<
  Record<'airC' | 'humidity' | 'windMs' | 'windFromDeg' | 'cloudOctas' | 'pressureHpa' | 'rainMm', [number, number]>
> = {
  airC: [-60, 60],
  humidity: [0, 1],
  // A mean of the hour; the strongest storms of these latitudes stay below, and the heat of mat and bucket is good up
  // to here.
  windMs: [0, 40],
  windFromDeg: [0, 360],
  cloudOctas: [0, 8],
  pressureHpa: [850, 1100],
  rainMm: [0, 200],
};

/**
 * Why a forecast cannot be believed; null when it can. Hours must be there, be in order, and hold numbers
 * that weather has. Example: air of 480 degrees is refused by name.
 */
export function whyNotBelieved(hours: readonly WeatherHour[]): Message | null {
  if (hours.length === 0) return weatherMessage('forecastEmpty');
  for (const [i, hour] of hours.entries()) {
    if (!Number.isFinite(hour.atMs) || (i > 0 && hour.atMs <= (hours[i - 1]?.atMs ?? 0)))
      return weatherMessage('forecastOutOfOrder');
    for (const [name, [least, most]] of Object.entries(BELIEVABLE)) {
      const value = hour[name as keyof typeof BELIEVABLE];
      if (typeof value !== 'number' || !(value >= least && value <= most))
        return weatherMessage('forecastNonsense', { value, name });
    }
  }
  return null;
}
