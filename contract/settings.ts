import 'reflect-metadata';
import { Type } from 'class-transformer';
import { IsIn, IsInt, IsOptional, Min, ValidateNested } from 'class-validator';
import { BARB_SCHOOLS, type BarbSchool } from '@keeper/core/bank/rig';
import { HOT_CAPTURE_SCHOOLS, type HotCaptureSchool } from '@keeper/core/care/hotCapture';
import { STOP_SCHOOLS, type StopSchool } from '@keeper/core/care/stopLine';
import { TEMP_HABITS, type TempHabit } from '@keeper/core/measure/temperature';
import { LayoutDto } from './layout.js';
import { LENGTH_HABITS, type LengthHabit } from './ways.js';
import { WEIGH_METHODS, type WeighMethod } from '@keeper/core/weighing/reading';
import { MASS_UNITS, type MassUnit } from '@keeper/core/measure/mass';

/** The keeper's ways. `revision` is the one they were read at; 0 before they were ever written. */
export class WriteSettingsDto {
  /** The division that the keeper's scale shows. */
  @IsIn(MASS_UNITS) massUnit: MassUnit;
  @IsIn(WEIGH_METHODS) weighMethod: WeighMethod;
  @IsIn(LENGTH_HABITS) lengthHabit: LengthHabit;
  @IsIn(TEMP_HABITS) tempHabit: TempHabit;
  @IsIn(STOP_SCHOOLS) stopSchool: StopSchool;
  @IsIn(HOT_CAPTURE_SCHOOLS) hotCaptureSchool: HotCaptureSchool;
  @IsIn(BARB_SCHOOLS) barbSchool: BarbSchool;
  @IsOptional() @ValidateNested() @Type(() => LayoutDto) habit: LayoutDto | null;
  @IsInt() @Min(0) revision: number;
}
