import type { Meeting } from '@keeper/core/domain/meeting/meeting';
import { formatMassIn } from '@keeper/core/measure/formatMass';
import { formatLength } from '@keeper/core/measure/length';
import { GRAMS_PER_POUND, massSystemOf, type MassUnit } from '@keeper/core/measure/mass';
import { useSettings } from '../../data/queries.js';
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
