/** The weather at one moment, as a forecast gives it for the hour. */
export interface WeatherHour {
  readonly atMs: number;
  readonly airC: number;
  /** Relative humidity as a share of 1. */
  readonly humidity: number;
  readonly windMs: number;
  /** Where the wind comes from, degrees clockwise from north. */
  readonly windFromDeg: number;
  /** Cloud cover in eighths of the sky. */
  readonly cloudOctas: number;
  /** Reduced to sea level. */
  readonly pressureHpa: number;
  readonly rainMm: number;
  readonly thunder: boolean;
}

/**
 * The weather at a moment between the hours of a forecast: numbers in between, the wind's direction and thunder from
 * the nearer hour. Before the first hour and after the last one those stand. The hours come in order and are not empty.
 * Example: 20 degrees at 10:00 and 24 at 11:00 give 21 at 10:15.
 */
export function weatherAt(hours: readonly WeatherHour[], atMs: number): WeatherHour {
  const [first, last] = [hours[0], hours.at(-1)];
  if (!first || !last) throw new RangeError('A forecast without hours says nothing.');
  if (atMs <= first.atMs) return { ...first, atMs };
  if (atMs >= last.atMs) return { ...last, atMs };
  const i = hours.findIndex((hour) => hour.atMs > atMs);
  const [a, b] = [hours[i - 1] ?? first, hours[i] ?? last];
  const t = (atMs - a.atMs) / (b.atMs - a.atMs);
  const between = (of: (hour: WeatherHour) => number) => of(a) + t * (of(b) - of(a));
  const nearer = t < 0.5 ? a : b;
  return {
    atMs,
    airC: between((hour) => hour.airC),
    humidity: between((hour) => hour.humidity),
    windMs: between((hour) => hour.windMs),
    windFromDeg: nearer.windFromDeg,
    cloudOctas: between((hour) => hour.cloudOctas),
    pressureHpa: between((hour) => hour.pressureHpa),
    rainMm: nearer.rainMm,
    thunder: nearer.thunder,
  };
}

/** Mean air temperature of a forecast, in degrees C: what the ground under the grass keeps to, more or less. */
export function meanAirC(hours: readonly WeatherHour[]): number {
  return hours.reduce((sum, { airC }) => sum + airC, 0) / hours.length;
}
