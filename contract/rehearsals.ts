import 'reflect-metadata';
import { ArrayMaxSize, IsArray, IsBoolean, IsIn, IsInt, IsNumber, Max, Min, ValidateIf } from 'class-validator';
import { RUN_STEPS } from '@keeper/core/domain/capture/steps';
import { DECISION_RULES } from '@keeper/core/rehearse/judge';
import type { Rehearsal } from '@keeper/core/rehearse/rehearsal';
import { SCENARIO_IDS } from '@keeper/core/rehearse/scenario';
import type { Archived } from './rows.js';
import { IsMoment, IsText, NestedList } from './fields.js';

const LONGEST_MS = 24 * 3_600_000;

export class SplitDto {
  @IsIn(RUN_STEPS) step: string;
  @IsInt() @Min(0) @Max(LONGEST_MS) tookMs: number;
}

/** A rehearsal as it is written. */
export class WriteRehearsalDto {
  @IsMoment() at: string;
  @IsIn(SCENARIO_IDS) scenario: string;
  @IsText(40) seed: string;
  @ValidateIf(({ handledMs }: Rehearsal) => handledMs !== null)
  @IsInt()
  @Min(0)
  @Max(LONGEST_MS)
  handledMs: number | null;
  @IsInt() @Min(0) @Max(LONGEST_MS) airMs: number;
  @IsInt() @Min(0) @Max(LONGEST_MS) longestAirMs: number;
  @IsNumber() @Min(0) @Max(LONGEST_MS) budgetMs: number;
  @IsNumber() @Min(0) @Max(1) score: number;
  @IsArray() @ArrayMaxSize(30) @IsIn(DECISION_RULES.map(({ id }) => id), { each: true }) wrong: string[];
  @NestedList(() => SplitDto, { most: 200 }) splits: SplitDto[];
  @IsBoolean() retired: boolean;
  @IsInt() @Min(0) revision: number;
}

export type KeptRehearsal = Archived<Rehearsal>;
