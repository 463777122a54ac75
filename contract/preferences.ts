import type { Layout } from '@keeper/core/domain/water/plan';
import { DEFAULT_PRACTICES, type BankPractices } from '@keeper/core/domain/practice/bankPractices';
import type { SameWord } from '@keeper/core/domain/outing/alikeWords';
import type { LengthOf } from '@keeper/core/domain/fish/bodyLength';
import type { BarbPractice } from '@keeper/core/domain/practice/barbPractice';
import type { HotCapturePractice } from '@keeper/core/domain/practice/hotCapturePractice';
import type { StopPractice } from '@keeper/core/domain/practice/stopPractice';
import type { TempUnit } from '@keeper/core/measure/temperature';
import type { MassUnit } from '@keeper/core/measure/mass';
import type { Rounding } from '@keeper/core/weighing/rounding';
import type { WeighMethod } from '@keeper/core/domain/practice/weighMethod';

export const LENGTH_HABITS = ['in', 'cm'] as const;
export type LengthHabit = (typeof LENGTH_HABITS)[number];

/** The keeper's preferences as they are kept. `revision` is 0 before they were ever written. */
export interface KeptSettings {
  /** The division that the keeper's scale shows. */
  readonly massUnit: MassUnit;
  readonly weighMethod: WeighMethod;
  /** What becomes of what lies between two marks of the scale. */
  readonly rounding: Rounding;
  /** Whether a guess is asked before the reading. */
  readonly guessFirst: boolean;
  readonly lengthHabit: LengthHabit;
  /** What a length is of, as this keeper measures. */
  readonly lengthOf: LengthOf;
  readonly tempHabit: TempUnit;
  readonly stopSchool: StopPractice;
  readonly hotCaptureSchool: HotCapturePractice;
  readonly barbSchool: BarbPractice;
  /** How a fish is dealt with on the bank. */
  readonly bank: BankPractices;
  /** Words of rods that the keeper made one. */
  readonly sameWords: readonly SameWord[];
  /** How the keeper likes to lay out a bank; null until one was kept. */
  readonly habit: Layout | null;
  readonly revision: number;
  readonly updatedAt: string | null;
}

/**
 * The default schools: zeroing with the wet sling on the hook, a stop line for each species, landing what was hooked by
 * accident, barbless.
 */
export const FIRST_SETTINGS: KeptSettings = {
  massUnit: 'oz',
  weighMethod: 'zeroed',
  rounding: 'down',
  guessFirst: false,
  lengthHabit: 'in',
  lengthOf: 'tip',
  tempHabit: 'C',
  stopSchool: 'per-species',
  hotCaptureSchool: 'land',
  barbSchool: 'barbless',
  bank: DEFAULT_PRACTICES,
  sameWords: [],
  habit: null,
  revision: 0,
  updatedAt: null,
};
