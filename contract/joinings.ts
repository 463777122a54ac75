import 'reflect-metadata';
import { ArrayMaxSize, IsArray, IsBoolean, IsIn, IsInt, Min } from 'class-validator';
import { IsId, IsReason, IsText, Maybe } from './fields.js';
import { IsOfAnother } from './possible.js';
import type { Archived } from './rows.js';

export const JOINED_KINDS = ['waters', 'swims'] as const;
export type JoinedKind = (typeof JOINED_KINDS)[number];

/**
 * Two waters or two swims that are one, as it is written: what stood under the first stands under the second, until
 * that is taken back.
 */
export class WriteJoiningDto {
  @IsIn(JOINED_KINDS) kind: JoinedKind;
  @IsId() fromId: string;
  @IsId() @IsOfAnother('fromId') intoId: string;
  /** Said in each fish and outing that it changed. */
  @Maybe() @IsReason() why?: string;
  /** Taken back: they are two again. */
  @IsBoolean() retired: boolean;
  @IsInt() @Min(0) revision: number;
}

/** A joining as it stands, with the rows that went over with it. */
export class StandingJoiningDto extends WriteJoiningDto {
  @Maybe() @IsArray() @ArrayMaxSize(10_000) @IsText(36, { each: true }) swimIds?: string[];
  @Maybe() @IsArray() @ArrayMaxSize(10_000) @IsText(36, { each: true }) meetingIds?: string[];
}

export type KeptJoining = Archived<Omit<WriteJoiningDto, 'retired' | 'revision'>>;
