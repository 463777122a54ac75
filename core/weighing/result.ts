import { gramsOf, type Mass } from '../measure/mass.js';
import { permissibleError, type ScaleClass } from './permissibleError.js';
import { netWeight, type WeightReading } from './reading.js';
import { roundToDivision, type Rounding } from './rounding.js';
import { correctShown, type Correction, type JudgedCheck } from './scaleCheck.js';
import { OLD_ZERO_MIN, zeroErrorGrams, type SlingDrain } from './slingDrain.js';
import { bracketTare, type TareBracket } from './tareBracket.js';

/** One source of doubt, as a standard uncertainty in grams. */
export interface Contribution {
  readonly source: 'resolution' | 'zero' | 'repeatability' | 'tare' | 'calibration' | 'held';
  readonly uGrams: number;
  /** Where the number comes from, in a sentence. */
  readonly why: string;
}

/** What surrounds a weighing: which scale, which check stood that day, how its sling drains. */
export interface WeighedWith {
  /** The step of the scale; the unit read when no scale is known. */
  readonly division: Mass;
  readonly scaleClass: ScaleClass;
  readonly check: JudgedCheck | undefined;
  readonly drain: SlingDrain | undefined;
  readonly rounding: Rounding;
}

/** A weight that can be stood behind. */
export interface WeightResult {
  readonly asRead: Mass;
  /** Exact in the unit read. */
  readonly net: Mass;
  /** What stands in the book: the net by the keeper's rule of rounding. Nothing else was done to it. */
  readonly stands: Mass;
  /** The best estimate of the truth, in grams, with the tare bracketed. */
  readonly bestGrams: number;
  readonly budget: readonly Contribution[];
  /** Combined standard uncertainty, and the expanded one at k = 2. */
  readonly uGrams: number;
  readonly expandedGrams: number;
  readonly bracket: TareBracket | undefined;
  /** What the check in force would make of it: offered, not applied. */
  readonly asFound: Correction | undefined;
  readonly zeroAgeMin: number | undefined;
}

/** A hand around a scale adds 3 to 8 in a hundred: about 2 lb on a fish of 30 lb has been seen (common practice, no source). */
export const HELD_ADDS = { least: 0.03, most: 0.08 } as const;
/** A needle or number that was read by eye while it wandered: common practice, no source. */
const WANDERS_DIVISIONS = 0.5;
/** A sling whose zero nobody timed: common practice, no source. */
const UNTIMED_TARE_GRAMS = 30;

/**
 * The weight with its honest uncertainty. Undefined while the tare is missing or does not fit.
 *
 * Independent contributions are added as squares, and the sum is doubled for about 95 in 100 (JCGM 100:2008, 5.1.2 and 6.3.3). A step `d`
 * counts `d / sqrt(12)`, once for the reading and once for the zero (F.2.2.1); a limit either way counts limit / sqrt(3) (4.3.7).
 *
 * Example: 379 oz off a scale of 1 oz with an untimed zero and no check is 23 lb 11 oz, give or take about 4 oz.
 */
export function weightResult(reading: WeightReading, around: WeighedWith): WeightResult | undefined {
  const net = netWeight(reading);
  if (!net?.ok) return undefined;
  const netGrams = gramsOf(net.value);
  const bracket = bracketTare(reading);
  const zeroAgeMin = ageOfZero(reading);
  const budget = contributions(reading, around, { netGrams, bracket, zeroAgeMin });
  const uGrams = Math.hypot(...budget.map((each) => each.uGrams));
  const { rounding, division } = around;
  // A reading in whole divisions stays as it was read.
  const coarse = gramsOf(division) <= gramsOf({ unit: net.value.unit, count: 1 });
  return {
    asRead: reading.asRead,
    net: net.value,
    stands: rounding === 'as-read' || coarse ? net.value : roundToDivision(net.value, division, rounding),
    bestGrams: netGrams + (bracket?.correctionGrams ?? 0) - (reading.support === 'held' ? heldMiddle(netGrams) : 0),
    budget,
    uGrams,
    expandedGrams: 2 * uGrams,
    bracket,
    asFound: around.check && correctShown(around.check, gramsOf(reading.asRead)),
    zeroAgeMin,
  };
}

function heldMiddle(netGrams: number): number {
  const middle = (HELD_ADDS.least + HELD_ADDS.most) / 2;
  return (netGrams * middle) / (1 + middle);
}

function ageOfZero({ zeroedAt, readAt }: WeightReading): number | undefined {
  if (!zeroedAt || !readAt) return undefined;
  const minutes = (Date.parse(readAt) - Date.parse(zeroedAt)) / 60_000;
  return minutes >= 0 ? minutes : undefined;
}

interface Found {
  readonly netGrams: number;
  readonly bracket: TareBracket | undefined;
  readonly zeroAgeMin: number | undefined;
}

function contributions(reading: WeightReading, around: WeighedWith, found: Found): Contribution[] {
  const step = gramsOf(around.division);
  const uStep = step / Math.sqrt(12);
  const zeroed = reading.method === 'zeroed';
  const { netGrams } = found;
  const held = reading.support === 'held';
  return [
    { source: 'resolution', uGrams: uStep, why: 'The scale shows steps; the truth lies anywhere in one.' },
    {
      source: 'zero',
      uGrams: uStep,
      why: zeroed ? 'Its zero was shown in the same steps.' : 'The tare was read in the same steps.',
    },
    reading.steadyGrams === undefined
      ? {
          source: 'repeatability',
          uGrams: WANDERS_DIVISIONS * step,
          why: 'Read by eye while it wandered: half a step, as is common.',
        }
      : { source: 'repeatability', uGrams: reading.steadyGrams, why: 'How far the settled readings disagreed.' },
    tareDoubt(around, found),
    calibrationDoubt(around, gramsOf(reading.asRead)),
    ...(held
      ? [
          {
            source: 'held' as const,
            uGrams: (netGrams * (HELD_ADDS.most - HELD_ADDS.least)) / Math.sqrt(12),
            why: 'The scale was held by hand, which adds 3 to 8 in a hundred; the best guess takes the middle of that off.',
          },
        ]
      : []),
  ];
}

function tareDoubt({ drain }: WeighedWith, { bracket, zeroAgeMin }: Found): Contribution {
  if (bracket)
    return { source: 'tare', uGrams: bracket.uGrams, why: 'The empty sling before and after: the truth lies between.' };
  if (zeroAgeMin === undefined || !drain) {
    return {
      source: 'tare',
      uGrams: UNTIMED_TARE_GRAMS,
      why: 'When the sling was zeroed was not noted: 30 g, as is common.',
    };
  }
  const error = zeroErrorGrams(drain, zeroAgeMin);
  const minutes = Math.round(zeroAgeMin);
  return {
    source: 'tare',
    uGrams: error / Math.sqrt(3),
    why:
      zeroAgeMin > OLD_ZERO_MIN
        ? `The zero was ${minutes} minutes old: such a sling changes by ${Math.round(error)} g in that time.`
        : `The zero was ${minutes < 1 ? 'fresh' : `${minutes} min old`}; the sling drains by ${Math.round(error)} g in that time.`,
  };
}

function calibrationDoubt({ check, division, scaleClass }: WeighedWith, shownGrams: number): Contribution {
  if (check) {
    const { byGrams, uGrams } = correctShown(check, shownGrams);
    return {
      source: 'calibration',
      // What the check found and nobody applied is a doubt as well.
      uGrams: Math.hypot(uGrams, byGrams / Math.sqrt(3)),
      why: `The check of ${dateText(check.at)}: what it found wrong here was not put right, and it is itself not quite sure.`,
    };
  }
  const limit = permissibleError(shownGrams, gramsOf(division), scaleClass)?.grams ?? 3 * gramsOf(division);
  return {
    source: 'calibration',
    uGrams: limit / Math.sqrt(3),
    why: 'Never held against known masses: the limit of its class in service is taken.',
  };
}

function dateText(iso: string): string {
  return new Date(iso).toLocaleDateString('en-GB', { day: 'numeric', month: 'long', year: 'numeric', timeZone: 'UTC' });
}
