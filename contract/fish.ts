import 'reflect-metadata';
import { IsBoolean, IsInt, IsOptional, Min } from 'class-validator';
import type { Archived } from './rows.js';
import { IsText, IsName } from './fields.js';

/** What the keeper calls a known fish, as it is written. */
export class WriteFishDto {
  @IsName(80, 'A fish needs a name or a number that you will know it by.')
  name: string;
  @IsOptional() @IsText(4000) note: string | null;
  @IsBoolean() retired: boolean;
  @IsInt() @Min(0) revision: number;
}

export type KeptFish = Archived<Pick<WriteFishDto, 'name' | 'note'>>;
