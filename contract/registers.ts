import 'reflect-metadata';
import { IsIn } from 'class-validator';
import type { RegisterFile } from '@keeper/core/formats/registerJson';
import { IsName, Maybe } from './fields.js';

/** What a register that is given away may hold. */
export class RegisterQueryDto {
  @IsName(60, 'Say whose register it is: a friend must know it from others.')
  from: string;
  @Maybe() @IsIn(['included', 'left-out']) thumbnails?: 'included' | 'left-out';
  @Maybe() @IsIn(['included', 'left-out']) weights?: 'included' | 'left-out';
}

/** A friend's register that was taken in. */
export interface FriendRegister extends RegisterFile {
  readonly id: string;
  readonly receivedAt: string;
}

/** What came of taking one in. */
export interface ImportedRegister {
  readonly id: string;
  readonly from: string;
  readonly fish: number;
  readonly flanks: number;
}
