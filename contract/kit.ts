import 'reflect-metadata';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  ArrayMinSize,
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
  Matches,
  Max,
  MaxLength,
  Min,
  ValidateNested,
} from 'class-validator';
import { KIT_KINDS, type KitItem, type KitKind } from '@keeper/core/bank/kit';
import { SCALE_CLASSES, type ScaleClass } from '@keeper/core/weighing/permissibleError';
import { MassDto } from './events.js';
import type { Shelved } from './rows.js';
import { Trim } from './waters.js';

const SIZE = 'A size is a length between 1 cm and 5 m.';

export class TareNoteDto {
  @IsISO8601({ strict: true }) at: string;
  @IsBoolean() wet: boolean;
  @IsDefined() @ValidateNested() @Type(() => MassDto) mass: MassDto;
  @IsOptional() @IsNumber() @Min(0) @Max(24 * 60) hungMin?: number;
}

const KNOWN = 'A known mass is between 1 g and 200 kg.';

export class CheckPointDto {
  @IsIn(['known-mass', 'water']) how: 'known-mass' | 'water';
  @IsNumber({}, { message: KNOWN }) @Min(1, { message: KNOWN }) @Max(200_000, { message: KNOWN }) trueGrams: number;
  @IsNumber() @Min(0.001) @Max(5000) uGrams: number;
  @IsDefined() @ValidateNested() @Type(() => MassDto) shown: MassDto;
}

export class ScaleCheckDto {
  @IsISO8601({ strict: true }) at: string;
  @IsArray()
  @ArrayMinSize(3, { message: 'A check needs at least three known masses.' })
  @ArrayMaxSize(40)
  @ValidateNested({ each: true })
  @Type(() => CheckPointDto)
  points: CheckPointDto[];
}

export class ScaleNatureDto {
  @IsDefined() @ValidateNested() @Type(() => MassDto) division: MassDto;
  @IsIn(SCALE_CLASSES) scaleClass: ScaleClass;
  @IsArray() @ArrayMaxSize(200) @ValidateNested({ each: true }) @Type(() => ScaleCheckDto) checks: ScaleCheckDto[];
}

export class DisinfectionDto {
  @IsISO8601({ strict: true }) at: string;
  @IsIn(['dipped', 'dried']) how: 'dipped' | 'dried';
}

export class LastWaterDto {
  @IsUUID() waterId: string;
  @IsISO8601({ strict: true }) at: string;
}

/** A thing of the kit as it is written. */
export class WriteKitItemDto {
  @IsIn(KIT_KINDS) kind: KitKind;
  @Trim()
  @IsString()
  @IsNotEmpty({ message: 'It needs a name that you will know it by.' })
  @MaxLength(120)
  name: string;
  @IsOptional() @IsInt({ message: SIZE }) @Min(10, { message: SIZE }) @Max(5000, { message: SIZE }) sizeMm:
    number | null;
  @IsBoolean() onLanyard: boolean;
  @IsBoolean() spare: boolean;
  @IsBoolean() toReplace: boolean;
  @IsOptional() @IsIn(['full', 'low']) charge: 'full' | 'low' | null;
  @IsOptional()
  @IsISO8601({ strict: true }, { message: 'The last day that it is good, as year-month-day.' })
  @Matches(/^\d{4}-\d{2}-\d{2}$/, { message: 'The last day that it is good, as year-month-day.' })
  inDateUntil: string | null;
  @IsArray() @ArrayMaxSize(500) @ValidateNested({ each: true }) @Type(() => TareNoteDto) tares: TareNoteDto[];
  @IsOptional() @IsISO8601({ strict: true }) checkedAt: string | null;
  @IsOptional() @ValidateNested() @Type(() => ScaleNatureDto) scale?: ScaleNatureDto | null;
  @IsOptional() @ValidateNested() @Type(() => DisinfectionDto) disinfected: DisinfectionDto | null;
  @IsOptional() @ValidateNested() @Type(() => LastWaterDto) lastWater: LastWaterDto | null;
  @IsBoolean() retired: boolean;
  @IsInt() @Min(0) revision: number;
}

export type KeptKitItem = Shelved<KitItem>;
