import { tidyMeasureText } from './tidyText.js';
import { accept, refuse, type Answer } from './answer.js';

/** The mark to which a board is read: a quarter inch, half a centimetre, or a millimetre. */
export type LengthUnit = 'quarter-in' | 'half-cm' | 'mm';

export const LENGTH_UNITS: readonly LengthUnit[] = ['quarter-in', 'half-cm', 'mm'];

/** A length exactly as read off the board: a whole number of its marks. */
export interface Length {
  readonly unit: LengthUnit;
  readonly count: number;
}

/** One inch is 25.4 mm exactly (International Yard and Pound Agreement, 1959). */
const MM_PER_MARK: Readonly<Record<LengthUnit, number>> = { 'quarter-in': 25.4 / 4, 'half-cm': 5, mm: 1 };

/** Longer than any freshwater fish on a board. */
const LONGEST_MM = 4000;

const INCHES = /^(\d+)(?:[\s-]+(\d)\/(\d)|\.(\d+))?\s*(?:in|ins|inch|inches|")$/;
const METRIC = /^(\d+(?:\.\d)?)\s*(mm|cm)$/;
const BARE = /^\d+(?:[\s-]+\d\/\d|\.\d+)?$/;

/** Length in millimetres. Example: `lengthMm({ unit: 'quarter-in', count: 4 }) === 25.4`. */
export function lengthMm(length: Length): number {
  return length.count * MM_PER_MARK[length.unit];
}

/** As a keeper writes it. Examples: `31¼ in`, `79.5 cm`. */
export function formatLength(length: Length): string {
  if (length.unit === 'quarter-in') {
    return `${Math.floor(length.count / 4)}${['', '¼', '½', '¾'][length.count % 4] ?? ''} in`;
  }
  return `${(lengthMm(length) / 10).toFixed(1)} cm`;
}

/**
 * Reads a board length. A bare number is taken in `habit`. Inches must fall on a quarter: a board has no other marks.
 * Example: `parseLength('31 1/4', 'in')` is `{ unit: 'quarter-in', count: 125 }`.
 */
export function parseLength(text: string, habit: 'in' | 'cm'): Answer<Length> {
  const tidy = tidyMeasureText(text).replace(/''$/, '"');
  if (tidy === '') return refuse('No length was given.');
  const answer = BARE.test(tidy) ? readLength(`${tidy} ${habit}`) : readLength(tidy);
  if (!answer)
    return refuse(`"${text.trim()}" does not read as a length. Ways that work: 31 1/4 in, 31.25 in, 79.5 cm.`);
  if (answer.ok && lengthMm(answer.value) > LONGEST_MM) {
    return refuse(`${formatLength(answer.value)} is longer than any fish on a board. A point may have been lost.`);
  }
  if (answer.ok && answer.value.count === 0) return refuse('A length of nothing is no length. Leave it empty instead.');
  return answer;
}

function readLength(tidy: string): Answer<Length> | undefined {
  const inches = INCHES.exec(tidy);
  if (inches) {
    const parts = inches[4] === undefined ? fraction(inches[2], inches[3]) : Number(`0.${inches[4]}`);
    const quarters = parts * 4;
    if (!Number.isInteger(quarters) || quarters > 3) {
      const down = formatLength({
        unit: 'quarter-in',
        count: Number(inches[1]) * 4 + Math.min(3, Math.floor(quarters)),
      });
      return refuse(
        `A board is read down to the quarter inch. ${down} is the mark below; 31¼ is written 31 1/4 or 31.25.`,
      );
    }
    return accept({ unit: 'quarter-in', count: Number(inches[1]) * 4 + quarters });
  }
  const metric = METRIC.exec(tidy);
  if (!metric) return undefined;
  const mm = metric[2] === 'cm' ? Math.round(Number(metric[1]) * 10) : Number(metric[1]);
  if (!Number.isInteger(mm)) return refuse('A board is read to the millimetre at the finest.');
  return accept(mm % 5 === 0 ? { unit: 'half-cm', count: mm / 5 } : { unit: 'mm', count: mm });
}

function fraction(numerator: string | undefined, denominator: string | undefined): number {
  return numerator === undefined ? 0 : Number(numerator) / Number(denominator);
}
