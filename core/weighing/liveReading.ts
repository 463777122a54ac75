import { gramsOf, type Mass, type MassUnit } from '../measure/mass.js';
import type { WeightReading } from '../domain/capture/weightReading.js';
import { roundToDivision, type Rounding } from './rounding.js';
import type { Settling } from './settle.js';
import { nearest } from '../measure/nearestMass.js';
import { packetStepGrams } from './weightMeasurement.js';

/** What a connected scale came to: what stands as its reading, and the finer value behind it. */
export type LiveReading = Required<
  Pick<WeightReading, 'asRead' | 'sent' | 'settledGrams' | 'steadyGrams' | 'steadyFreedom' | 'resolutionGrams'>
>;

/**
 * Brings what a connected scale settled at into the book: the reading goes to the division by the keeper's rule, the
 * value as it settled is kept beside it to a tenth of a gram. Undefined while it has no value. `unit` is the one that
 * its packets count in. Example: 10 737 g off a scale of 50 g stand as 10.70 kg, and 10 737 g are kept.
 */
export function liveReading(
  { grams, uGrams, freedom = 1, resolutionGrams }: Settling,
  { unit, division, rounding }: { readonly unit: MassUnit; readonly division: Mass; readonly rounding: Rounding },
): LiveReading | undefined {
  if (grams === undefined || uGrams === undefined) return undefined;
  const sent = nearest(grams, unit);
  const stepGrams = packetStepGrams(unit);
  // Steps that do not go into each other are each cut once.
  const cut = isMultiple(gramsOf(division), stepGrams) ? 0 : stepGrams / Math.sqrt(12);
  return {
    asRead: rounding === 'as-read' ? sent : roundToDivision(sent, division, rounding, stepGrams),
    sent,
    settledGrams: toTenth(grams),
    steadyGrams: toTenth(uGrams),
    steadyFreedom: Math.max(1, freedom),
    resolutionGrams: toTenth(Math.hypot(resolutionGrams ?? gramsOf(division) / Math.sqrt(12), cut)),
  };
}

function isMultiple(grams: number, stepGrams: number): boolean {
  const times = grams / stepGrams;
  return Math.abs(times - Math.round(times)) < 1e-9;
}

function toTenth(grams: number): number {
  return Math.round(grams * 10) / 10;
}
