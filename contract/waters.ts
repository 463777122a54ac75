import 'reflect-metadata';
import {
  ArrayMaxSize,
  IsArray,
  IsBoolean,
  IsIn,
  IsInt,
  IsNumber,
  IsOptional,
  Matches,
  Max,
  Min,
  ValidateIf,
} from 'class-validator';
import { SPECIES_IDS, type SpeciesId } from '@keeper/core/domain/fish/species';
import { TEMP_BOUNDS } from '@keeper/core/measure/temperature';
import { LEAST_ALTITUDE_M, MOST_ALTITUDE_M } from '@keeper/core/weather/atmosphere';
import { OWN_KIT_RULES, type OwnKitRule } from '@keeper/core/domain/water/rules';
import { WATER_KINDS, type Water, type WaterKind } from '@keeper/core/domain/water/water';
import { IsDayOfYear } from './dayOfYear.js';
import { WaterPracticesDto } from './practices.js';
import type { Revisioned } from './rows.js';
import { IsOverLeast } from './possible.js';
import { IsText, IsName, Nested, NestedList, Maybe } from './fields.js';

const LATITUDE = 'A latitude runs from -90 in the south to 90 in the north.';
const LONGITUDE = 'A longitude runs from -180 in the west to 180 in the east.';
const ALTITUDE = `A height above the sea is between ${LEAST_ALTITUDE_M} and ${MOST_ALTITUDE_M} m. Write it in metres.`;
const SALINITY = 'Salinity runs from 0 in fresh water to 40; the open sea has 35.';
const COUNTRY = 'A country is written by its two capital letters.';
const MINUTES = 'Say for how many minutes a fish may be retained: whole ones, twelve hours at most.';
const STOP_LINE = `A temperature limit lies between 0 and ${TEMP_BOUNDS.water.mostC} degrees C.`;

export class PositionDto {
  @IsNumber({}, { message: LATITUDE })
  @Min(-90, { message: LATITUDE })
  @Max(90, { message: LATITUDE })
  latitudeDeg: number;
  @IsNumber({}, { message: LONGITUDE })
  @Min(-180, { message: LONGITUDE })
  @Max(180, { message: LONGITUDE })
  longitudeDeg: number;
}

export class DayOfYearDto {
  @IsInt() @Min(1) @Max(12) month: number;
  @IsInt() @Min(1) @Max(31) day: number;
}

export class ClosedSeasonDto {
  @IsDayOfYear() @Nested(() => DayOfYearDto) from: DayOfYearDto;
  @IsDayOfYear() @Nested(() => DayOfYearDto) to: DayOfYearDto;
  @IsArray() @ArrayMaxSize(20) @IsIn(SPECIES_IDS, { each: true }) species: SpeciesId[];
}

export class StopTemperatureDto {
  @IsIn(SPECIES_IDS) species: SpeciesId;
  @IsNumber({}, { message: STOP_LINE })
  @Min(0, { message: STOP_LINE })
  @Max(TEMP_BOUNDS.water.mostC, { message: STOP_LINE })
  tempC: number;
}

export class RetentionDto {
  @IsIn(['none', 'minutes']) kind: 'none' | 'minutes';
  @ValidateIf((retention: RetentionDto) => retention.kind === 'minutes' || retention.most !== undefined)
  @IsInt({ message: MINUTES })
  @Min(1, { message: MINUTES })
  @Max(720, { message: MINUTES })
  most?: number;
}

const LEGAL = 'A legal size is a length between 1 cm and 3 m, and the least lies under the most.';

export class LegalSizeDto {
  @IsIn(SPECIES_IDS) species: SpeciesId;
  @IsOptional() @IsInt({ message: LEGAL }) @Min(10, { message: LEGAL }) @Max(3000, { message: LEGAL }) leastMm:
    number | null;
  @IsOptional()
  @IsInt({ message: LEGAL })
  @Min(10, { message: LEGAL })
  @Max(3000, { message: LEGAL })
  @IsOverLeast()
  mostMm: number | null;
}

export class WaterRulesDto {
  @IsBoolean() barblessOnly: boolean;
  @IsOptional() @Nested(() => RetentionDto) retention: RetentionDto | null;
  @IsOptional() @IsIn(['allowed', 'forbidden']) treatments: 'allowed' | 'forbidden' | null;
  @IsOptional() @IsIn(OWN_KIT_RULES) ownKit: OwnKitRule | null;
  @IsOptional()
  @IsInt({ message: 'The least mat is a length, in whole centimetres.' })
  @Min(300, { message: 'A mat shorter than 30 cm protects no fish.' })
  @Max(3000, { message: 'No mat is longer than 3 m.' })
  leastMatMm: number | null;
  @IsOptional()
  @IsInt({ message: 'The least net is a width, in whole centimetres.' })
  @Min(200, { message: 'A net narrower than 20 cm holds no fish.' })
  @Max(2000, { message: 'No landing net is wider than 2 m.' })
  leastNetMm: number | null;
  @NestedList(() => ClosedSeasonDto, { most: 12 })
  closedSeasons: ClosedSeasonDto[];
  @NestedList(() => StopTemperatureDto, { most: 20 })
  stopTemperatures: StopTemperatureDto[];
  @Maybe() @NestedList(() => LegalSizeDto, { most: 20 }) legalSizes: LegalSizeDto[] = [];
  @Maybe()
  @IsArray()
  @ArrayMaxSize(40)
  @IsText(200, { each: true })
  closedAreas: string[] = [];
  @Maybe() @IsBoolean() guideNeeded: boolean = false;
}

/** A water as it is written. `revision` is the one it was read at; 0 for a new water. */
export class WriteWaterDto {
  @IsName(120, 'A water needs a name that you will know it by.')
  name: string;
  @IsIn(WATER_KINDS) kind: WaterKind;
  @IsOptional() @Nested(() => PositionDto) position?: PositionDto | null;
  @IsOptional()
  @IsNumber({}, { message: ALTITUDE })
  @Min(LEAST_ALTITUDE_M, { message: ALTITUDE })
  @Max(MOST_ALTITUDE_M, { message: ALTITUDE })
  altitudeM?: number | null;
  @Maybe()
  @IsNumber({}, { message: SALINITY })
  @Min(0, { message: SALINITY })
  @Max(40, { message: SALINITY })
  salinity?: number;
  @Maybe() @Nested(() => WaterRulesDto) rules?: WaterRulesDto;
  @IsOptional() @Nested(() => WaterPracticesDto) practices?: WaterPracticesDto | null;
  @IsOptional() @Matches(/^[A-Z]{2}$/, { message: COUNTRY }) country?: string | null;
  @IsOptional() @IsText(400) meetingPoint?: string | null;
  @IsOptional() @IsText(4000) note?: string | null;
  @Maybe() @IsBoolean() retired?: boolean;
  @IsInt() @Min(0) revision: number;
}

/** A water of the book; one that was archived is still named by its fish and outings. */
export type KeptWater = Revisioned<Water> & { readonly retired: boolean };
