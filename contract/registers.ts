import 'reflect-metadata';
import { IsIn, IsNotEmpty, IsOptional, IsString, MaxLength } from 'class-validator';
import type { RegisterFile } from '@keeper/core/formats/registerJson';
import { Trim } from './waters.js';

/** What a register that is given away may hold. */
export class RegisterQueryDto {
  @Trim()
  @IsString()
  @IsNotEmpty({ message: 'Say whose register it is: a friend must know it from others.' })
  @MaxLength(60, { message: 'A name of at most 60 letters.' })
  from: string;
  @IsOptional() @IsIn(['included', 'left-out']) thumbnails?: 'included' | 'left-out';
  @IsOptional() @IsIn(['included', 'left-out']) weights?: 'included' | 'left-out';
}

/** A friend's register that was taken in. */
export interface TheirRegister extends RegisterFile {
  readonly id: string;
  readonly receivedAt: string;
}

/** What came of taking one in. */
export interface TakenIn {
  readonly id: string;
  readonly from: string;
  readonly fish: number;
  readonly flanks: number;
}
