import { measureMessage } from './measureMessages.js';
import { ok, err, type Result } from './result.js';
import { tidyMeasureText } from './tidyText.js';

/** The scale in which a keeper thinks; inside, every temperature is in degrees Celsius. */
export type TempUnit = 'C' | 'F';
export const TEMP_UNITS: readonly TempUnit[] = ['C', 'F'];

/** What can be measured on a bank, in degrees C. Fresh water freezes; no fished water is hotter than a bath. */
export const TEMP_BOUNDS = {
  water: { leastC: -1, mostC: 40 },
  air: { leastC: -45, mostC: 55 },
} as const;
export type TempOf = keyof typeof TEMP_BOUNDS;

const WRITTEN = /^(-?\d+(?:\.\d+)?)\s*(?:°|deg(?:rees)?)?\s*(c|f|celsius|fahrenheit)?$/;

/** Degrees C from degrees F, exactly. Example: `celsiusOf(80)` is 26.67. */
export function celsiusOf(tempF: number): number {
  return ((tempF - 32) * 5) / 9;
}

/** Degrees F from degrees C, exactly. Example: `fahrenheitOf(20) === 68`. */
export function fahrenheitOf(tempC: number): number {
  return (tempC * 9) / 5 + 32;
}

/**
 * Reads a temperature as it is written; a bare number is taken in `habit`. Refuses what no bank has, with the likely
 * slip. Example: `parseTemperature('68 F', 'C', 'water')` is 20.
 */
export function parseTemperature(text: string, habit: TempUnit, of: TempOf): Result<number> {
  const found = WRITTEN.exec(tidyMeasureText(text));
  if (!found) {
    if (text.trim() === '') return err(measureMessage('temperatureMissing'));
    return err(measureMessage('temperatureNotUnderstood', { text }));
  }
  const scale = found[2] ? found[2].charAt(0).toUpperCase() : habit;
  const degrees = Number(found[1]);
  const tempC = scale === 'F' ? celsiusOf(degrees) : degrees;
  const { leastC, mostC } = TEMP_BOUNDS[of];
  if (tempC >= leastC && tempC <= mostC) return ok(Math.round(tempC * 100) / 100);
  const other = celsiusOf(degrees);
  const meantF = scale === 'C' && other >= leastC && other <= mostC;
  return err(
    meantF
      ? measureMessage('temperatureMeantF', { degrees, of })
      : measureMessage('temperatureNowhere', { of, degrees, scale }),
  );
}

/** As a keeper writes it, to half a degree's worth of sense. Examples: `17.5 °C`, `63.5 °F`. */
export function formatTemperature(tempC: number, habit: TempUnit): string {
  const value = habit === 'F' ? fahrenheitOf(tempC) : tempC;
  return `${value.toFixed(1)} °${habit}`;
}
