import 'reflect-metadata';
import { Transform, Type } from 'class-transformer';
import {
  IsIn,
  IsInt,
  IsNotEmpty,
  IsNumber,
  IsOptional,
  IsString,
  Max,
  MaxLength,
  Min,
  ValidateNested,
} from 'class-validator';
import { WATER_KINDS, type Water, type WaterKind } from '@keeper/core/water/water';

export class PositionDto {
  @IsNumber() @Min(-90) @Max(90) latitudeDeg: number;
  @IsNumber() @Min(-180) @Max(180) longitudeDeg: number;
}

/** A water as it is written. `revision` is the one it was read at; 0 for a new water. */
export class WriteWaterDto {
  @Transform(({ value }: { value: unknown }) => (typeof value === 'string' ? value.trim() : value))
  @IsString()
  @IsNotEmpty({ message: 'A water needs a name that you will know it by.' })
  @MaxLength(120)
  name: string;
  @IsIn(WATER_KINDS) kind: WaterKind;
  @IsOptional() @ValidateNested() @Type(() => PositionDto) position?: PositionDto | null;
  @IsOptional() @IsString() @MaxLength(4000) note?: string | null;
  @IsInt() @Min(0) revision: number;
}

/** A water as it is kept. */
export interface KeptWater extends Water {
  readonly revision: number;
  readonly updatedAt: string;
}
