import type { MassUnit } from '@keeper/core/measure/mass';
import type { WeighMethod } from '@keeper/core/weighing/reading';

export const LENGTH_HABITS = ['in', 'cm'] as const;
export type LengthHabit = (typeof LENGTH_HABITS)[number];

/** The keeper's ways as they are kept. `revision` is 0 before they were ever written. */
export interface KeptSettings {
  /** The division that the keeper's scale shows. */
  readonly massUnit: MassUnit;
  readonly weighMethod: WeighMethod;
  readonly lengthHabit: LengthHabit;
  readonly revision: number;
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
