import 'reflect-metadata';
import { IsIn, IsNumber, Max, Min } from 'class-validator';
import { FIXTURE_KINDS, KIT_PIECES, type FixtureKind, type KitPiece } from '@keeper/core/domain/water/plan';
import { IsName, Nested, Maybe } from './fields.js';

/** No swim reaches further than this, in metres. */
const FARTHEST_M = 60;

export class PointDto {
  @IsNumber() @Min(-FARTHEST_M) @Max(FARTHEST_M) xM: number;
  @IsNumber() @Min(-FARTHEST_M) @Max(FARTHEST_M) yM: number;
}

export class FixtureDto extends PointDto {
  @IsName(64, 'This is empty.') id: string;
  @IsIn(FIXTURE_KINDS) kind: FixtureKind;
  @IsNumber() @Min(0.1) @Max(30) radiusM: number;
  @IsNumber() @Min(0) @Max(60) heightM: number;
}

/** Where each piece lies: one optional field a piece. */
export class LayoutDto {}
for (const piece of KIT_PIECES) {
  Maybe()(LayoutDto.prototype, piece);
  Nested(() => PointDto)(LayoutDto.prototype, piece);
}

/** A layout as the class above lets it through. */
export type WrittenLayout = LayoutDto & Partial<Record<KitPiece, PointDto>>;
