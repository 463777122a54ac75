import type { Message } from '../measure/message.js';
import { weighingMessage } from './weighingMessages.js';
import { nearest } from '../measure/nearestMass.js';
import { gramsOf, type MassUnit } from '../measure/mass.js';
import type { WeightReading } from '../domain/capture/weightReading.js';

/** What the sling, hung again after the fish, says about the weight. */
export interface TareBracket {
  /** How much heavier the empty sling was afterwards than it was taken for, in grams; below zero if lighter. */
  readonly changeGrams: number;
  /** To be added to the net weight: half the change the other way, for the truth lies between the two tares. */
  readonly correctionGrams: number;
  /**
   * Standard uncertainty: anywhere between the two is as likely (JCGM 100:2008, 4.3.7), and half of the step of the
   * second one.
   */
  readonly uGrams: number;
  readonly says: Message;
}

/**
 * No sling takes up or gives back more than this while a fish is in it: such a change is a slip, not water (common
 * practice, no source).
 */
const MOST_CHANGE_GRAMS = 300;

/**
 * Brackets the tare by the empty wet sling before and after. Undefined when it was not hung again, when the tare is
 * missing, when the two are so far apart that one of them was no tare, or when the second is only a bound. Example: a
 * zeroed scale that shows 4 oz afterwards: 2 oz come off the weight, give or take 1.2 oz.
 */
export function bracketTare(reading: WeightReading, divisionGrams: number): TareBracket | undefined {
  const { slingAfter, method, tare, asRead } = reading;
  if (!slingAfter || isBoundOnly(reading) || (method === 'gross-minus-tare' && !tare)) return undefined;
  const before = method === 'gross-minus-tare' && tare ? gramsOf(tare) : 0;
  const changeGrams = gramsOf(slingAfter) - before;
  if (Math.abs(changeGrams) > MOST_CHANGE_GRAMS) return undefined;
  return {
    changeGrams,
    // Turned into plain zero where nothing changed.
    correctionGrams: changeGrams === 0 ? 0 : -changeGrams / 2,
    uGrams: Math.hypot(changeGrams, divisionGrams / 2) / Math.sqrt(12),
    says: saying(changeGrams, asRead.unit),
  };
}

/**
 * Whether the empty sling afterwards only bounds the tare: a connected scale that was zeroed sends nothing for a sling
 * that became lighter, for its packet has no sign. Example: nothing sent is a bound; nothing set by hand is a value.
 */
export function isBoundOnly({ method, slingAfter, slingAfterWay, way }: WeightReading): boolean {
  return method === 'zeroed' && slingAfter?.count === 0 && (slingAfterWay ?? way) === 'live';
}

function saying(changeGrams: number, unit: MassUnit): Message {
  if (changeGrams === 0) return weighingMessage('slingUnchanged');
  const change = nearest(Math.abs(changeGrams), unit);
  return changeGrams > 0 ? weighingMessage('slingHeavier', { change }) : weighingMessage('slingLighter', { change });
}
