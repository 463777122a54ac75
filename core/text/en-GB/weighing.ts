import { formatMass } from '../../measure/formatMass.js';
import { nearest } from '../../measure/nearestMass.js';
import type { WeighingMessages } from '../../weighing/weighingMessages.js';
import type { Texts } from '../texts.js';

const HUNG_AGAIN = ' Hung again it showed zero, and this scale cannot show less: the sling may have become lighter.';

export const weighingTexts: Texts<WeighingMessages> = {
  resolution: 'The scale shows steps; the true weight is anywhere within one.',
  resolutionAveraged: 'What the steps leave open once the readings were averaged.',
  zeroSetting: 'Setting to zero is good to a quarter of a step.',
  tareResolution: 'The tare was read in steps as well.',
  readByEye: 'Read by eye while it wandered: half a step, as is usual.',
  repeatability: 'How far the settled readings disagreed.',
  tareBracketed: 'The empty sling before and after: its tare lies between.',
  zeroNotTimed: ({ bound }) => `When the sling was zeroed was not noted: 30 g, as is usual.${bound ? HUNG_AGAIN : ''}`,
  zeroOld: ({ minutes, error, bound }) =>
    `The zero was ${minutes} minutes old: such a sling changes by ${Math.round(error)} g in that time.${bound ? HUNG_AGAIN : ''}`,
  zeroFresh: ({ minutes, error, bound }) =>
    `The zero was ${minutes < 1 ? 'fresh' : `${minutes} min old`}; the sling drains by ${Math.round(error)} g in that time.${bound ? HUNG_AGAIN : ''}`,
  checkCrooked: ({ atMs }, _say, dates) =>
    `The check of ${dates.day(atMs)} found it uneven: its errors follow no line, so nothing was corrected.`,
  checkDoubt: ({ atMs }, _say, dates) => `The check of ${dates.day(atMs)} has a doubt of its own.`,
  checkDrift: ({ atMs }, _say, dates) => `How far such a scale may have drifted since the check of ${dates.day(atMs)}.`,
  neverChecked: 'Never compared with known masses: the limit of its class in service is taken.',
  handRoundTheBody: 'A hand round the body of the scale adds 3 to 8 %; the best estimate takes the middle of that off.',
  handNotNoted:
    'It hung from a hand. By its loop that adds nothing, round its body up to 8 %; it was not noted which, so the weight stands and the interval reaches that far.',
  slipWordsSlingLeftOn: 'The sling was not taken off',
  slipWordsSlingTakenTwice: 'The sling was taken off twice',
  slipWordsDottedOunces: 'Pounds and ounces with a point, read as a decimal',
  slipWordsPoundsForKilograms: 'Kilograms written as pounds',
  slipWordsKilogramsForPounds: 'Pounds written as kilograms',
  slipWordsInchesForCentimetres: 'The length is in centimetres, written as inches',
  slipWordsCentimetresForInches: 'The length is in inches, written as centimetres',
  slipWordsLostPoint: 'A decimal point was lost',
  slipWordsSwappedDigits: 'Two digits were swapped',
  slipWordsScaleHeld: 'The scale was held by hand, not hung',
  slipWordsSameEntryTwice: 'The weight of the last fish was written again',
  slipWordsWrongSpecies: 'It is another species',
  zeroNotTapped: 'The zero was not tapped.',
  slingNotAtZero: ({ after }) => `The empty sling showed ${after} afterwards, not zero.`,
  slingZeroedAlready: ({ after }) => `The empty sling showed ${after} afterwards: the scale had been zeroed with it.`,
  wasWritten: ({ written }) => `It was written ${written}.`,
  scaleInOunces: 'Your scale shows ounces, no hundredths of a pound.',
  scaleInKilograms: 'Your scale shows kilograms.',
  scaleInPounds: 'Your scale shows pounds.',
  scaleSwayed: 'The connected scale swayed as it does in a hand.',
  sameAsBefore: 'The fish before it was written with the very same weight.',
  guessed: ({ guessGrams, unit }) => `You had guessed ${formatMass(nearest(guessGrams, unit))}.`,
  slingUnchanged: 'The empty sling weighed the same afterwards.',
  slingHeavier: ({ change }) => `The sling held ${formatMass(change)} more water with the fish out.`,
  slingLighter: ({ change }) => `The sling was ${formatMass(change)} lighter afterwards: it had drained.`,
  checkTooFew: 'A check needs at least three known masses, spread over what you weigh.',
  checkOneMass: 'The masses must differ: three of one mass say nothing about the gain.',
  packetCutShort: 'The scale sent a packet that breaks off. It was left out.',
  packetUnknown: 'The scale sent a packet of a kind that is not known. It was left out.',
  packetNoWeight: 'The scale says that it could not weigh.',
};
