import type { WeatherMessages } from '../../weather/weatherMessages.js';
import type { Texts } from '../texts.js';

export const weatherTexts: Texts<WeatherMessages> = {
  probeWrongLength: ({ byteLength }) => `The probe sent ${byteLength} bytes where 2 belong.`,
  probeNoValue: 'The probe says that it has no value.',
  probeNoWater: ({ tempC }) => `The probe sent ${tempC.toFixed(2)} °C, which no water here has.`,
  forecastEmpty: 'it gave no hours',
  forecastOutOfOrder: 'its hours are out of order',
  forecastNonsense: ({ value, name }) => `it gave ${String(value)} for ${name}`,
};
