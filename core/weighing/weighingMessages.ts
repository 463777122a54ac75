import type { Mass } from '../measure/mass.js';
import type { MassUnit } from '../measure/mass.js';
import { messagesOf, type None } from '../measure/message.js';

/** What is said of a weight: its doubt, slips and their evidence. */
export interface WeighingMessages {
  theScaleShowsStepsThe: None;
  whatTheStepsLeaveOpen: None;
  settingToZeroIsGood: None;
  theTareWasReadIn: None;
  readByEyeWhileIt: None;
  howFarTheSettledReadings: None;
  theEmptySlingBeforeAnd: None;
  whenTheSlingWasZeroed: {
    bound: boolean;
  };
  theZeroWasMinutesOld: { minutes: number; error: number; bound: boolean };
  theZeroWasTheSling: { minutes: number; error: number; bound: boolean };
  theCheckOfFoundIt: { day: string };
  theCheckOfHasA: { day: string };
  howFarSuchAScale: { day: string };
  neverComparedWithKnownMasses: None;
  aHandRoundTheBody: None;
  itHungFromAHand: None;
  slipWordsSlingLeftOn: None;
  slipWordsSlingTakenTwice: None;
  slipWordsDottedOunces: None;
  slipWordsPoundsForKilograms: None;
  slipWordsKilogramsForPounds: None;
  slipWordsInchesForCentimetres: None;
  slipWordsCentimetresForInches: None;
  slipWordsLostPoint: None;
  slipWordsSwappedDigits: None;
  slipWordsScaleHeld: None;
  slipWordsSameEntryTwice: None;
  slipWordsWrongSpecies: None;
  theZeroWasNotTapped: None;
  theEmptySlingShowedAfterwards: { after: string };
  theEmptySlingShowedAfterwardsAfterwards: { after: string };
  itWasWritten: { written: string };
  yourScaleShowsOuncesNo: None;
  yourScaleShowsKilograms: None;
  yourScaleShowsPounds: None;
  theConnectedScaleSwayedAs: None;
  theFishBeforeItWas: None;
  youHadGuessed: { guessGrams: number; unit: MassUnit };
  theEmptySlingWeighedThe: None;
  theSlingHeldMoreWater: { change: Mass };
  theSlingWasLighterAfterwards: { change: Mass };
}

export const weighingMessage = messagesOf<WeighingMessages>('weighing');
