import 'reflect-metadata';
import { IsBoolean, IsIn, IsInt, IsOptional, Max, Min } from 'class-validator';
import { BARB_SCHOOLS, type BarbSchool } from '@keeper/core/domain/kit/rig';
import {
  AIR_SCHOOLS,
  FIGHT_SCHOOLS,
  KEEP_SCHOOLS,
  LIFT_SCHOOLS,
  UNHOOK_SCHOOLS,
  type AirSchool,
  type FightSchool,
  type KeepSchool,
  type LiftSchool,
  type UnhookSchool,
} from '@keeper/core/domain/capture/practices';
import { LENGTH_OF, type LengthOf } from '@keeper/core/domain/fish/bodyLength';
import { HOT_CAPTURE_SCHOOLS, type HotCaptureSchool } from '@keeper/core/care/hotCapture';
import { STOP_SCHOOLS, type StopSchool } from '@keeper/core/care/stopLine';
import { TEMP_HABITS, type TempHabit } from '@keeper/core/measure/temperature';
import { LayoutDto } from './layout.js';
import { LENGTH_HABITS, type LengthHabit } from './ways.js';
import { WEIGH_METHODS, type WeighMethod } from '@keeper/core/domain/capture/weightReading';
import { ROUNDINGS, type Rounding } from '@keeper/core/weighing/rounding';
import { MASS_UNITS, type MassUnit } from '@keeper/core/measure/mass';
import { Nested } from './fields.js';

const OWN_AIR = 'Seconds in the air are a whole number from 1 to 300.';

export class BankSchoolsDto {
  @IsIn(UNHOOK_SCHOOLS) unhook: UnhookSchool;
  @IsIn(LIFT_SCHOOLS) lift: LiftSchool;
  @IsIn(FIGHT_SCHOOLS) fight: FightSchool;
  @IsIn(AIR_SCHOOLS) air: AirSchool;
  @IsInt({ message: OWN_AIR }) @Min(1, { message: OWN_AIR }) @Max(300, { message: OWN_AIR }) airOwnS: number;
  @IsIn(KEEP_SCHOOLS) keep: KeepSchool;
  @IsBoolean() weigh: boolean;
  @IsBoolean() measure: boolean;
  @IsBoolean() picture: boolean;
}

/** The keeper's ways. `revision` is the one they were read at; 0 before they were ever written. */
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
  @IsIn(TEMP_HABITS) tempHabit: TempHabit;
  @IsIn(STOP_SCHOOLS) stopSchool: StopSchool;
  @IsIn(HOT_CAPTURE_SCHOOLS) hotCaptureSchool: HotCaptureSchool;
  @IsIn(BARB_SCHOOLS) barbSchool: BarbSchool;
  @Nested(() => BankSchoolsDto) bank: BankSchoolsDto;
  @IsOptional() @Nested(() => LayoutDto) habit: LayoutDto | null;
  @IsInt() @Min(0) revision: number;
}
