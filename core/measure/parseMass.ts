import type { Message } from './message.js';
import { measureMessage } from './measureMessages.js';
import { tidyMeasureText } from './tidyText.js';
import { gramsOf, poundsOunces, sameMass, type Mass, type MassSystem } from './mass.js';
import { formatMass } from './formatMass.js';

/** One thing that a written weight can mean, and how to say it. */
export interface MassMeaning {
  readonly mass: Mass;
  readonly says: Message;
}

/** What a written weight comes to: one mass, several that the writer must choose from, or a reason why none. */
export type ParsedMass =
  | { readonly kind: 'mass'; readonly mass: Mass }
  | { readonly kind: 'ambiguous'; readonly question: Message; readonly meanings: readonly MassMeaning[] }
  | { readonly kind: 'refused'; readonly reason: Message };

/** Heavier than any freshwater fish a keeper will hang in a sling; above it a point or a unit has been lost. */
export const HEAVIEST_GRAMS = 200_000;

const POUND = '(?:lbs?|pounds?|#)';
const OUNCE = '(?:ozs?|ounces?)';
const DRAM = '(?:drs?|drams?)';
const OUNCES_WRITTEN = '(\\d+)?(?:\\s*(\\d)/(\\d))?';

const POUNDS_OUNCES = new RegExp(`^(\\d+)\\s*${POUND}\\s*-?\\s*${OUNCES_WRITTEN}\\s*${OUNCE}?$`);
const POUNDS_OUNCES_DRAMS = new RegExp(`^(?:(\\d+)\\s*${POUND}\\s*)?(\\d+)\\s*${OUNCE}\\s*(\\d+)\\s*${DRAM}$`);
const OUNCES_ONLY = new RegExp(`^${OUNCES_WRITTEN}\\s*${OUNCE}$`);
const DASHED = new RegExp(`^(\\d+)\\s*-\\s*(\\d+)(?:\\s*-\\s*(\\d+))?(?:\\s*(\\d)/(\\d))?(?:\\s*${OUNCE})?$`);
const POUNDS_DECIMAL = new RegExp(`^(\\d+)\\.(\\d+)\\s*${POUND}$`);
const POUNDS_PARTS = new RegExp(`^(?:(\\d+)[\\s-]+)?(\\d+)/(\\d+)\\s*(${POUND})?$`);
const KILOGRAMS = /^(\d+(?:\.\d+)?)\s*(?:kgs?|kilos?|kilograms?)$/;
/** A stone is fourteen pounds. */
const STONES = new RegExp(`^(\\d+)\\s*(?:sts?|stones?)(?:\\s*(\\d+)\\s*${POUND})?(?:\\s*(\\d+)\\s*${OUNCE})?$`);
const STONE_POUNDS = 14;
const GRAMS = /^(\d+)\s*(?:g|gr|grams?)$/;
const BARE = /^(\d+)(?:\.(\d+))?$/;

/**
 * Reads a weight as anglers write it. `habit` is the family that a bare number is taken in. "23.11" is asked about,
 * because it is written for 23 lb 11 oz at least as often as for 23.11 lb (common practice, no source). Refuses, with a
 * reason: nothing written, ounces that do not fit a pound, two families at once, negative or absurd weights.
 *
 * Example: `parseMass('23-11', 'lb-oz')` is `{ kind: 'mass', mass: { unit: 'oz', count: 379 } }`.
 */
export function parseMass(text: string, habit: MassSystem): ParsedMass {
  const tidy = tidyMeasureText(text);
  if (tidy === '') return refused(measureMessage('massMissing'));
  if (/^-/.test(tidy)) return refused(measureMessage('massNegative'));
  if (/(lb|pound|oz|ounce|#)/.test(tidy) && /(kg|kilo|\d\s*g(r|rams?)?$)/.test(tidy)) {
    return refused(measureMessage('massMixed'));
  }
  return bounded(read(tidy, habit) ?? refused(notUnderstood(text)));
}

function read(tidy: string, habit: MassSystem): ParsedMass | undefined {
  const drams = POUNDS_OUNCES_DRAMS.exec(tidy);
  if (drams) return fromParts(drams[1], drams[2], { drams: drams[3] });
  const written = POUNDS_OUNCES.exec(tidy);
  if (written) return fromParts(written[1], written[2], { numerator: written[3], denominator: written[4] });
  const stones = STONES.exec(tidy);
  if (stones) {
    const pounds = STONE_POUNDS * Number(stones[1]) + Number(stones[2] ?? 0);
    return fromParts(String(pounds), stones[3], {});
  }
  const ounces = OUNCES_ONLY.exec(tidy);
  if (ounces && (ounces[1] ?? ounces[2])) {
    return fromParts(undefined, ounces[1], { numerator: ounces[2], denominator: ounces[3] });
  }
  const dashed = DASHED.exec(tidy);
  if (dashed) {
    return fromParts(dashed[1], dashed[2], { drams: dashed[3], numerator: dashed[4], denominator: dashed[5] });
  }
  const kilograms = KILOGRAMS.exec(tidy);
  if (kilograms) return fromKilograms(kilograms[1] ?? '');
  const grams = GRAMS.exec(tidy);
  if (grams) return { kind: 'mass', mass: { unit: 'g', count: Number(grams[1]) } };
  const decimal = POUNDS_DECIMAL.exec(tidy);
  if (decimal) return fromDotted(decimal[1] ?? '', decimal[2] ?? '');
  const parts = POUNDS_PARTS.exec(tidy);
  if (parts && (parts[4] ?? habit === 'lb-oz')) return fromPoundParts(parts[1], Number(parts[2]), Number(parts[3]));
  const bare = BARE.exec(tidy);
  if (bare) {
    if (habit === 'kg') return fromKilograms(tidy);
    return bare[2] === undefined
      ? { kind: 'mass', mass: poundsOunces(Number(bare[1]), 0) }
      : fromDotted(bare[1] ?? '', bare[2]);
  }
  return undefined;
}

interface Beyond {
  readonly drams?: string | undefined;
  readonly numerator?: string | undefined;
  readonly denominator?: string | undefined;
}

function fromParts(poundText: string | undefined, ounceText: string | undefined, beyond: Beyond): ParsedMass {
  const pounds = Number(poundText ?? 0);
  const ounces = Number(ounceText ?? 0);
  if (poundText !== undefined && ounces > 15) {
    const carried = formatMass(poundsOunces(pounds, ounces));
    return refused(measureMessage('massOuncesOverAPound', { ounces, pounds, carried }));
  }
  const whole = poundsOunces(pounds, ounces);
  if (beyond.drams !== undefined) {
    const drams = Number(beyond.drams);
    if (drams > 15) return refused(measureMessage('massDramsOverAnOunce', { drams, ounces }));
    return { kind: 'mass', mass: { unit: 'dram', count: whole.count * 16 + drams } };
  }
  if (beyond.numerator !== undefined) {
    const quarters = (4 * Number(beyond.numerator)) / Number(beyond.denominator);
    if (!Number.isInteger(quarters) || quarters > 3) {
      return refused(measureMessage('massPartsOfAnOunce'));
    }
    return { kind: 'mass', mass: { unit: 'quarter-oz', count: whole.count * 4 + quarters } };
  }
  return { kind: 'mass', mass: whole };
}

/** Halves, quarters, eighths and sixteenths of a pound are whole ounces. */
function fromPoundParts(pounds: string | undefined, numerator: number, denominator: number): ParsedMass {
  if (denominator === 0) return refused(measureMessage('massFractionByZero', { denominator }));
  const ounces = (16 * numerator) / denominator;
  if (numerator >= denominator) return refused(measureMessage('massFractionOverAPound', { numerator, denominator }));
  return Number.isInteger(ounces)
    ? { kind: 'mass', mass: poundsOunces(Number(pounds ?? 0), ounces) }
    : refused(measureMessage('massFractionNoOunces', { numerator, denominator }));
}

function fromKilograms(text: string): ParsedMass {
  const [whole = '0', fraction = ''] = text.split('.');
  if (fraction.length > 3) return refused(measureMessage('massFinerThanAGram'));
  return { kind: 'mass', mass: { unit: 'g', count: Number(whole) * 1000 + Number(fraction.padEnd(3, '0')) } };
}

/** Digits after a point in pounds: decimal pounds, dotted ounces, or either. */
function fromDotted(poundText: string, fraction: string): ParsedMass {
  const pounds = Number(poundText);
  const decimal = decimalPounds(pounds, fraction);
  const dotted = fraction.length <= 2 && Number(fraction) <= 15 ? poundsOunces(pounds, Number(fraction)) : undefined;
  if (dotted && decimal && sameMass(dotted, decimal)) return { kind: 'mass', mass: dotted };
  if (dotted && decimal) {
    return {
      kind: 'ambiguous',
      question: measureMessage('massDottedQuestion', { poundText, fraction }),
      meanings: [
        { mass: dotted, says: measureMessage('massItself', { mass: dotted }) },
        { mass: decimal, says: saysDecimal(decimal, poundText, fraction) },
      ],
    };
  }
  if (decimal) return { kind: 'mass', mass: decimal };
  return refused(measureMessage('massTooFine', { poundText, fraction }));
}

function decimalPounds(pounds: number, fraction: string): Mass | undefined {
  if (fraction.length <= 2) return { unit: 'lb/100', count: pounds * 100 + Number(fraction.padEnd(2, '0')) };
  const drams = (Number(fraction) * 256) / 10 ** fraction.length;
  return Number.isInteger(drams) ? { unit: 'dram', count: pounds * 256 + drams } : undefined;
}

function saysDecimal(mass: Mass, poundText: string, fraction: string): Message {
  const ounces = (gramsOf({ unit: 'lb/100', count: mass.count % 100 }) / gramsOf({ unit: 'oz', count: 1 })).toFixed(1);
  return measureMessage('massDecimalPounds', { poundText, fraction, ounces });
}

function bounded(parsed: ParsedMass): ParsedMass {
  const masses =
    parsed.kind === 'mass' ? [parsed.mass] : parsed.kind === 'ambiguous' ? parsed.meanings.map((m) => m.mass) : [];
  if (parsed.kind === 'mass' && parsed.mass.count === 0) return refused(measureMessage('massZero'));
  const absurd = masses.find((mass) => gramsOf(mass) > HEAVIEST_GRAMS);
  return absurd ? refused(measureMessage('massTooHeavy', { absurd })) : parsed;
}

function notUnderstood(text: string): Message {
  return measureMessage('massNotUnderstood', { text });
}

function refused(reason: Message): ParsedMass {
  return { kind: 'refused', reason };
}
