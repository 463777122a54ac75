import 'reflect-metadata';
import { ArrayUnique, IsArray, IsBoolean, IsIn, IsInt, IsNumber, IsOptional, Max, Min } from 'class-validator';
import { LENGTH_OF, type LengthOf } from '@keeper/core/domain/fish/bodyLength';
import { SPECIES_IDS, type SpeciesId } from '@keeper/core/domain/fish/species';
import {
  MEETING_MEASURES,
  MEETING_SORTS,
  type Meeting,
  type MeetingMeasure,
  type MeetingSort,
} from '@keeper/core/domain/meeting/meeting';
import { IsMoment, IsName, IsText } from './fields.js';
import { IsAfterItsBeginning } from './possible.js';
import type { Archived } from './rows.js';

const BEST = 'How many fish count: a whole number from 1 to 100.';
const LEAST = 'A least size is a length up to 5 m, or a weight up to 200 kg.';
const UPGRADE = 'The margin of an upgrade: over 0 and at most 1 m or 50 kg. For example 1/4, 2.5 or 8 oz.';
const WITHIN = 'How late it may be sent: from one hour to a year.';

/** A meeting as it is written. */
export class WriteMeetingDto {
  @IsName(120, 'A meeting needs a name that you will know it by.')
  name: string;
  @IsIn(MEETING_SORTS) sort: MeetingSort;
  @IsArray() @ArrayUnique() @IsIn(SPECIES_IDS, { each: true }) kinds: SpeciesId[];
  @IsArray() @ArrayUnique() @IsText(36, { each: true }) waterIds: string[];
  @IsMoment() fromAt: string;
  @IsMoment() @IsAfterItsBeginning() toAt: string;
  @IsIn(MEETING_MEASURES) by: MeetingMeasure;
  @IsInt({ message: BEST }) @Min(1, { message: BEST }) @Max(100, { message: BEST }) best: number;
  @IsOptional() @IsNumber({}, { message: LEAST }) @Min(1, { message: LEAST }) @Max(200_000, { message: LEAST }) least:
    number | null;
  @IsOptional()
  @IsNumber({}, { message: UPGRADE })
  @Min(0, { message: UPGRADE })
  @Max(50_000, { message: UPGRADE })
  upgradeBy: number | null;
  @IsOptional() @IsIn(LENGTH_OF) lengthOf: LengthOf | null;
  @IsOptional() @IsText(120) identifier: string | null;
  @IsOptional()
  @IsNumber({}, { message: WITHIN })
  @Min(1, { message: WITHIN })
  @Max(8784, { message: WITHIN })
  sentWithinH: number | null;
  @IsOptional() @IsText(4000) note: string | null;
  @IsBoolean() retired: boolean;
  @IsInt() @Min(0) revision: number;
}

export type KeptMeeting = Archived<Meeting>;
