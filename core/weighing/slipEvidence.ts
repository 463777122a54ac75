import type { Message } from '../measure/message.js';
import { weighingMessage } from './weighingMessages.js';
import { formatMass } from '../measure/formatMass.js';
import { massSystemOf } from '../measure/mass.js';
import type { Entry } from './entry.js';
import type { SlipKind } from './slip.js';

/**
 * What was seen around the weighing that suggests a slip; nothing where only the fish
 * suggests it. Example: for a sling left on, that the zero was not tapped and what the empty sling showed afterwards.
 */
export function slipEvidence(
  kind: SlipKind,
  { reading, zeroSeen, division, before, guessGrams }: Entry,
): readonly Message[] {
  const after = reading.slingAfter && formatMass(reading.slingAfter);
  switch (kind) {
    case 'sling-left-on':
      return [
        ...(zeroSeen === false ? [weighingMessage('zeroNotTapped')] : []),
        ...(after && reading.slingAfter && reading.slingAfter.count > 0
          ? [weighingMessage('slingNotAtZero', { after })]
          : []),
      ];
    case 'sling-taken-twice':
      return after ? [weighingMessage('slingZeroedAlready', { after })] : [];
    case 'dotted-ounces':
      return [
        ...(reading.written ? [weighingMessage('wasWritten', { written: reading.written })] : []),
        ...(division && massSystemOf(division.unit) === 'lb-oz' && division.unit !== 'lb/100'
          ? [weighingMessage('scaleInOunces')]
          : []),
      ];
    case 'pounds-for-kilograms':
      return division && massSystemOf(division.unit) === 'kg' ? [weighingMessage('scaleInKilograms')] : [];
    case 'kilograms-for-pounds':
      return division && massSystemOf(division.unit) === 'lb-oz' ? [weighingMessage('scaleInPounds')] : [];
    case 'scale-held':
      return reading.support === 'held' ? [weighingMessage('scaleSwayed')] : [];
    case 'same-entry-twice':
      return before ? [weighingMessage('sameAsBefore')] : [];
    case 'lost-point':
    case 'swapped-digits':
      return guessGrams ? [weighingMessage('guessed', { guessGrams, unit: reading.asRead.unit })] : [];
    default:
      return [];
  }
}
