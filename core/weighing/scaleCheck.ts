import { gramsOf } from '../measure/mass.js';
import { accept, refuse, type Answer } from '../measure/answer.js';
import { fitLine, uOfLine, type Line } from '../statistics/fitLine.js';
import { permissibleError } from './permissibleError.js';
import type { CheckPoint, ScaleCheck, ScaleNature } from './scaleNature.js';

/** A scale is held against known masses again after so many days: common practice, no source. */
export const CHECK_EVERY_DAYS = 182;
const DAY_MS = 86_400_000;
const FEWEST = 3;

/** One point as the check found it. */
export interface JudgedPoint extends CheckPoint {
  readonly shownGrams: number;
  /** What was shown less what is true. */
  readonly errorGrams: number;
  /** What the fitted line leaves over. */
  readonly residualGrams: number;
  /** The limit in service; undefined beyond what the class allows. */
  readonly limitGrams: number | undefined;
  readonly within: boolean;
}

/** What a check says about a scale. `shown = line(true)`. */
export interface JudgedCheck {
  readonly at: string;
  readonly points: readonly JudgedPoint[];
  readonly line: Line;
  readonly within: boolean;
  /** The day after which it wants checking again, `YYYY-MM-DD`. */
  readonly due: string;
}

/**
 * Fits offset and gain of a scale to known masses and holds each point against the limits of its class in service.
 * Each point is weighted by the uncertainty of its mass and by the step of the scale (`d / sqrt(12)`).
 * Refuses fewer than three points, or all of one mass.
 * Source: EURAMET cg-18 in outline (from memory); OIML R 76-1 for the limits.
 * Example: 2, 5 and 10 kg shown as 2.01, 5.01 and 10.01 kg have an offset of 10 g and a gain of 1.
 */
export function judgeCheck({ at, points }: ScaleCheck, scale: ScaleNature): Answer<JudgedCheck> {
  if (points.length < FEWEST) return refuse('A check needs at least three known masses, spread over what you weigh.');
  if (new Set(points.map(({ trueGrams }) => trueGrams)).size < FEWEST)
    return refuse('The masses must differ: three of one mass say nothing about the gain.');
  const stepGrams = gramsOf(scale.division);
  const line = fitLine(
    points.map((point) => ({
      x: point.trueGrams,
      y: gramsOf(point.shown),
      u: Math.hypot(point.uGrams, stepGrams / Math.sqrt(12)),
    })),
  );
  const judged = points.map((point, i): JudgedPoint => {
    const shownGrams = gramsOf(point.shown);
    const limitGrams = permissibleError(point.trueGrams, stepGrams, scale.scaleClass)?.grams;
    const errorGrams = shownGrams - point.trueGrams;
    return {
      ...point,
      shownGrams,
      errorGrams,
      residualGrams: line.residuals[i] ?? 0,
      limitGrams,
      within: limitGrams !== undefined && Math.abs(errorGrams) <= limitGrams,
    };
  });
  return accept({
    at,
    points: judged,
    line,
    within: judged.every(({ within }) => within),
    due: new Date(Date.parse(at) + CHECK_EVERY_DAYS * DAY_MS).toISOString().slice(0, 10),
  });
}

/**
 * The check that stood on a day: the last one at or before it. Undefined before the first.
 * Example: of checks in March and May, a weight of April quotes the one of March.
 */
export function checkInForce(scale: ScaleNature, at: string): JudgedCheck | undefined {
  const standing = scale.checks
    .filter((check) => Date.parse(check.at) <= Date.parse(at) && check.points.length >= FEWEST)
    .toSorted((a, b) => Date.parse(b.at) - Date.parse(a.at))[0];
  const judged = standing && judgeCheck(standing, scale);
  return judged?.ok ? judged.value : undefined;
}

/** A shown weight put right by a check, with what is known of the putting right. */
export interface Correction {
  readonly grams: number;
  /** To be added to what was shown. */
  readonly byGrams: number;
  readonly uGrams: number;
}

/** What a shown weight truly was, going by a check. Offered, never applied by itself. Example: a gain of 1.01 takes 100 g off 10.1 kg. */
export function correctShown({ line }: JudgedCheck, shownGrams: number): Correction {
  const grams = (shownGrams - line.offset) / line.slope;
  return { grams, byGrams: grams - shownGrams, uGrams: uOfLine(line, grams) / line.slope };
}

/** What a scale shows too much at a load, going by a check, in grams. Example: an offset of 10 g and a gain of 1 show 10 g too much everywhere. */
export function errorAt({ line }: JudgedCheck, loadGrams: number): number {
  return line.offset + (line.slope - 1) * loadGrams;
}
