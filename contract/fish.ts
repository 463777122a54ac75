import 'reflect-metadata';
import { IsBoolean, IsInt, IsNotEmpty, IsOptional, IsString, MaxLength, Min } from 'class-validator';
import type { Shelved } from './rows.js';
import { Trim } from './waters.js';

/** What the keeper calls a known fish, as it is written. */
export class WriteFishDto {
  @Trim()
  @IsString()
  @IsNotEmpty({ message: 'A fish needs a name or a number that you will know it by.' })
  @MaxLength(80, { message: 'A name of at most 80 letters.' })
  name: string;
  @IsOptional() @IsString() @MaxLength(4000) note: string | null;
  @IsBoolean() retired: boolean;
  @IsInt() @Min(0) revision: number;
}

export type KeptFish = Shelved<Pick<WriteFishDto, 'name' | 'note'>>;
