import type { Behaviour, DayKind } from '@keeper/core/weather/standinDay';
import type { WeatherService } from '@keeper/core/weather/weatherService';

/** Where forecasts come from: injected, so that nothing else knows which service it is. */
export const WEATHER_SOURCE = Symbol('where forecasts come from');

/**
 * The service to ask. What day it is to be, and how it is to behave, only a simulated one can be told; a real one does
 * not listen.
 */
export type WeatherSource = (day?: DayKind, behaviour?: Behaviour) => WeatherService;

export const wait = (ms: number) => new Promise<void>((resolve) => setTimeout(resolve, ms).unref());
