import 'reflect-metadata';
import { ArrayUnique, IsArray, IsBoolean, IsIn, IsInt, IsNumber, IsOptional, Max, Min } from 'class-validator';
import { BANK_KINDS, HAZARDS, type BankKind, type Hazard, type Swim } from '@keeper/core/domain/water/swim';
import { FixtureDto } from './layout.js';
import type { Archived } from './rows.js';
import { PositionDto } from './waters.js';
import { IsId, IsText, IsName, Nested, NestedList } from './fields.js';

const BEARING = 'A bearing runs from 0 (north) over 90 (east) to 360 degrees.';

/** A swim as it is written. */
export class WriteSwimDto {
  @IsId() waterId: string;
  @IsName(120, 'A swim needs a name that you will know it by.')
  name: string;
  @IsOptional() @Nested(() => PositionDto) position: PositionDto | null;
  @IsNumber({}, { message: BEARING })
  @Min(0, { message: BEARING })
  @Max(360, { message: BEARING })
  facingDeg: number;
  @IsIn(BANK_KINDS) bank: BankKind;
  @IsArray() @ArrayUnique() @IsIn(HAZARDS, { each: true }) hazards: Hazard[];
  @NestedList(() => FixtureDto, { most: 60 }) fixtures: FixtureDto[];
  @IsOptional() @IsText(4000) note: string | null;
  @IsBoolean() retired: boolean;
  @IsInt() @Min(0) revision: number;
}

export type KeptSwim = Archived<Swim>;
