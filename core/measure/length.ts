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
export const LONGEST_MM = 4000;

/** Length in millimetres. Example: `lengthMm({ unit: 'quarter-in', count: 4 }) === 25.4`. */
export function lengthMm(length: Length): number {
  return length.count * MM_PER_MARK[length.unit];
}

/** As a keeper writes it. Examples: `31¼ in`, `79.5 cm`. */
export function formatLength(length: Length): string {
  if (length.unit === 'quarter-in') {
    const whole = Math.floor(length.count / 4);
    const part = ['', '¼', '½', '¾'][length.count % 4] ?? '';
    return `${whole > 0 || part === '' ? whole : ''}${part} in`;
  }
  return `${(lengthMm(length) / 10).toFixed(1)} cm`;
}
