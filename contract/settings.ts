import { IsIn, IsInt, Min } from 'class-validator';
import { LENGTH_HABITS, type LengthHabit } from './ways.js';
import { WEIGH_METHODS, type WeighMethod } from '@keeper/core/weighing/reading';
import { MASS_UNITS, type MassUnit } from '@keeper/core/measure/mass';

/** The keeper's ways. `revision` is the one they were read at; 0 before they were ever written. */
export class WriteSettingsDto {
  /** The division that the keeper's scale shows. */
  @IsIn(MASS_UNITS) massUnit: MassUnit;
  @IsIn(WEIGH_METHODS) weighMethod: WeighMethod;
  @IsIn(LENGTH_HABITS) lengthHabit: LengthHabit;
  @IsInt() @Min(0) revision: number;
}
