import { Module } from '@nestjs/common';
import { standinWeather } from '@keeper/standins/weather';
import { WeatherController } from './weather.controller.js';
import { WEATHER_SOURCE, wait, type WeatherSource } from './weatherSource.js';

/** Ships with the simulated service; an adapter to a real one is provided in its place. */
const simulated: WeatherSource = (day, behaviour) => standinWeather(day ?? 'as-it-falls', behaviour ?? 'well', wait);

@Module({ controllers: [WeatherController], providers: [{ provide: WEATHER_SOURCE, useValue: simulated }] })
export class WeatherModule {}
