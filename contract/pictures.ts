import { IsIn } from 'class-validator';
import { Maybe } from './fields.js';

export const PICTURE_SIZES = ['thumb', 'view'] as const;
export type PictureSize = (typeof PICTURE_SIZES)[number];

/** Longest side of each derivative, in pixels. */
export const PICTURE_SIZE_PX: Readonly<Record<PictureSize, number>> = { thumb: 480, view: 1600 };

export class PictureQueryDto {
  @Maybe() @IsIn(PICTURE_SIZES) size?: PictureSize;
}
