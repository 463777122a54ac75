import type { Meeting } from '@keeper/core/domain/meeting/meeting';
import { formatMassIn } from '@keeper/core/measure/formatMass';
import { formatLength, lengthMm } from '@keeper/core/measure/length';
import { GRAMS_PER_POUND, gramsOf, massSystemOf, type MassUnit } from '@keeper/core/measure/mass';
import { parseLength } from '@keeper/core/measure/parseLength';
import { parseMass } from '@keeper/core/measure/parseMass';
import { useSettings } from '../../data/queries.js';
import { parseTypedNumber } from '../../parts/typed.js';
import { meetingsText } from './text.en-GB.js';

/** How sizes of a meeting are typed and said by this keeper. */
export interface MeetingUnitsHere {
  readonly inches: boolean;
  readonly pounds: boolean;
}

export function useMeetingUnits(): MeetingUnitsHere {
  const { lengthHabit, massUnit } = useSettings();
  return { inches: lengthHabit === 'in', pounds: isPounds(massUnit) };
}

const isPounds = (unit: MassUnit) => massSystemOf(unit) === 'lb-oz';

/** How many mm or grams one of the keeper's units is. */
export function unitOf(by: Meeting['by'], { inches, pounds }: MeetingUnitsHere): { name: string; size: number } {
  if (by === 'length')
    return inches ? { name: meetingsText.inches, size: 25.4 } : { name: meetingsText.centimetres, size: 10 };
  return pounds ? { name: meetingsText.pounds, size: GRAMS_PER_POUND } : { name: meetingsText.kilograms, size: 1000 };
}

/**
 * A size as it was typed, in mm or grams: a plain number of the keeper's unit, or written as on a board or scale. Null
 * where nothing was typed, NaN where it says no size. Example: `readSize('8 lb 4 oz', 'weight', units)` is 3742.1.
 */
export function readSize(typed: string, by: Meeting['by'], units: MeetingUnitsHere): number | null {
  const plain = parseTypedNumber(typed);
  if (plain === undefined) return null;
  if (!Number.isNaN(plain)) return plain * unitOf(by, units).size;
  if (by === 'length') {
    const length = parseLength(typed, units.inches ? 'in' : 'cm');
    return length.ok ? lengthMm(length.value) : NaN;
  }
  const mass = parseMass(typed, units.pounds ? 'lb-oz' : 'kg');
  return mass.kind === 'mass' ? gramsOf(mass.mass) : NaN;
}

const MM_PER_QUARTER_INCH = 25.4 / 4;

/**
 * A size of a meeting in words: quarters of an inch as on the board, decimals where it was read off another one.
 * Examples: `38¼ in`; `72.83 in`; `23 lb 11 oz`.
 */
export function sizeText(by: Meeting['by'], value: number, units: MeetingUnitsHere): string {
  if (by === 'weight') return formatMassIn({ unit: 'g', count: Math.round(value) }, units.pounds ? 'lb-oz' : 'kg');
  const quarters = value / MM_PER_QUARTER_INCH;
  if (units.inches && Math.abs(quarters - Math.round(quarters)) < 0.001)
    return formatLength({ unit: 'quarter-in', count: Math.round(quarters) });
  const { name, size } = unitOf(by, units);
  return `${Number((value / size).toFixed(2))} ${name}`;
}
