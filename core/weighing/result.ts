import type { Message } from '../measure/message.js';
import { weighingMessage } from './weighingMessages.js';
import { gramsOf, type Mass } from '../measure/mass.js';
import { combineDoubts, effectiveFreedom, expandDoubts } from '../statistics/coverage.js';
import { permissibleError } from './permissibleError.js';
import { type ScaleClass } from '../domain/kit/scaleSpec.js';
import { correctNet, type Correction } from './correctNet.js';
import { fineNetGrams, netWeight, type WeightReading } from '../domain/capture/weightReading.js';
import { roundToDivision, type Rounding } from './rounding.js';
import type { StandingCheck } from './scaleCheck.js';
import { OLD_ZERO_MIN, USUAL_SLING_GRAMS, wetTareGrams, zeroErrorGrams, type SlingDrain } from './slingDrain.js';
import { bracketTare, isBoundOnly, type TareBracket } from './tareBracket.js';

/** One source of doubt, as a standard uncertainty in grams. */
export interface Contribution {
  readonly source: 'resolution' | 'zero' | 'repeatability' | 'tare' | 'calibration' | 'drift' | 'held';
  readonly uGrams: number;
  /** Degrees of freedom: how much stands behind the number itself. */
  readonly freedom: number;
  /** Anywhere between two limits is as likely; else it scatters about its middle. */
  readonly even: boolean;
  /** Where the number comes from. */
  readonly why: Message;
}

/** What surrounds a weighing: which scale, which check stood that day, how its sling drains. */
export interface WeighedWith {
  /** The step of the scale; the unit read when no scale is known. */
  readonly division: Mass;
  readonly scaleClass: ScaleClass;
  readonly check: StandingCheck | undefined;
  readonly drain: SlingDrain | undefined;
  readonly rounding: Rounding;
}

/**
 * A value with the interval that belongs to it: `grams` give or take `expandedGrams` holds the truth in about 19 of 20
 * weighings.
 */
export interface WeightInterval {
  readonly grams: number;
  readonly uGrams: number;
  /** Effective degrees of freedom of `uGrams`. */
  readonly freedom: number;
  readonly expandedGrams: number;
}

/** A weight that can be stood behind. */
export interface WeightResult {
  readonly asRead: Mass;
  /** Exact in the unit read. */
  readonly net: Mass;
  /** What stands in the book: the net by the keeper's rule of rounding. Nothing else was done to it. */
  readonly stands: Mass;
  /**
   * The best estimate of the truth with its own interval: the finest value that was sent, the tare bracketed, the check
   * applied.
   */
  readonly best: WeightInterval;
  /**
   * What must be given or taken round the weight that stands, so that it holds the truth as often: the interval of the
   * best estimate widened by how far the two lie apart (JCGM 100:2008, F.2.4.5).
   */
  readonly standsExpandedGrams: number;
  readonly budget: readonly Contribution[];
  readonly bracket: TareBracket | undefined;
  /** What the check in force did to the best estimate. */
  readonly correction: Correction | undefined;
  /** What was taken off for a hand round the scale, in grams below zero; 0 without one. */
  readonly cuppedByGrams: number;
  readonly zeroAgeMin: number | undefined;
  /** When the check that was quoted was made. */
  readonly checkAt: string | undefined;
}

/**
 * A hand that cups the body of a scale adds so much to what it shows: several parts in a hundred (common practice, no
 * source).
 */
export const CUPPED_ADDS = { least: 0.03, most: 0.08 } as const;
/**
 * A scale in a hand, even by its loop, is restless: `npm run bench:weigh` prints how far its value lies off, as a
 * share.
 */
const HAND_UNREST = 0.003;
/** A needle or number that was read by eye while it wandered: common practice, no source. */
const WANDERS_DIVISIONS = 0.5;
/** A sling whose zero nobody timed: common practice, no source. */
const UNTIMED_TARE_GRAMS = 30;
/**
 * Setting to zero, or taring, leaves at most this share of a division (OIML R 76-1:2006, 4.5.2 and 4.6.3; from memory).
 */
const ZERO_WITHIN = 0.25;

/**
 * The weight with its honest uncertainty. Undefined while the tare is missing or does not fit.
 *
 * Independent contributions are added as squares (JCGM 100:2008, 5.1.2) and expanded to what two standard deviations
 * hold, 95.45 %, with the degrees of freedom of Welch and Satterthwaite and the largest limit kept as a limit
 * (`expandDoubts`; G.2.2 and G.4). A step `d` counts `d / sqrt(12)` (F.2.2.1); a limit either way counts limit /
 * sqrt(3) (4.3.7).
 *
 * Example: 379 oz off a scale of 1 oz with an untimed zero and no check is 23 lb 11 oz, give or take about 3 oz.
 */
export function weightResult(reading: WeightReading, around: WeighedWith): WeightResult | undefined {
  const net = netWeight(reading);
  const netGrams = fineNetGrams(reading);
  if (!net?.ok || netGrams === undefined || net.value.count === 0) return undefined;
  const bracket = bracketTare(reading, gramsOf(around.division));
  const zeroAgeMin = ageOfZero(reading);
  const slingGrams = slingAtZero(reading, around);
  const correction =
    around.check && correctNet(around.check, { netGrams, slingGrams, readAt: reading.readAt ?? around.check.at });
  const budget = contributions(reading, around, { netGrams, bracket, zeroAgeMin, correction });
  const doubts = budget.map(({ uGrams: u, freedom, even }) => ({ u, freedom, even }));
  const expandedGrams = expandDoubts(doubts);
  const cuppedByGrams = reading.support === 'cupped' ? -cuppedMiddle(netGrams) : 0;
  const bestGrams = netGrams + (bracket?.correctionGrams ?? 0) + (correction?.byGrams ?? 0) + cuppedByGrams;
  const { rounding, division } = around;
  // A reading in whole divisions stays as it was read.
  const coarse = gramsOf(division) <= gramsOf({ unit: net.value.unit, count: 1 });
  const stands = rounding === 'as-read' || coarse ? net.value : roundToDivision(net.value, division, rounding);
  return {
    asRead: reading.asRead,
    net: net.value,
    stands,
    best: { grams: bestGrams, uGrams: combineDoubts(doubts), freedom: effectiveFreedom(doubts), expandedGrams },
    standsExpandedGrams: expandedGrams + Math.abs(bestGrams - gramsOf(stands)),
    budget,
    bracket,
    correction,
    cuppedByGrams,
    zeroAgeMin,
    checkAt: around.check?.at,
  };
}

function cuppedMiddle(netGrams: number): number {
  const middle = (CUPPED_ADDS.least + CUPPED_ADDS.most) / 2;
  return (netGrams * middle) / (1 + middle);
}

function slingAtZero({ method, tare }: WeightReading, { drain }: WeighedWith): number {
  if (method === 'gross-minus-tare' && tare) return gramsOf(tare);
  return drain ? wetTareGrams(drain, 0) : USUAL_SLING_GRAMS;
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
  readonly correction: Correction | undefined;
}

function contributions(reading: WeightReading, around: WeighedWith, found: Found): Contribution[] {
  return [
    resolutionDoubt(reading, around),
    zeroDoubt(reading, around, found),
    repeatabilityDoubt(reading, around, found),
    tareDoubt(reading, around, found),
    ...calibrationDoubts(reading, around, found),
    ...handDoubt(reading, found),
  ];
}

/** A limit either way, and a scatter that is taken as known. */
const evenly = { freedom: Infinity, even: true } as const;
const scattered = { freedom: Infinity, even: false } as const;

function resolutionDoubt({ resolutionGrams }: WeightReading, { division }: WeighedWith): Contribution {
  return {
    source: 'resolution',
    uGrams: resolutionGrams ?? gramsOf(division) / Math.sqrt(12),
    ...evenly,
    why: resolutionGrams === undefined ? weighingMessage('resolution') : weighingMessage('resolutionAveraged'),
  };
}

function zeroDoubt({ method }: WeightReading, { division }: WeighedWith, { bracket }: Found): Contribution {
  const step = gramsOf(division);
  const zeroed = method === 'zeroed';
  const uGrams = zeroed ? (ZERO_WITHIN * step) / Math.sqrt(3) : step / Math.sqrt(12);
  return {
    source: 'zero',
    ...evenly,
    // With the empty sling afterwards only half of the first tare is left in the weight.
    uGrams: bracket ? uGrams / 2 : uGrams,
    why: zeroed ? weighingMessage('zeroSetting') : weighingMessage('tareResolution'),
  };
}

function repeatabilityDoubt(reading: WeightReading, { division }: WeighedWith, { netGrams }: Found): Contribution {
  const { steadyGrams, steadyFreedom = STEADY_FREEDOM, support = 'hung' } = reading;
  const hand = support === 'hung' ? 0 : HAND_UNREST * netGrams;
  if (steadyGrams === undefined) {
    return {
      source: 'repeatability',
      uGrams: Math.max(hand, WANDERS_DIVISIONS * gramsOf(division)),
      ...scattered,
      why: weighingMessage('readByEye'),
    };
  }
  return {
    source: 'repeatability',
    uGrams: Math.max(hand, steadyGrams),
    freedom: steadyFreedom,
    even: false,
    why: weighingMessage('repeatability'),
  };
}

/** Where nobody kept how many looks stand behind a settled value. */
const STEADY_FREEDOM = 6;

function tareDoubt(
  reading: WeightReading,
  { drain }: WeighedWith,
  { bracket, zeroAgeMin }: Pick<Found, 'bracket' | 'zeroAgeMin'>,
): Contribution {
  if (bracket)
    return {
      source: 'tare',
      uGrams: bracket.uGrams,
      ...evenly,
      why: weighingMessage('tareBracketed'),
    };
  const bound = isBoundOnly(reading);
  if (zeroAgeMin === undefined || !drain) {
    return {
      source: 'tare',
      uGrams: UNTIMED_TARE_GRAMS,
      ...scattered,
      why: weighingMessage('zeroNotTimed', { bound }),
    };
  }
  const error = zeroErrorGrams(drain, zeroAgeMin);
  const minutes = Math.round(zeroAgeMin);
  return {
    source: 'tare',
    uGrams: error / Math.sqrt(3),
    ...evenly,
    why: weighingMessage(zeroAgeMin > OLD_ZERO_MIN ? 'zeroOld' : 'zeroFresh', {
      minutes,
      error,
      bound,
    }),
  };
}

function calibrationDoubts(
  reading: WeightReading,
  { check, division, scaleClass }: WeighedWith,
  { correction }: Found,
): Contribution[] {
  if (check && correction) {
    const atMs = Date.parse(check.at);
    return [
      {
        source: 'calibration',
        uGrams: correction.uCheckGrams,
        ...scattered,
        why:
          check.shape === 'crooked'
            ? weighingMessage('checkCrooked', { atMs })
            : weighingMessage('checkDoubt', { atMs }),
      },
      {
        source: 'drift',
        uGrams: correction.uDriftGrams,
        freedom: correction.driftFreedom,
        even: false,
        why: weighingMessage('checkDrift', { atMs }),
      },
    ];
  }
  const shownGrams = gramsOf(reading.asRead);
  const limit = permissibleError(shownGrams, gramsOf(division), scaleClass)?.grams ?? 3 * gramsOf(division);
  return [
    {
      source: 'calibration',
      uGrams: limit / Math.sqrt(3),
      ...evenly,
      why: weighingMessage('neverChecked'),
    },
  ];
}

function handDoubt({ support }: WeightReading, { netGrams }: Found): Contribution[] {
  const { least, most } = CUPPED_ADDS;
  if (support === 'cupped') {
    return [
      {
        source: 'held',
        uGrams: (netGrams * (most - least)) / Math.sqrt(12),
        ...evenly,
        why: weighingMessage('handRoundTheBody'),
      },
    ];
  }
  if (support !== 'held') return [];
  return [
    {
      // Twice this is the most that a hand adds, so that the interval reaches there.
      source: 'held',
      uGrams: (netGrams * most) / 2,
      ...scattered,
      why: weighingMessage('handNotNoted'),
    },
  ];
}
