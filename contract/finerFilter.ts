import 'reflect-metadata';
import { Transform, Type } from 'class-transformer';
import { IsIn, IsNumber, Max, Min } from 'class-validator';
import { LEAVINGS, type Leaving } from '@keeper/core/domain/capture/event';
import { ORIGINS, type Origin } from '@keeper/core/domain/capture/origin';
import { HOOK_HOLDS, LOSS_REASONS, type HookHold, type LossReason } from '@keeper/core/domain/capture/rodFacts';
import { FORM_IDS, type FormId } from '@keeper/core/domain/fish/species';
import { LONGEST_MM } from '@keeper/core/measure/length';
import { MOST_GRAMS } from '@keeper/core/measure/mass';
import { TEMP_BOUNDS } from '@keeper/core/measure/temperature';

import { IsCalendarDay, IsId, IsText, Maybe } from './fields.js';

export const FILTERED_OUTCOMES = ['released', 'lost', 'died'] as const;
export type FilteredOutcome = (typeof FILTERED_OUTCOMES)[number];
/** Whether it is said who a fish is. */
export const KNOWN = ['yes', 'no'] as const;
export const PICTURED = ['with', 'without'] as const;
export const WOUNDED = ['open', 'any', 'none'] as const;

/** What else is noted of a fish and can be asked for; all that is asked for has to hold. */
export class FinerFilterDto {
  @Maybe() @IsId() swimId?: string;
  @Maybe() @IsIn(FORM_IDS) form?: FormId;
  @Maybe() @IsIn(FILTERED_OUTCOMES) outcome?: FilteredOutcome;
  @Maybe() @IsIn(LOSS_REASONS) lossReason?: LossReason;
  @Maybe() @IsIn(LEAVINGS) leaving?: Leaving;
  /** Days of the calendar, both included. */
  @Maybe() @IsCalendarDay() fromDay?: string;
  @Maybe() @IsCalendarDay() toDay?: string;
  @Maybe() @Type(() => Number) @IsNumber() @Min(0) @Max(MOST_GRAMS) leastGrams?: number;
  @Maybe() @Type(() => Number) @IsNumber() @Min(0) @Max(MOST_GRAMS) mostGrams?: number;
  @Maybe() @Type(() => Number) @IsNumber() @Min(0) @Max(LONGEST_MM) leastMm?: number;
  @Maybe() @Type(() => Number) @IsNumber() @Min(0) @Max(LONGEST_MM) mostMm?: number;
  @Maybe()
  @Type(() => Number)
  @IsNumber()
  @Min(TEMP_BOUNDS.water.leastC)
  @Max(TEMP_BOUNDS.water.mostC)
  leastWaterC?: number;
  @Maybe()
  @Type(() => Number)
  @IsNumber()
  @Min(TEMP_BOUNDS.water.leastC)
  @Max(TEMP_BOUNDS.water.mostC)
  mostWaterC?: number;
  @Maybe() @IsText(60) bait?: string;
  @Maybe() @IsText(120) rig?: string;
  @Maybe() @IsText(60) method?: string;
  @Maybe() @IsIn(HOOK_HOLDS) hookHold?: HookHold;
  @Maybe() @IsIn(KNOWN) known?: (typeof KNOWN)[number];
  @Maybe() @IsId() fishId?: string;
  @Maybe() @IsIn(PICTURED) pictured?: (typeof PICTURED)[number];
  @Maybe() @IsIn(WOUNDED) wounded?: (typeof WOUNDED)[number];
  @Maybe() @IsIn(ORIGINS) origin?: Origin;
  @Maybe() @IsId() importId?: string;
  /** Pages that were struck out, in the place of those that stand. */
  @Maybe() @Transform(({ value }) => value === true || value === 'true') struckOut?: boolean;
}

export const FINER_FILTERS = [
  'swimId',
  'form',
  'outcome',
  'lossReason',
  'leaving',
  'fromDay',
  'toDay',
  'leastGrams',
  'mostGrams',
  'leastMm',
  'mostMm',
  'leastWaterC',
  'mostWaterC',
  'bait',
  'rig',
  'method',
  'hookHold',
  'known',
  'fishId',
  'pictured',
  'wounded',
  'origin',
  'importId',
  'struckOut',
] as const satisfies readonly (keyof FinerFilterDto)[];

export type FinerFilter = (typeof FINER_FILTERS)[number];
