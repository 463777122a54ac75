import 'reflect-metadata';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  IsArray,
  IsBoolean,
  IsDefined,
  IsIn,
  IsInt,
  IsISO8601,
  IsNotEmpty,
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
import { MassDto } from './events.js';
import type { Shelved } from './rows.js';
import { Trim } from './waters.js';

const SIZE = 'A size is a length between 1 cm and 5 m.';

export class TareNoteDto {
  @IsISO8601({ strict: true }) at: string;
  @IsBoolean() wet: boolean;
  @IsDefined() @ValidateNested() @Type(() => MassDto) mass: MassDto;
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
  @IsOptional() @ValidateNested() @Type(() => DisinfectionDto) disinfected: DisinfectionDto | null;
  @IsOptional() @ValidateNested() @Type(() => LastWaterDto) lastWater: LastWaterDto | null;
  @IsBoolean() retired: boolean;
  @IsInt() @Min(0) revision: number;
}

export type KeptKitItem = Shelved<KitItem>;
