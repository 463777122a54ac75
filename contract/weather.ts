import 'reflect-metadata';
import { Type } from 'class-transformer';
import { IsBoolean, IsIn, IsInt, IsNumber, Max, Min } from 'class-validator';
import type { WeatherHour } from '@keeper/core/domain/outing/weather';
import { BEHAVIOURS, DAY_KINDS, type Behaviour, type DayKind } from '@keeper/core/weather/standinDay';
import { IsMoment, Maybe } from './fields.js';

/** What is asked of the weather service. The last two are for the stand-in alone. */
export class ForecastQueryDto {
  @Type(() => Number) @IsNumber() @Min(-90) @Max(90) latitudeDeg: number;
  @Type(() => Number) @IsNumber() @Min(-180) @Max(180) longitudeDeg: number;
  @IsMoment() from: string;
  @Type(() => Number) @IsInt() @Min(1) @Max(72) hours: number;
  @Maybe() @IsIn(DAY_KINDS) day?: DayKind;
  @Maybe() @IsIn(BEHAVIOURS) behave?: Behaviour;
}

/** One hour of a forecast, as it is kept in an outing. */
export class WeatherHourDto implements WeatherHour {
  @IsInt() @Min(0) atMs: number;
  @IsNumber() @Min(-60) @Max(60) airC: number;
  @IsNumber() @Min(0) @Max(1) humidity: number;
  @IsNumber() @Min(0) @Max(80) windMs: number;
  @IsNumber() @Min(0) @Max(360) windFromDeg: number;
  @IsNumber() @Min(0) @Max(8) cloudOctas: number;
  @IsNumber() @Min(850) @Max(1100) pressureHpa: number;
  @IsNumber() @Min(0) @Max(200) rainMm: number;
  @IsBoolean() thunder: boolean;
}

export interface Forecast {
  readonly service: string;
  readonly hours: readonly WeatherHour[];
}
