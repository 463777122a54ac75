import type { Message } from './message.js';
import { measureMessage } from './measureMessages.js';
import { unitsPerPound, type Mass, type MassUnit } from './mass.js';

/** One of the wheels on which a weight is set: pounds, ounces and so on. */
export interface MassPart {
  readonly name: string;
  /** What is said in full. */
  readonly label: Message;
  readonly most: number;
  /** How far one tap of a stepper goes. */
  readonly step: number;
}

const POUNDS: MassPart = { name: 'lb', label: measureMessage('partPounds'), most: 440, step: 1 };
const OUNCES: MassPart = { name: 'oz', label: measureMessage('partOunces'), most: 15, step: 1 };

/** The wheels for each unit, coarse first. A kilogram scale is set in tens of grams, as most of them show. */
const PARTS: Readonly<Record<MassUnit, readonly MassPart[]>> = {
  oz: [POUNDS, OUNCES],
  'quarter-oz': [POUNDS, OUNCES, { name: '¼ oz', label: measureMessage('partQuarterOunces'), most: 3, step: 1 }],
  dram: [POUNDS, OUNCES, { name: 'dr', label: measureMessage('partDrams'), most: 15, step: 1 }],
  'lb/100': [POUNDS, { name: '/100 lb', label: measureMessage('partHundredths'), most: 99, step: 1 }],
  g: [
    { name: 'kg', label: measureMessage('partKilograms'), most: 199, step: 1 },
    { name: 'g', label: measureMessage('partGrams'), most: 999, step: 10 },
  ],
};

/**
 * The wheels on which a weight of this unit is set. Example: `massParts('oz').map((part) => part.name)` is `['lb',
 * 'oz']`.
 */
export function massParts(unit: MassUnit): readonly MassPart[] {
  return PARTS[unit];
}

/** How many of the unit one turn of each wheel is worth, coarse first. */
function worths(unit: MassUnit): number[] {
  if (unit === 'g') return [1000, 1];
  const perPound = unitsPerPound(unit);
  const perOunce = perPound / 16;
  return PARTS[unit].map((_, i) => (i === 0 ? perPound : i === 1 && Number.isInteger(perOunce) ? perOunce : 1));
}

/** The weight that the wheels show. Example: `massFromParts('oz', [23, 11])` is 379 oz. */
export function massFromParts(unit: MassUnit, values: readonly number[]): Mass {
  const count = worths(unit).reduce((sum, worth, i) => sum + worth * (values[i] ?? 0), 0);
  return { unit, count };
}

/** Where the wheels stand for a weight. Example: `partsFromMass({ unit: 'g', count: 8450 })` is `[8, 450]`. */
export function partsFromMass(mass: Mass): number[] {
  let rest = mass.count;
  return worths(mass.unit).map((worth) => {
    const value = Math.floor(rest / worth);
    rest -= value * worth;
    return value;
  });
}
