import { addMasses, gramsOf, subtractTare, type Mass } from '../../measure/mass.js';
import type { WeighMethod } from '../practice/weighMethod.js';
import { ok, type Result } from '../../measure/result.js';

/**
 * How a reading came in: from a connected scale, set by thumb beside it, typed afterwards, or read off a picture of the
 * dial.
 */
export const READING_WAYS = ['live', 'set', 'typed', 'dial'] as const;
export type ReadingWay = (typeof READING_WAYS)[number];

/**
 * What carried the scale: a hook, bar or tripod; a hand at its loop, which adds nothing and makes it restless; a hand
 * round its body, which adds to the weight; or a hand of which nobody noted where it was.
 */
export const SCALE_SUPPORTS = ['hung', 'loop', 'cupped', 'held'] as const;
export type ScaleSupport = (typeof SCALE_SUPPORTS)[number];

/**
 * What a second scale read of the same fish: both carried it on one bar, or its ends hung in two slings. The fish is
 * the sum.
 */
export interface AlsoRead {
  readonly asRead: Mass;
  /** Of its own sling; only with `gross-minus-tare`. */
  readonly tare?: Mass;
  readonly scalesId?: string;
}

/** A weighing exactly as it was read. The net weight is always worked out, never stored in its place. */
export interface WeightReading {
  readonly asRead: Mass;
  readonly method: WeighMethod;
  /** The sling as wet as it was; only with `gross-minus-tare`. May be missing: then the net is not known. */
  readonly tare?: Mass;
  /** The weight as it was typed, where it was typed. */
  readonly written?: string;
  /** What a connected scale sent, before it was brought to the division that it shows. */
  readonly sent?: Mass;
  /** The value that its readings settled at, finer than its steps: the best estimate begins here. */
  readonly settledGrams?: number;
  readonly way?: ReadingWay;
  /** Which scales and which sling of the kit. */
  readonly scalesId?: string;
  readonly slingId?: string;
  readonly support?: ScaleSupport;
  /** When the scale was set to zero with the wet sling on, or the tare was taken. */
  readonly zeroedAt?: string;
  /** When it was read. */
  readonly readAt?: string;
  /** How far the readings of a connected scale disagreed, as a standard uncertainty. */
  readonly steadyGrams?: number;
  /** How many independent looks stand behind that, less one. */
  readonly steadyFreedom?: number;
  /** What the steps of a connected scale leave open in the value that it settled at, as a standard uncertainty. */
  readonly resolutionGrams?: number;
  /**
   * What the scale showed with the empty wet sling on it once the fish was away: about zero when it was zeroed with it
   * (below zero if the sling had become lighter), about the tare by the other school.
   */
  readonly slingAfter?: Mass;
  readonly slingAfterWay?: ReadingWay;
  /** What the second scale read, where one was not enough. */
  readonly also?: AlsoRead;
}

/**
 * The fish's own weight, exact in the unit read; undefined when a gross reading still waits for its tare.
 * Example: a zeroed reading of 379 oz has a net of 379 oz.
 */
export function netWeight(reading: WeightReading): Result<Mass> | undefined {
  const first = netOfOne(reading.asRead, reading.tare, reading.method);
  if (!reading.also || !first?.ok) return first;
  const second = netOfOne(reading.also.asRead, reading.also.tare, reading.method);
  return second?.ok ? addMasses(first.value, second.value) : second;
}

function netOfOne(asRead: Mass, tare: Mass | undefined, method: WeighMethod): Result<Mass> | undefined {
  if (method === 'zeroed') return ok(asRead);
  return tare && subtractTare(asRead, tare);
}

/** The two scales of a weighing as weighings of their own; one where there was one. */
export function eachScale({ also, ...first }: WeightReading): readonly WeightReading[] {
  if (!also) return [first];
  const { method, support, zeroedAt, readAt, way } = first;
  const around = { method, ...(support && { support }), ...(zeroedAt && { zeroedAt }), ...(readAt && { readAt }) };
  return [first, { ...around, ...(way && { way }), ...also }];
}

/**
 * What was sent lies within one step of what was read; farther off it belongs to a reading that was corrected since.
 * Steps go up to 8 oz.
 */
const COARSEST_STEP_GRAMS = 227;

/**
 * The fish's own weight in grams as finely as it is known: from what a connected scale sent, else from what was read.
 * Undefined while a tare is missing. Example: a scale of 50 g that settled at 10 735 g has read 10 700 g and knows 10
 * 735 g.
 */
export function fineNetGrams({ also, ...reading }: WeightReading): number | undefined {
  const first = fineOfOne(reading);
  if (!also || first === undefined) return first;
  const second = fineOfOne({ ...also, method: reading.method });
  return second === undefined ? undefined : first + second;
}

function fineOfOne({ asRead, sent, settledGrams, method, tare }: WeightReading): number | undefined {
  const read = gramsOf(asRead);
  const fine = settledGrams ?? (sent ? gramsOf(sent) : read);
  const grams = Math.abs(fine - read) <= COARSEST_STEP_GRAMS ? fine : read;
  if (method === 'zeroed') return grams;
  return tare && grams - gramsOf(tare);
}
