import { IsBoolean, IsInt, Min } from 'class-validator';
import { IsName, IsText } from './fields.js';
import type { Archived } from './rows.js';

/** What is shown of the book under a name of its own, as the address asks for it. */
export class WriteViewDto {
  @IsName(60, 'A view needs a name that you will know it by.') name: string;
  @IsText(1000) search: string;
  @IsBoolean() retired: boolean;
  @IsInt() @Min(0) revision: number;
}

export type KeptView = Archived<Omit<WriteViewDto, 'retired' | 'revision'>>;
