import type { SpeciesId } from '../domain/fish/species.js';
import type { DayOfYear } from '../domain/water/season.js';
import type { TempUnit } from '../measure/temperature.js';
import { messagesOf, type Message, type None } from '../measure/message.js';

/** What is said before fishing and after a fish. */
export interface CareMessages {
  basisPublished: { source: string };
  basisCommonPractice: None;
  basisLocalRule: { water: string | null };
  basisMeeting: { name: string };
  basisChoice: { name: Message; water: string | null };
  basisComputed: { method: Message };
  deathWarm: { waterC: number; tempC: number };
  deathOxygen: { oxygenShare: number };
  deathFight: { fightMs: number };
  deathSwallowed: None;
  deathDeep: None;
  deathBled: None;
  deathAir: { longestAirMs: number; spellMs: number };
  deathFrost: None;
  deathDropped: None;
  deathKept: { ms: number };
  budgetTooWarm: None;
  budgetNearlyTooWarm: None;
  budgetOxygen: None;
  budgetFight20: None;
  budgetFight10: None;
  budgetFrost: None;
  budgetBleeding: None;
  budgetSpent: None;
  closedSeason: { species: SpeciesId; today: DayOfYear };
  closedSeasonReason: { from: DayOfYear; to: DayOfYear };
  closedSeasonChanges: { to: DayOfYear };
  closedSeasonAhead: { species: SpeciesId; at: DayOfYear };
  closedSeasonAheadReason: { from: DayOfYear; to: DayOfYear };
  closedSeasonAheadChanges: { at: DayOfYear };
  lightning: None;
  lightningReason: None;
  lightningChanges: None;
  tooWarm: { species: SpeciesId; waterC: number; tempHabit: TempUnit; lineC: number };
  tooWarmReason: None;
  nearlyTooWarm: { tempC: number; tempHabit: TempUnit };
  nearlyTooWarmReason: { waterC: number; tempHabit: TempUnit };
  nearlyTooWarmChanges: { clock: string };
  warmingPastTheLine: { clock: string };
  warmingPastTheLineReason: None;
  warmingPastTheLineMethod: None;
  warmingPastTheLineChanges: None;
  coolBelow: { deepC: number; tempHabit: TempUnit };
  coolBelowReason: None;
  coolBelowChanges: None;
  oxygenDanger: { oxygenMgL: number };
  oxygenLow: { oxygenMgL: number };
  oxygenLowReason: { species: SpeciesId; leastMgL: number; dangerMgL: number; share: number | null };
  oxygenLowChanges: None;
  oxygenAbove: { share: number; danger: boolean };
  oxygenAboveReason: None;
  oxygenAboveChanges: None;
  oxygenLimited: { saturationMgL: number };
  oxygenLimitedReason: None;
  oxygenLimitedChanges: None;
  frost: None;
  frostReason: None;
  frostChanges: None;
  frostAhead: { clock: string };
  frostAheadReason: None;
  frostAheadMethod: None;
  frostAheadChanges: None;
  waterNotMeasured: None;
  waterNotMeasuredReason: None;
  waterNotMeasuredChanges: None;
  coolEnough: { waterC: number; tempHabit: TempUnit; tempC: number };
  coolEnoughReason: None;
  oxygenGood: { oxygenMgL: number; saturationMgL: number };
  oxygenGoodReason: { saturationMgL: number };
  coolerFrom: { clock: string; lineC: number; tempHabit: TempUnit };
  notCoolerYet: { lineC: number; tempHabit: TempUnit };
  reviewAir: {
    longestAirMs: number;
    spellMs: number;
    most:
      | 'netted'
      | 'off-rig'
      | 'hook-out'
      | 'hook-cut'
      | 'line-cut'
      | 'hook-shed'
      | 'looked-over'
      | 'treated'
      | 'wetted'
      | 'zeroed'
      | 'lifted'
      | 'weighed'
      | 'measured'
      | 'pictured'
      | 'rested'
      | 'carried'
      | 'dropped'
      | 'held'
      | 'returned'
      | 'released'
      | undefined;
  };
  reviewAirReason: None;
  reviewDropped: None;
  reviewDroppedReason: None;
  reviewSlow: {
    step:
      | 'netted'
      | 'off-rig'
      | 'hook-out'
      | 'hook-cut'
      | 'line-cut'
      | 'hook-shed'
      | 'looked-over'
      | 'treated'
      | 'wetted'
      | 'zeroed'
      | 'lifted'
      | 'weighed'
      | 'measured'
      | 'pictured'
      | 'rested'
      | 'carried'
      | 'dropped'
      | 'held'
      | 'returned'
      | 'released';
    tookMs: number;
    medianMs: number;
  };
  reviewSlowReason: { times: number };
  reviewSlowMethod: None;
  reviewNotLookedOver: None;
  reviewNotLookedOverReason: None;
  reviewNeverLifted: None;
  reviewGood: None;
  reviewNeverLiftedReason: None;
  reviewGoodReason: None;
  hotLand: None;
  hotLandPressure: None;
  hotLandHook: None;
  hotLandHold: None;
  hotLandFor: None;
  hotLandAgainst: None;
  hotBreakOff: None;
  hotBreakOffPoint: None;
  hotBreakOffLink: None;
  hotBreakOffStop: None;
  hotBreakOffFor: None;
  hotBreakOffAgainst: None;
  stopPerSpecies: None;
  stopPerSpeciesWhy: None;
  stopEighty: None;
  stopEightyWhy: None;
  stopCoolPike: None;
  stopCoolPikeWhy: None;
}

export const careMessage = messagesOf<CareMessages>('care');
