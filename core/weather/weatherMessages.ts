import { messagesOf, type None } from '../measure/message.js';

/** Why a probe or a forecast is not believed. */
export interface WeatherMessages {
  probeWrongLength: { byteLength: number };
  probeNoValue: None;
  probeNoWater: { tempC: number };
  forecastEmpty: None;
  forecastOutOfOrder: None;
  forecastNonsense: { value: number; name: string };
}

export const weatherMessage = messagesOf<WeatherMessages>('weather');
