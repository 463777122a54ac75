import type { Length } from '@keeper/core/measure/length';
import { parseTypedNumber } from '../../parts/typed.js';

const MM_PER_INCH = 25.4;

export function unitMm(inches: boolean): number {
  return inches ? MM_PER_INCH : 10;
}

/** What stands at a mark, in millimetres; undefined for what no board shows. */
export function markOf(text: string, inches: boolean): number | undefined {
  const typed = parseTypedNumber(text);
  if (typed === undefined || !(typed >= 0)) return undefined;
  const mm = typed * unitMm(inches);
  return mm <= 3000 ? mm : undefined;
}

/** What the next mark is likely to be: as far on as the last two were apart. */
export function nextMarkText(marksMm: readonly number[], inches: boolean): string {
  const unit = unitMm(inches);
  const [before, last] = marksMm.slice(-2).map((mm) => mm / unit);
  if (before === undefined) return '0';
  const step = last === undefined ? (inches ? 5 : 10) : last - before || 1;
  return String(Number(((last ?? before) + step).toFixed(2)));
}

/** A length as a board is read: down to the quarter inch or half centimetre. */
export function roundedDown(mm: number, inches: boolean): Length {
  const unit = inches ? MM_PER_INCH / 4 : 5;
  return { unit: inches ? 'quarter-in' : 'half-cm', count: Math.max(1, Math.floor(mm / unit + 1e-9)) };
}
