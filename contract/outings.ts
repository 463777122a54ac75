import 'reflect-metadata';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  ArrayMinSize,
  ArrayUnique,
  IsArray,
  IsBoolean,
  IsDefined,
  IsIn,
  IsInt,
  IsISO8601,
  IsNotEmpty,
  IsNumber,
  IsOptional,
  IsString,
  IsUUID,
  Max,
  MaxLength,
  Min,
  ValidateNested,
} from 'class-validator';
import type { MatFace } from '@keeper/core/care/mat';
import { MOST_OXYGEN_MGL } from '@keeper/core/care/oxygen';
import { SPECIES_IDS, type SpeciesId } from '@keeper/core/fish/species';
import { TEMP_BOUNDS } from '@keeper/core/measure/temperature';
import {
  CARE_KINDS,
  CONDITION_SOURCES,
  WATER_DEPTHS,
  type CareKind,
  type ConditionSource,
  type OutingEvent,
  type OutingEventType,
  type WaterDepth,
} from '@keeper/core/outing/event';
import { LayoutDto } from './layout.js';
import { WeatherHourDto } from './weather.js';

const { water, air } = TEMP_BOUNDS;
const WATER = `Water lies between ${water.leastC} and ${water.mostC} degrees C. Look at the thermometer again.`;
const OXYGEN = `Oxygen lies between 0 and ${MOST_OXYGEN_MGL} mg/L.`;

export class OutingPlannedDto {
  @IsUUID() waterId: string;
  @IsISO8601({ strict: true }) fromAt: string;
  @IsISO8601({ strict: true }) toAt: string;
  @IsInt() @Min(0) @Max(9) companions: number;
  @IsArray() @ArrayUnique() @IsIn(SPECIES_IDS, { each: true }) expected: SpeciesId[];
}

export class SwimTakenDto {
  @IsUUID() swimId: string;
}

export class ConditionTakenDto {
  @IsIn(CONDITION_SOURCES) source: ConditionSource;
  @IsOptional()
  @IsNumber({}, { message: WATER })
  @Min(water.leastC, { message: WATER })
  @Max(water.mostC, { message: WATER })
  waterC?: number;
  @IsOptional() @IsIn(WATER_DEPTHS) depth?: WaterDepth;
  @IsOptional() @IsNumber() @Min(air.leastC) @Max(air.mostC) airC?: number;
  @IsOptional() @IsNumber() @Min(0) @Max(8) cloudOctas?: number;
  @IsOptional() @IsNumber() @Min(0) @Max(80) windMs?: number;
  @IsOptional() @IsNumber() @Min(0) @Max(360) windFromDeg?: number;
  @IsOptional() @IsNumber() @Min(850) @Max(1100) pressureHpa?: number;
  @IsOptional()
  @IsNumber({}, { message: OXYGEN })
  @Min(0, { message: OXYGEN })
  @Max(MOST_OXYGEN_MGL, { message: OXYGEN })
  oxygenMgL?: number;
  @IsISO8601({ strict: true }) when: string;
}

export class ForecastTakenDto {
  @IsArray()
  @ArrayMinSize(1)
  @ArrayMaxSize(72)
  @ValidateNested({ each: true })
  @Type(() => WeatherHourDto)
  hours: WeatherHourDto[];
}

export class CareDoneDto {
  @IsIn(CARE_KINDS) kind: CareKind;
  @IsOptional() @IsIn(['up', 'down']) face?: MatFace;
  @IsISO8601({ strict: true }) when: string;
}

export class LaidOutDto {
  @IsDefined() @ValidateNested() @Type(() => LayoutDto) layout: LayoutDto;
}

export class ItemCheckedDto {
  @IsString() @IsNotEmpty() @MaxLength(64) item: string;
  @IsBoolean() done: boolean;
}

export class RunDroppedDto {}

export class OutingEndedDto {
  @IsOptional() @IsString() @MaxLength(4000) note?: string;
}

export class TakenBackDto {
  @IsUUID() eventId: string;
}

/** The payload class of each event of an outing. */
export const OUTING_PAYLOADS: Readonly<Record<OutingEventType, new () => object>> = {
  'outing-planned': OutingPlannedDto,
  'swim-taken': SwimTakenDto,
  'condition-taken': ConditionTakenDto,
  'forecast-taken': ForecastTakenDto,
  'care-done': CareDoneDto,
  'laid-out': LaidOutDto,
  'item-checked': ItemCheckedDto,
  'run-dropped': RunDroppedDto,
  'outing-ended': OutingEndedDto,
  'taken-back': TakenBackDto,
};

/** One outing with all its events, as the server keeps them. */
export interface OutingEvents {
  readonly outingId: string;
  readonly events: readonly OutingEvent[];
}
