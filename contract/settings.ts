import { IsIn, IsInt, Min } from 'class-validator';
import { WEIGH_METHODS, type WeighMethod } from '@keeper/core/weighing/reading';
import { MASS_UNITS, type MassUnit } from '@keeper/core/measure/mass';

export const LENGTH_HABITS = ['in', 'cm'] as const;

/** The keeper's ways. `revision` is the one they were read at; 0 before they were ever written. */
export class WriteSettingsDto {
  /** The division that the keeper's scale shows. */
  @IsIn(MASS_UNITS) massUnit: MassUnit;
  @IsIn(WEIGH_METHODS) weighMethod: WeighMethod;
  @IsIn(LENGTH_HABITS) lengthHabit: (typeof LENGTH_HABITS)[number];
  @IsInt() @Min(0) revision: number;
}

export interface KeptSettings extends WriteSettingsDto {
  readonly updatedAt: string | null;
}

/** Zeroing with the wet sling on the hook is the default school: nothing is left to subtract. */
export const FIRST_SETTINGS: KeptSettings = {
  massUnit: 'oz',
  weighMethod: 'zeroed',
  lengthHabit: 'in',
  revision: 0,
  updatedAt: null,
};
