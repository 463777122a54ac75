import { Module } from '@nestjs/common';
import { WeatherController } from './weather.controller.js';

@Module({ controllers: [WeatherController] })
export class WeatherModule {}
