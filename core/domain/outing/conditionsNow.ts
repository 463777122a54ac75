import { weatherAt, type WeatherHour } from './weather.js';
import { decidingWater } from './decidingWater.js';
import { newest, type OutingState } from './outingState.js';
import { HOUR_MS } from '../../measure/timeSpan.js';

/**
 * How it is at an outing: what was measured, and where air was not, what was forecast. Temperatures in °C, oxygen in
 * mg/L.
 */
export interface ConditionsNow {
  readonly waterC: number | null;
  /** The water below the surface, where it decides. */
  readonly deepC: number | null;
  readonly airC: number | null;
  readonly oxygenMgL: number | null;
  readonly pressureHpa: number | null;
  readonly weather: WeatherHour | null;
  /** Thunder in the hour that runs or the next. */
  readonly thunder: boolean;
}

/**
 * The conditions of a moment, from the log alone: quick enough for the tap that begins a fish. Measurements come before
 * the forecast. Example: with neither a reading nor a forecast everything is null and nothing thunders.
 */
export function conditionsNow(state: OutingState, momentMs: number): ConditionsNow {
  const weather = state.forecast ? weatherAt(state.forecast.hours, momentMs) : null;
  const seen = (kind: 'airC' | 'oxygenMgL' | 'pressureHpa') => newest(state, kind, momentMs + HOUR_MS)?.value ?? null;
  const deciding = decidingWater(state, momentMs + HOUR_MS);
  return {
    weather,
    waterC: deciding?.waterC ?? null,
    deepC: deciding?.deepC ?? null,
    airC: seen('airC') ?? weather?.airC ?? null,
    oxygenMgL: seen('oxygenMgL'),
    pressureHpa: seen('pressureHpa') ?? weather?.pressureHpa ?? null,
    thunder: thunderSoon(state, momentMs),
  };
}

function thunderSoon({ forecast }: OutingState, momentMs: number): boolean {
  return (forecast?.hours ?? []).some(
    ({ thunder, atMs }) => thunder && atMs > momentMs - HOUR_MS && atMs <= momentMs + HOUR_MS,
  );
}
