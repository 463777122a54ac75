import type { LengthOf } from '../fish/bodyLength.js';
import type { BankPractices } from './bankPractices.js';
import type { BarbPractice } from './barbPractice.js';
import type { HotCapturePractice } from './hotCapturePractice.js';
import type { StopPractice } from './stopPractice.js';
import type { WeighMethod } from './weighMethod.js';

/** The keeper's ways wherever nothing else is said. */
export interface Practices {
  readonly bank: BankPractices;
  readonly stopSchool: StopPractice;
  readonly hotCaptureSchool: HotCapturePractice;
  readonly barbSchool: BarbPractice;
  readonly weighMethod: WeighMethod;
  /** What a length is of. */
  readonly lengthOf: LengthOf;
}

/** The ways of one water where they differ from those of everywhere else; what is not named does not differ. */
export type WaterPractices = Partial<BankPractices> & Partial<Omit<Practices, 'bank'>>;

export type PracticeName = keyof WaterPractices;

/** The ways that hold at a water, and which of them are that water's own. */
export type PracticesHere = Practices & { readonly ofThisWater: ReadonlySet<PracticeName> };

const NOWHERE: WaterPractices = {};

/**
 * The ways that hold at a water: its own before those of everywhere.
 *
 * @example
 * practicesAt(own, { lift: 'mesh' }).bank.lift; // 'mesh', whatever is done elsewhere
 */
export function practicesAt(own: Practices, water: WaterPractices | null | undefined): PracticesHere {
  const { stopSchool, hotCaptureSchool, barbSchool, weighMethod, lengthOf, ...bank } = water ?? NOWHERE;
  return {
    bank: { ...own.bank, ...bank },
    stopSchool: stopSchool ?? own.stopSchool,
    hotCaptureSchool: hotCaptureSchool ?? own.hotCaptureSchool,
    barbSchool: barbSchool ?? own.barbSchool,
    weighMethod: weighMethod ?? own.weighMethod,
    lengthOf: lengthOf ?? own.lengthOf,
    ofThisWater: new Set(Object.keys(water ?? NOWHERE) as PracticeName[]),
  };
}
