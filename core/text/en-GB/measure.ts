import { formatLength } from '../../measure/length.js';
import { formatMass } from '../../measure/formatMass.js';
import type { MeasureMessages } from '../../measure/measureMessages.js';
import type { Texts } from '../texts.js';

export const measureTexts: Texts<MeasureMessages> = {
  partPounds: 'pounds',
  partOunces: 'ounces',
  partQuarterOunces: 'quarter ounces',
  partDrams: 'drams',
  partHundredths: 'hundredths of a pound',
  partKilograms: 'kilograms',
  partGrams: 'grams',
  pastDateMissing: 'When was it? A year will do.',
  pastDateNotUnderstood: ({ text }) =>
    `"${text}" cannot be read as a date. Try 14 June 2019, June 2019, summer 2019, 2019/20 or 2019.`,
  pastDateNoSuchDay: ({ text }) => `There is no such day: ${text}.`,
  pastDateToCome: ({ text }) => `${text} is still to come.`,
  pastDateTooOld: ({ first }) => `The book begins in ${first}.`,
  lengthMissing: 'No length was given.',
  lengthNegative: 'A length cannot be below zero. Leave the minus sign out.',
  lengthMixed: 'That mixes inches and centimetres. Write the length as one of them.',
  lengthNotUnderstood: ({ text }) => `"${text.trim()}" cannot be read as a length. Try 31 1/4 in, 31.25 in, 79.5 cm.`,
  lengthTooLong: ({ value }) =>
    `${formatLength(value)} is longer than any fish on a board. Is a decimal point missing?`,
  lengthZero: 'A length of 0 is not a length. Leave it empty instead.',
  lengthTooFine: 'A board cannot be read finer than a millimetre.',
  lengthNoFraction: ({ numerator, denominator }) =>
    `${numerator}/${denominator} is not a fraction of an inch. Write the whole inches, then ¼, ½ or ¾.`,
  lengthOffTheQuarter: ({ below }) =>
    `A board is read down to the quarter inch. ${formatLength(below)} is the mark below; 31¼ is written 31 1/4 or 31.25.`,
  massItself: ({ mass }) => formatMass(mass),
  massMissing: 'No weight was given.',
  massNegative: 'A weight cannot be below zero. Leave the minus sign out.',
  massMixed: 'That mixes pounds and kilograms. Write the weight as one of them.',
  massOuncesOverAPound: ({ ounces, pounds, carried }) =>
    `A pound has 16 ounces, so ${ounces} oz does not fit after ${pounds} lb. If the ounces are right, that is ${carried}.`,
  massDramsOverAnOunce: ({ drams, ounces }) => `An ounce has 16 drams, so ${drams} dr does not fit after ${ounces} oz.`,
  massPartsOfAnOunce: 'Parts of an ounce are read in quarters: ¼, ½ or ¾. Smaller parts can be written as drams.',
  massFractionByZero: ({ denominator }) =>
    `There is no fraction with ${denominator} below the line. Write pounds and ounces.`,
  massFractionOverAPound: ({ numerator, denominator }) =>
    `${numerator}/${denominator} is a pound or more. Write the whole pounds before it.`,
  massFractionNoOunces: ({ numerator, denominator }) =>
    `${numerator}/${denominator} of a pound is not a whole number of ounces. Write pounds and ounces.`,
  massFinerThanAGram: 'That is finer than a gram. No hanging scale reads that fine.',
  massDottedQuestion: ({ poundText, fraction }) =>
    `Written as ${poundText}.${fraction}: ounces after the point, or a decimal pound?`,
  massTooFine: ({ poundText, fraction }) =>
    `${poundText}.${fraction} lb is finer than a scale reads. Write it as pounds and ounces, or to a hundredth of a pound.`,
  massDecimalPounds: ({ poundText, fraction, ounces }) =>
    `${poundText}.${fraction} lb, that is ${poundText} lb ${ounces} oz`,
  massZero: 'A weight of 0 is not a weight. Leave it empty instead.',
  massTooHeavy: ({ absurd }) =>
    `${formatMass(absurd)} is heavier than any fish in a sling. Is a decimal point or the unit missing?`,
  massNotUnderstood: ({ text }) =>
    `"${text.trim()}" cannot be read as a weight. Try 23 lb 11 oz, 23-11, 8.45 kg, 8450 g.`,
  temperatureMissing: 'No temperature was given.',
  temperatureNotUnderstood: ({ text }) => `"${text.trim()}" cannot be read as a temperature. Try 17.5, 17.5 C, 63 F.`,
  temperatureMeantF: ({ degrees, of }) =>
    `${degrees} degrees C is warmer than any ${of} gets. If that is Fahrenheit, write ${degrees} F.`,
  temperatureNowhere: ({ of, degrees, scale }) =>
    `${of === 'water' ? 'Water' : 'Air'} at ${degrees} ${scale} does not happen on a bank. Check the thermometer.`,
  scalesInOtherUnits: 'One scale shows pounds and the other kilograms. Set both to one of them to add them.',
  tareInOtherUnits:
    'The weight and the tare were read in units that do not convert exactly. Read both off the same scale.',
  tareHeavier: 'The tare is heavier than the weight it is taken from. One of the two is not as read.',
};
