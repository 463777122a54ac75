import type { Message } from './message.js';
import { measureMessage } from './measureMessages.js';
import { formatLength, LONGEST_MM, lengthMm, type Length } from './length.js';
import { tidyMeasureText } from './tidyText.js';

/** A length that something written can mean, and how to say it. */
export interface LengthMeaning {
  readonly length: Length;
  readonly says: string;
}

/** What a written length comes to: one length, or a reason why none, with what was likely meant. */
export type ParsedLength =
  | { readonly ok: true; readonly value: Length }
  | { readonly ok: false; readonly reason: Message; readonly meanings: readonly LengthMeaning[] };

const INCHES = /^(\d+)(?:[\s-]+(\d)\/(\d)|\.(\d+))?\s*(?:in|ins|inch|inches|")$/;
/** Part of an inch alone: a margin that one fish has over another. */
const PART_OF_INCH = /^(\d)\/(\d)\s*(?:in|ins|inch|inches|")$/;
const METRIC = /^(\d+(?:\.\d)?)\s*(mm|cm)$/;
const METRES = /^(\d)\.(\d{1,3})\s*(?:m|metres?|meters?)$/;
const BARE = /^(?:\d+(?:[\s-]+\d\/\d|\.\d+)?|\d\/\d)$/;
/** A number whose point may have been lost, with its unit if one was written. */
const POINTLESS = /^(\d{3,5})\s*(in|ins|inch|inches|"|cm)?$/;

/**
 * Reads a board length. A bare number is taken in `habit`. Inches must fall on a quarter: a board has no other marks.
 * Where it cannot be read, what was likely meant is offered: the two traps of the trade are a lost point (3125 for
 * 31.25) and a quarter written by ear (31.14 or 31.4 for 31 1/4). Example: `parseLength('31 1/4', 'in')` is `{ unit:
 * 'quarter-in', count: 125 }`.
 */
export function parseLength(text: string, habit: 'in' | 'cm'): ParsedLength {
  const tidy = tidyMeasureText(text).replace(/''$/, '"');
  if (tidy === '') return refused(measureMessage('lengthMissing'));
  if (/^-/.test(tidy)) return refused(measureMessage('lengthNegative'));
  if (/(in|inch|inches|ins|")/.test(tidy.replace(/min/, '')) && /(cm|mm)/.test(tidy)) {
    return refused(measureMessage('lengthMixed'));
  }
  const read = BARE.test(tidy) ? readLength(`${tidy} ${habit}`) : readLength(tidy);
  if (!read) {
    return refused(measureMessage('lengthNotUnderstood', { text }));
  }
  if (!read.ok) return read;
  if (lengthMm(read.value) > LONGEST_MM) {
    return refused(measureMessage('lengthTooLong', { value: read.value }), pointsFound(tidy, habit));
  }
  if (read.value.count === 0) return refused(measureMessage('lengthZero'));
  return read;
}

function readLength(tidy: string): ParsedLength | undefined {
  const inches = INCHES.exec(tidy);
  if (inches) return readInches(inches);
  const part = PART_OF_INCH.exec(tidy);
  if (part) return readInches([tidy, '0', ...part.slice(1)]);
  const metres = METRES.exec(tidy);
  if (metres) return fromMm(Number(metres[1]) * 1000 + Number((metres[2] ?? '').padEnd(3, '0')));
  const metric = METRIC.exec(tidy);
  if (!metric) return undefined;
  const mm = metric[2] === 'cm' ? Math.round(Number(metric[1]) * 10) : Number(metric[1]);
  return Number.isInteger(mm) ? fromMm(mm) : refused(measureMessage('lengthTooFine'));
}

function fromMm(mm: number): ParsedLength {
  return { ok: true, value: mm % 5 === 0 ? { unit: 'half-cm', count: mm / 5 } : { unit: 'mm', count: mm } };
}

function readInches([, whole = '', numerator, denominator, decimals]: readonly string[]): ParsedLength {
  if (numerator !== undefined && Number(numerator) >= Number(denominator))
    return refused(measureMessage('lengthNoFraction', { numerator, denominator }));
  const parts = decimals === undefined ? fraction(numerator, denominator) : Number(`0.${decimals}`);
  const quarters = parts * 4;
  if (Number.isInteger(quarters) && quarters <= 3) return { ok: true, value: inQuarters(Number(whole), quarters) };
  const below = inQuarters(Number(whole), Math.min(3, Math.floor(quarters)));
  const byEar = decimals === undefined ? undefined : BY_EAR[decimals];
  const likely = byEar === undefined ? [] : [inQuarters(Number(whole), byEar)];
  const meanings = [...likely, ...(likely.some(({ count }) => count === below.count) ? [] : [below])];
  return refused(measureMessage('lengthOffTheQuarter', { below }), meanings.map(meaning));
}

/**
 * Quarters as they are written by ear: "31 and a quarter" as 31.14 or 31.4, "and a half" as 31.12, "three quarters" as
 * 31.34.
 */
const BY_EAR: Readonly<Record<string, number>> = { '14': 1, '4': 1, '12': 2, '2': 2, '34': 3, '3': 3 };

/** Where a point could have stood in a number that is too long for a fish. */
function pointsFound(tidy: string, habit: 'in' | 'cm'): LengthMeaning[] {
  const written = POINTLESS.exec(tidy);
  if (!written) return [];
  const [, digits = '', unit] = written;
  return [1, 2].flatMap((after) => {
    const text = `${digits.slice(0, -after)}.${digits.slice(-after)} ${unit ?? habit}`;
    const read = readLength(text);
    return read?.ok && lengthMm(read.value) <= LONGEST_MM / 2 ? [meaning(read.value)] : [];
  });
}

function inQuarters(inches: number, quarters: number): Length {
  return { unit: 'quarter-in', count: inches * 4 + quarters };
}

function meaning(length: Length): LengthMeaning {
  return { length, says: formatLength(length) };
}

function fraction(numerator: string | undefined, denominator: string | undefined): number {
  return numerator === undefined ? 0 : Number(numerator) / Number(denominator);
}

function refused(reason: Message, meanings: readonly LengthMeaning[] = []): ParsedLength {
  return { ok: false, reason, meanings };
}
