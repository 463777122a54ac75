import 'reflect-metadata';
import { IsBoolean, IsInt, Min } from 'class-validator';
import { IsId, IsName, Maybe } from './fields.js';
import type { Archived } from './rows.js';

/** One who keeps this book, as it is written. The first one stands under `FIRST_KEEPER`. */
export class WriteKeeperDto {
  @IsName(60, 'A keeper needs a name, such as the one you are called by at the water.')
  name: string;
  @IsBoolean() retired: boolean;
  @IsInt() @Min(0) revision: number;
}

export type KeptKeeper = Archived<Pick<WriteKeeperDto, 'name'>>;

/** Whose ways, bests or lists are asked for: the first keeper's, where nobody is named. */
export class OfKeeperDto {
  @Maybe() @IsId() keeperId?: string;
}
