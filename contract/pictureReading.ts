import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  ArrayMinSize,
  IsArray,
  IsBoolean,
  IsDefined,
  IsIn,
  IsNumber,
  IsOptional,
  Matches,
  Max,
  Min,
  ValidateNested,
} from 'class-validator';
import { PICTURE_ROLES, type PictureRole } from '@keeper/core/capture/event';
import { LONGEST_MM } from '@keeper/core/measure/length';
import { SHA256 } from './limits.js';

/** Points may lie beyond the edge of a picture: a tail that is cut off has its fork there. */
const FURTHEST_PX = 60_000;

export class PixelDto {
  @IsNumber() @Min(-FURTHEST_PX) @Max(FURTHEST_PX) x: number;
  @IsNumber() @Min(-FURTHEST_PX) @Max(FURTHEST_PX) y: number;
}

export class LandmarksDto {
  @IsDefined() @ValidateNested() @Type(() => PixelDto) snout: PixelDto;
  @IsDefined() @ValidateNested() @Type(() => PixelDto) eye: PixelDto;
  @IsDefined() @ValidateNested() @Type(() => PixelDto) dorsal: PixelDto;
  @IsDefined() @ValidateNested() @Type(() => PixelDto) pelvic: PixelDto;
  @IsDefined() @ValidateNested() @Type(() => PixelDto) anal: PixelDto;
  @IsDefined() @ValidateNested() @Type(() => PixelDto) fork: PixelDto;
}

export class PictureSizeDto {
  @IsNumber() @Min(1) @Max(FURTHEST_PX) widthPx: number;
  @IsNumber() @Min(1) @Max(FURTHEST_PX) heightPx: number;
}

export class PictureViewDto {
  @IsNumber() @Min(-Math.PI) @Max(Math.PI) turnRad: number;
  @IsBoolean() mirrored: boolean;
  @IsDefined() @ValidateNested() @Type(() => PixelDto) centre: PixelDto;
  @IsNumber() @Min(8) @Max(2 * FURTHEST_PX) widthPx: number;
  @IsNumber() @Min(-4) @Max(4) stops: number;
  @IsDefined() @ValidateNested() @Type(() => PictureSizeDto) of: PictureSizeDto;
}

export class BoardMarkDto {
  @IsNumber() @Min(0) @Max(LONGEST_MM) atMm: number;
  @IsDefined() @ValidateNested() @Type(() => PixelDto) pixel: PixelDto;
}

export class PicturedLengthDto {
  @IsArray()
  @ArrayMinSize(2)
  @ArrayMaxSize(20)
  @ValidateNested({ each: true })
  @Type(() => BoardMarkDto)
  marks: BoardMarkDto[];
  @IsDefined() @ValidateNested() @Type(() => PixelDto) nose: PixelDto;
  @IsDefined() @ValidateNested() @Type(() => PixelDto) tail: PixelDto;
  @IsOptional() @IsBoolean() inches?: boolean;
  @IsNumber() @Min(1) @Max(LONGEST_MM) lengthMm: number;
  @IsNumber() @Min(0) @Max(LONGEST_MM) uMm: number;
}

/** What was made out of a picture on the bench. */
export class PictureReadDto {
  @Matches(SHA256) sha256: string;
  @IsOptional() @IsIn(PICTURE_ROLES) role?: PictureRole;
  @IsOptional() @ValidateNested() @Type(() => LandmarksDto) landmarks?: LandmarksDto | null;
  @IsOptional() @IsIn(['proposed', 'hand']) by?: 'proposed' | 'hand';
  @IsOptional() @ValidateNested() @Type(() => PictureViewDto) view?: PictureViewDto | null;
  @IsOptional() @ValidateNested() @Type(() => PicturedLengthDto) length?: PicturedLengthDto | null;
  @IsOptional()
  @IsArray()
  @ArrayMaxSize(80, { message: 'Eighty marks are enough for one flank.' })
  @ValidateNested({ each: true })
  @Type(() => PixelDto)
  marks?: PixelDto[] | null;
}
