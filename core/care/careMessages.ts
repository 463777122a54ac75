import type { SpeciesId } from '../domain/fish/species.js';
import type { DayOfYear } from '../domain/water/season.js';
import type { TempUnit } from '../measure/temperature.js';
import { messagesOf, type Message, type None } from '../measure/message.js';

/** What is said before fishing and after a fish. */
export interface CareMessages {
  basisPublished: { source: string };
  basisCommonPractice: None;
  basisLocalRule: { water: string | null };
  basisChoice: { name: Message };
  basisComputed: { method: Message };
  theWaterWasAtC: { waterC: number; tempC: number };
  theWaterHeldOfThe: { oxygenShare: number };
  itWasPlayedFor: { fightMs: number };
  theHookWasSwallowed: None;
  theHookWasDeepOr: None;
  itBled: None;
  itWasOutOfThe: { longestAirMs: number; spellMs: number };
  itWasLiftedInFrost: None;
  itWasDropped: None;
  itWasInNetAnd: { ms: number };
  theWaterIsTooWarm: None;
  theWaterIsWithinThree: None;
  theWaterIsShortOf: None;
  theFightWasLongerThan: None;
  theFightWasLongerThanThan: None;
  inFrostGillsAndEyes: None;
  itIsBleeding: None;
  itIsExhausted: None;
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
  oxygenLowDoNotFishOnly: { oxygenMgL: number };
  oxygenLowLittleOxygenMgL: { oxygenMgL: number };
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
  afterAboutTheSurfaceShould: { clock: string; lineC: number; tempHabit: TempUnit };
  notInTheHoursAhead: { lineC: number; tempHabit: TempUnit };
  quickerNetted: None;
  quickerHookOut: None;
  quickerHookCut: None;
  quickerLifted: None;
  quickerLookedOver: None;
  quickerWeighed: None;
  quickerMeasured: None;
  quickerPictured: None;
  quickerCarried: None;
  outOfTheWaterAt: {
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
  yourChosenLimitARest: None;
  itDroppedNextTimeLower: None;
  aBlowToTheHead: None;
  tookAgainstYourUsual: {
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
  yourOwnMedianOverFish: { times: number };
  medianOfYourOwnFish: None;
  itWasLiftedAndNot: None;
  woundsThatAreSeenCan: None;
  itNeverLeftTheWater: None;
  nothingToChangeCarryOn: None;
  timeOutOfTheWater: None;
  withinItsMeasureAndNo: None;
  landItAsFastAs: None;
  fullPressureAtOnceThe: None;
  hookOutInTheWater: None;
  heldUprightHeadIntoThe: None;
  hotCaptureWaysSpeaksFor: None;
  hotCaptureWaysSpeaksAgainst: None;
  breakItOffOrStraighten: None;
  pointTheRodAtThe: None;
  onlyWithALinkThat: None;
  thenStopFishingHere: None;
  hotCaptureWaysSpeaksForOnce: None;
  hotCaptureWaysSpeaksAgainstDeep: None;
  aLimitForEachSpecies: None;
  coldWaterFishAreIn: None;
  fForLargeToothedPredators: None;
  pikeWelsAndZanderStop: None;
  pikeStopAtC: None;
  pikeFightToAStandstill: None;
}

export const careMessage = messagesOf<CareMessages>('care');
