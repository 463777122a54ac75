import { formatMass } from '../measure/formatMass.js';
import { massSystemOf } from '../measure/mass.js';
import type { Entry } from './entry.js';
import type { SlipKind } from './slip.js';
import { nearest } from '../measure/nearestMass.js';

/**
 * What was seen around the weighing that suggests a slip, in sentences for the keeper; nothing where only the fish
 * suggests it. Example: for a sling left on, that the zero was not tapped and what the empty sling showed afterwards.
 */
export function slipEvidence(
  kind: SlipKind,
  { reading, zeroSeen, division, before, guessGrams }: Entry,
): readonly string[] {
  const after = reading.slingAfter && formatMass(reading.slingAfter);
  switch (kind) {
    case 'sling-left-on':
      return [
        ...(zeroSeen === false ? ['The zero was not tapped.'] : []),
        ...(after && reading.slingAfter && reading.slingAfter.count > 0
          ? [`The empty sling showed ${after} afterwards, not zero.`]
          : []),
      ];
    case 'sling-taken-twice':
      return after ? [`The empty sling showed ${after} afterwards: the scale had been zeroed with it.`] : [];
    case 'dotted-ounces':
      return [
        ...(reading.written ? [`It was written ${reading.written}.`] : []),
        ...(division && massSystemOf(division.unit) === 'lb-oz' && division.unit !== 'lb/100'
          ? ['Your scale shows ounces, no hundredths of a pound.']
          : []),
      ];
    case 'pounds-for-kilograms':
      return division && massSystemOf(division.unit) === 'kg' ? ['Your scale shows kilograms.'] : [];
    case 'kilograms-for-pounds':
      return division && massSystemOf(division.unit) === 'lb-oz' ? ['Your scale shows pounds.'] : [];
    case 'scale-held':
      return reading.support === 'held' ? ['The connected scale swayed as it does in a hand.'] : [];
    case 'same-entry-twice':
      return before ? ['The fish before it was written with the very same weight.'] : [];
    case 'lost-point':
    case 'swapped-digits':
      return guessGrams ? [`You had guessed ${formatMass(nearest(guessGrams, reading.asRead.unit))}.`] : [];
    default:
      return [];
  }
}
