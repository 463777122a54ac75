import 'reflect-metadata';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  ArrayUnique,
  IsArray,
  IsBoolean,
  IsIn,
  IsInt,
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
import { BANK_KINDS, HAZARDS, type BankKind, type Hazard, type Swim } from '@keeper/core/water/swim';
import { FixtureDto } from './layout.js';
import type { Shelved } from './rows.js';
import { PositionDto, Trim } from './waters.js';

const BEARING = 'A bearing runs from 0 (north) over 90 (east) to 360 degrees.';

/** A swim as it is written. */
export class WriteSwimDto {
  @IsUUID() waterId: string;
  @Trim()
  @IsString()
  @IsNotEmpty({ message: 'A swim needs a name that you will know it by.' })
  @MaxLength(120)
  name: string;
  @IsOptional() @ValidateNested() @Type(() => PositionDto) position: PositionDto | null;
  @IsNumber({}, { message: BEARING })
  @Min(0, { message: BEARING })
  @Max(360, { message: BEARING })
  facingDeg: number;
  @IsIn(BANK_KINDS) bank: BankKind;
  @IsArray() @ArrayUnique() @IsIn(HAZARDS, { each: true }) hazards: Hazard[];
  @IsArray() @ArrayMaxSize(60) @ValidateNested({ each: true }) @Type(() => FixtureDto) fixtures: FixtureDto[];
  @IsOptional() @IsString() @MaxLength(4000) note: string | null;
  @IsBoolean() retired: boolean;
  @IsInt() @Min(0) revision: number;
}

export type KeptSwim = Shelved<Swim>;
