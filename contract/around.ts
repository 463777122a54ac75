import 'reflect-metadata';
import { IsBoolean, IsInt, IsNumber, Max, Min } from 'class-validator';
import { MOST_OXYGEN_MGL } from '@keeper/core/care/oxygen';
import { TEMP_BOUNDS } from '@keeper/core/measure/temperature';
import { Maybe } from './fields.js';

/** What it was like when a fish was hooked. */
export class ConditionsDto {
  @Maybe() @IsNumber() @Min(TEMP_BOUNDS.water.leastC) @Max(TEMP_BOUNDS.water.mostC) waterC?: number;
  @Maybe() @IsNumber() @Min(TEMP_BOUNDS.air.leastC) @Max(TEMP_BOUNDS.air.mostC) airC?: number;
  @Maybe() @IsNumber() @Min(0) @Max(MOST_OXYGEN_MGL) oxygenMgL?: number;
  @Maybe() @IsInt() @Min(0) @Max(20) companions?: number;
  @Maybe() @IsBoolean() dark?: boolean;
  @Maybe() @IsBoolean() thunder?: boolean;
}
