import type { Message } from '../measure/message.js';
import { weighingMessage } from './weighingMessages.js';
/** The single slips that make a wrong entry of a right fish. */
export const SLIPS = [
  'sling-left-on',
  'sling-taken-twice',
  'dotted-ounces',
  'pounds-for-kilograms',
  'kilograms-for-pounds',
  'inches-for-centimetres',
  'centimetres-for-inches',
  'lost-point',
  'swapped-digits',
  'scale-held',
  'same-entry-twice',
  'wrong-species',
] as const;
export type SlipKind = (typeof SLIPS)[number];

/** How often each comes about among entries, before anything is looked at: common practice, no source. */
export const HOW_OFTEN: Readonly<Record<SlipKind, number>> = {
  'sling-left-on': 0.02,
  'sling-taken-twice': 0.008,
  'dotted-ounces': 0.01,
  'pounds-for-kilograms': 0.006,
  'kilograms-for-pounds': 0.006,
  'inches-for-centimetres': 0.006,
  'centimetres-for-inches': 0.006,
  'lost-point': 0.004,
  'swapped-digits': 0.004,
  'scale-held': 0.02,
  'same-entry-twice': 0.006,
  'wrong-species': 0.006,
};

export const SLIP_WORDS: Readonly<Record<SlipKind, Message>> = {
  'sling-left-on': weighingMessage('slipWordsSlingLeftOn'),
  'sling-taken-twice': weighingMessage('slipWordsSlingTakenTwice'),
  'dotted-ounces': weighingMessage('slipWordsDottedOunces'),
  'pounds-for-kilograms': weighingMessage('slipWordsPoundsForKilograms'),
  'kilograms-for-pounds': weighingMessage('slipWordsKilogramsForPounds'),
  'inches-for-centimetres': weighingMessage('slipWordsInchesForCentimetres'),
  'centimetres-for-inches': weighingMessage('slipWordsCentimetresForInches'),
  'lost-point': weighingMessage('slipWordsLostPoint'),
  'swapped-digits': weighingMessage('slipWordsSwappedDigits'),
  'scale-held': weighingMessage('slipWordsScaleHeld'),
  'same-entry-twice': weighingMessage('slipWordsSameEntryTwice'),
  'wrong-species': weighingMessage('slipWordsWrongSpecies'),
};
