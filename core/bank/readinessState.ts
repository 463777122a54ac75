import type { Message } from '../measure/message.js';
import type { Basis, Severity } from '../care/counsel.js';
import type { HeatClocks } from '../care/heatForecast.js';
import type { SpeciesId } from '../domain/fish/species.js';
import type { MassSystem } from '../measure/mass.js';
import type { TempUnit } from '../measure/temperature.js';
import type { WaterRules } from '../domain/water/rules.js';
import type { BankKind, Hazard } from '../domain/water/swim.js';
import type { WeighMethod } from '../domain/practice/weighMethod.js';
import type { LayoutJudgement } from './layoutPoint.js';
import type { KitItem } from '../domain/kit/kit.js';
import type { Rig } from '../domain/kit/rig.js';
import type { WaterPractices } from '../domain/practice/practicesAt.js';
import type { GivesPractice } from '../domain/practice/bankPractices.js';
import type { BarbPractice } from '../domain/practice/barbPractice.js';

/** All that a list of readiness is fitted to. */
export interface ReadinessState {
  readonly expected: readonly SpeciesId[];
  /** The longest fish that is to be reckoned with, in mm. */
  readonly longestMm: number;
  /** When a fish of each kind was last on. */
  readonly lastFishAt: Partial<Record<SpeciesId, string>>;
  /**
   * The moment that is looked at, in ms since 1970, and when the scale was last zeroed with the sling on this outing;
   * null: not known.
   */
  readonly nowMs: number;
  readonly zeroedMs: number | null;
  readonly water: {
    readonly id: string;
    readonly name: string;
    readonly rules: WaterRules;
    readonly practices?: WaterPractices | null;
  };
  readonly bank: BankKind;
  readonly hazards: readonly Hazard[];
  readonly helped: boolean;
  readonly kit: readonly KitItem[];
  readonly rigs: readonly Rig[];
  readonly barbSchool: BarbPractice;
  readonly gives: GivesPractice;
  readonly weighMethod: WeighMethod;
  /** `YYYY-MM-DD` of the outing, in the keeper's own calendar. */
  readonly day: string;
  readonly tempHabit: TempUnit;
  /** The keeper's units for sizes and strains in words. */
  readonly lengthHabit: 'in' | 'cm';
  readonly massSystem: MassSystem;
  readonly waterC: number | null;
  readonly airC: number | null;
  readonly heat: HeatClocks | null;
  /** How long a soaking lasts now; null when it outlasts the outing or is not known. */
  readonly soakLastsMs: number | null;
  /** Whether some of the outing lies in the dark. */
  readonly night: boolean;
  readonly layout: LayoutJudgement | null;
  readonly clock: (atMs: number) => string;
}

/** One thing of the list, fitted to this swim and this day. */
export interface ReadinessItem {
  readonly id: string;
  readonly text: Message;
  /** A quantity or a moment that was worked out for it. */
  readonly detail: Message | null;
  readonly reason: Message;
  readonly basis: Basis;
  /** Without it one is not ready. */
  readonly essential: boolean;
  /** It is known to be done without a tick, as by a measurement that was noted. */
  readonly done: boolean;
  /** What is known to be wrong with it, from kit, rigs, plan or weather. */
  readonly problem: { readonly severity: Exclude<Severity, 'good'>; readonly text: Message } | null;
}
