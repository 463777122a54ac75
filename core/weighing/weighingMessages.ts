import type { Mass } from '../measure/mass.js';
import type { MassUnit } from '../measure/mass.js';
import { messagesOf, type None } from '../measure/message.js';

/** What is said of a weight: its doubt, slips and their evidence. */
export interface WeighingMessages {
  resolution: None;
  resolutionAveraged: None;
  zeroSetting: None;
  tareResolution: None;
  readByEye: None;
  repeatability: None;
  tareBracketed: None;
  zeroNotTimed: {
    bound: boolean;
  };
  zeroOld: { minutes: number; error: number; bound: boolean };
  zeroFresh: { minutes: number; error: number; bound: boolean };
  checkCrooked: { atMs: number };
  checkDoubt: { atMs: number };
  checkDrift: { atMs: number };
  neverChecked: None;
  handRoundTheBody: None;
  handNotNoted: None;
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
  zeroNotTapped: None;
  slingNotAtZero: { after: string };
  slingZeroedAlready: { after: string };
  wasWritten: { written: string };
  scaleInOunces: None;
  scaleInKilograms: None;
  scaleInPounds: None;
  scaleSwayed: None;
  sameAsBefore: None;
  guessed: { guessGrams: number; unit: MassUnit };
  slingUnchanged: None;
  slingHeavier: { change: Mass };
  slingLighter: { change: Mass };
  checkTooFew: None;
  checkOneMass: None;
  packetCutShort: None;
  packetUnknown: None;
  packetNoWeight: None;
}

export const weighingMessage = messagesOf<WeighingMessages>('weighing');
