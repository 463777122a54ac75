import type { Length } from './length.js';
import type { Mass } from './mass.js';
import { messagesOf, type None } from './message.js';

/** Why something written cannot be read as a measure, and what it can mean. */
export interface MeasureMessages {
  partPounds: None;
  partOunces: None;
  partQuarterOunces: None;
  partDrams: None;
  partHundredths: None;
  partKilograms: None;
  partGrams: None;
  lengthMissing: None;
  lengthNegative: None;
  lengthMixed: None;
  lengthNotUnderstood: { text: string };
  lengthTooLong: { value: Length };
  lengthZero: None;
  lengthTooFine: None;
  lengthNoFraction: { numerator: string; denominator: string | undefined };
  lengthOffTheQuarter: { below: Length };
  massItself: { mass: Mass };
  massMissing: None;
  massNegative: None;
  massMixed: None;
  massOuncesOverAPound: { ounces: number; pounds: number; carried: string };
  massDramsOverAnOunce: { drams: number; ounces: number };
  massPartsOfAnOunce: None;
  massFractionByZero: { denominator: 0 };
  massFractionOverAPound: { numerator: number; denominator: number };
  massFractionNoOunces: { numerator: number; denominator: number };
  massFinerThanAGram: None;
  massDottedQuestion: { poundText: string; fraction: string };
  massTooFine: { poundText: string; fraction: string };
  massDecimalPounds: { poundText: string; fraction: string; ounces: string };
  massZero: None;
  massTooHeavy: { absurd: Mass };
  massNotUnderstood: { text: string };
  temperatureMissing: None;
  temperatureNotUnderstood: { text: string };
  temperatureMeantF: { degrees: number; of: 'water' | 'air' };
  temperatureNowhere: { of: 'water' | 'air'; degrees: number; scale: string };
  pastDateMissing: None;
  pastDateNotUnderstood: { text: string };
  pastDateNoSuchDay: { text: string };
  pastDateToCome: { text: string };
  pastDateTooOld: { first: number };
  tareInOtherUnits: None;
  scalesInOtherUnits: None;
  tareHeavier: None;
}

export const measureMessage = messagesOf<MeasureMessages>('measure');
