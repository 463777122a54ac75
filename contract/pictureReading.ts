import { IsBoolean, IsIn, IsNumber, IsOptional, Matches, Max, Min } from 'class-validator';
import { PICTURE_ROLES, type PictureRole } from '@keeper/core/domain/capture/event';
import { LONGEST_MM } from '@keeper/core/measure/length';
import { SHA256 } from './limits.js';
import { Nested, NestedList, Maybe } from './fields.js';

/** Points may lie beyond the edge of a picture: a tail that is cut off has its fork there. */
const FURTHEST_PX = 60_000;

export class PixelDto {
  @IsNumber() @Min(-FURTHEST_PX) @Max(FURTHEST_PX) x: number;
  @IsNumber() @Min(-FURTHEST_PX) @Max(FURTHEST_PX) y: number;
}

export class LandmarksDto {
  @Nested(() => PixelDto) snout: PixelDto;
  @Nested(() => PixelDto) eye: PixelDto;
  @Nested(() => PixelDto) dorsal: PixelDto;
  @Nested(() => PixelDto) pelvic: PixelDto;
  @Nested(() => PixelDto) anal: PixelDto;
  @Nested(() => PixelDto) fork: PixelDto;
}

export class PictureSizeDto {
  @IsNumber() @Min(1) @Max(FURTHEST_PX) widthPx: number;
  @IsNumber() @Min(1) @Max(FURTHEST_PX) heightPx: number;
}

export class PictureViewDto {
  @IsNumber() @Min(-Math.PI) @Max(Math.PI) turnRad: number;
  @IsBoolean() mirrored: boolean;
  @Nested(() => PixelDto) centre: PixelDto;
  @IsNumber() @Min(8) @Max(2 * FURTHEST_PX) widthPx: number;
  @IsNumber() @Min(-4) @Max(4) stops: number;
  @Nested(() => PictureSizeDto) of: PictureSizeDto;
}

export class BoardMarkDto {
  @IsNumber() @Min(0) @Max(LONGEST_MM) atMm: number;
  @Nested(() => PixelDto) pixel: PixelDto;
}

export class PicturedLengthDto {
  @NestedList(() => BoardMarkDto, { least: 2, most: 20 })
  marks: BoardMarkDto[];
  @Nested(() => PixelDto) nose: PixelDto;
  @Nested(() => PixelDto) tail: PixelDto;
  @Maybe() @IsBoolean() inches?: boolean;
  @IsNumber() @Min(1) @Max(LONGEST_MM) lengthMm: number;
  @IsNumber() @Min(0) @Max(LONGEST_MM) uMm: number;
}

/** What was made out of a picture on the bench. */
export class PictureReadDto {
  @Matches(SHA256) sha256: string;
  @Maybe() @IsIn(PICTURE_ROLES) role?: PictureRole;
  @IsOptional() @Nested(() => LandmarksDto) landmarks?: LandmarksDto | null;
  @Maybe() @IsIn(['proposed', 'hand']) by?: 'proposed' | 'hand';
  @IsOptional() @Nested(() => PictureViewDto) view?: PictureViewDto | null;
  @IsOptional() @Nested(() => PicturedLengthDto) length?: PicturedLengthDto | null;
  @IsOptional()
  @NestedList(() => PixelDto, { most: 80, message: { most: 'Eighty marks are enough for one flank.' } })
  marks?: PixelDto[] | null;
}
