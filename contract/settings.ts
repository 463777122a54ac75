import 'reflect-metadata';
import { IsBoolean, IsIn, IsInt, IsOptional, Min } from 'class-validator';
import { BARB_PRACTICES, type BarbPractice } from '@keeper/core/domain/practice/barbPractice';
import { BankPracticesDto } from './practices.js';
import { LENGTH_OF, type LengthOf } from '@keeper/core/domain/fish/bodyLength';
import { HOT_CAPTURE_PRACTICES, type HotCapturePractice } from '@keeper/core/domain/practice/hotCapturePractice';
import { STOP_PRACTICES, type StopPractice } from '@keeper/core/domain/practice/stopPractice';
import { TEMP_UNITS, type TempUnit } from '@keeper/core/measure/temperature';
import { LayoutDto } from './layout.js';
import { LENGTH_HABITS, type LengthHabit } from './preferences.js';
import { WEIGH_METHODS, type WeighMethod } from '@keeper/core/domain/practice/weighMethod';
import { ROUNDINGS, type Rounding } from '@keeper/core/weighing/rounding';
import { MASS_UNITS, type MassUnit } from '@keeper/core/measure/mass';
import { IsText, Maybe, Nested, NestedList } from './fields.js';

/** What is written as one word is meant as another. */
export class SameWordDto {
  @IsText(60) word: string;
  @IsText(60) as: string;
}

/** The keeper's preferences. `revision` is the one they were read at; 0 before they were ever written. */
export class WriteSettingsDto {
  /** The division that the keeper's scale shows. */
  @IsIn(MASS_UNITS) massUnit: MassUnit;
  @IsIn(WEIGH_METHODS) weighMethod: WeighMethod;
  /** What becomes of what lies between two marks of the scale. */
  @IsIn(ROUNDINGS) rounding: Rounding;
  /** Whether a guess is asked before the reading. */
  @IsBoolean() guessFirst: boolean;
  @IsIn(LENGTH_HABITS) lengthHabit: LengthHabit;
  /** What a length is of, as this keeper measures. */
  @IsIn(LENGTH_OF) lengthOf: LengthOf;
  @IsIn(TEMP_UNITS) tempHabit: TempUnit;
  @IsIn(STOP_PRACTICES) stopSchool: StopPractice;
  @IsIn(HOT_CAPTURE_PRACTICES) hotCaptureSchool: HotCapturePractice;
  @IsIn(BARB_PRACTICES) barbSchool: BarbPractice;
  @Nested(() => BankPracticesDto) bank: BankPracticesDto;
  @Maybe() @NestedList(() => SameWordDto, { most: 500 }) sameWords?: readonly SameWordDto[];
  @IsOptional() @Nested(() => LayoutDto) habit: LayoutDto | null;
  @IsInt() @Min(0) revision: number;
}
