import type { CaptureState } from '../domain/capture/captureState.js';
import type { Facts } from '../domain/capture/event.js';
import type { WeightReading } from '../domain/capture/weightReading.js';
import { totalLength } from '../domain/fish/bodyLength.js';
import { lengthMm, type Length } from '../measure/length.js';
import { gramsOf, type Mass } from '../measure/mass.js';
import { aboutMass } from '../measure/nearestMass.js';
import type { Explanation } from './explain.js';

/**
 * The facts that an explanation would put in the place of those of the entry; undefined where it only says that the
 * truth is not known. Example: a sling of 1 lb 11 oz that was left on makes a zeroed reading one of gross minus tare.
 */
export function correctedFacts(
  { corrected, kind }: Pick<Explanation, 'corrected' | 'kind'>,
  { facts }: Pick<CaptureState, 'facts'>,
): Pick<Facts, 'species' | 'form' | 'length' | 'weight'> | undefined {
  if (corrected.species) return { species: corrected.species, form: null };
  if (corrected.lengthMm !== undefined) return { length: correctedLength(corrected.lengthMm, kind, facts) };
  const reading = facts.weight;
  return corrected.grams === undefined || !reading
    ? undefined
    : { weight: correctedReading(corrected.grams, kind, reading) };
}

function correctedLength(totalMm: number, kind: Explanation['kind'], { length, species }: Facts) {
  const unit =
    kind === 'inches-for-centimetres' ? 'half-cm' : kind === 'centimetres-for-inches' ? 'quarter-in' : length?.unit;
  // What is compared is the total length; what is written down is to where it was read.
  const share = length ? lengthMm(length) / totalLength(length, species).totalMm : 1;
  return { ...lengthIn(totalMm * share, unit ?? 'half-cm'), ...(length?.of && { of: length.of }) };
}

function correctedReading(grams: number, kind: Explanation['kind'], reading: WeightReading): WeightReading {
  const { tare: _tare, ...rest } = reading;
  // What a connected scale sent belongs to what was read, not to what it is corrected to.
  const { sent: _sent, settledGrams: _settled, steadyGrams: _steady, resolutionGrams: _steps, ...typed } = rest;
  switch (kind) {
    // What was read stays as it was read; only what was done with it is put right.
    case 'sling-left-on': {
      const tare = aboutMass(gramsOf(reading.asRead) - grams, reading.asRead.unit);
      return { ...rest, method: 'gross-minus-tare', tare };
    }
    case 'sling-taken-twice':
      return { ...rest, method: 'zeroed' };
    case 'scale-held':
      return { ...reading, support: 'cupped' };
    default:
      return { ...typed, asRead: correctedMass(grams, kind, reading), method: 'zeroed' };
  }
}

function correctedMass(grams: number, kind: Explanation['kind'], { asRead }: WeightReading): Mass {
  if (kind === 'pounds-for-kilograms') return aboutMass(grams, 'g');
  if (kind === 'kilograms-for-pounds' || kind === 'dotted-ounces') return aboutMass(grams, 'oz');
  return aboutMass(grams, asRead.unit);
}

function lengthIn(mm: number, unit: Length['unit']): Length {
  const mark = unit === 'quarter-in' ? 25.4 / 4 : unit === 'half-cm' ? 5 : 1;
  return { unit, count: Math.max(1, Math.round(mm / mark)) };
}
