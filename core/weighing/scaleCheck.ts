import { weighingMessage } from './weighingMessages.js';
import { gramsOf } from '../measure/mass.js';
import { ok, err, type Result } from '../measure/result.js';
import { aboveChiSquared } from '../statistics/chiSquared.js';
import { fitLine, type Line } from '../statistics/fitLine.js';
import { leastSquares } from '../statistics/leastSquares.js';
import { driftPerRootYear, type Drift } from './scaleDrift.js';
import { permissibleError } from './permissibleError.js';
import type { CheckPoint, ScaleCheck, ScaleSpec } from '../domain/kit/scaleSpec.js';
import { DAY_MS } from '../measure/timeSpan.js';

/** A scale is compared with known masses again after so many days: common practice, no source. */
export const CHECK_EVERY_DAYS = 182;
const FEWEST = 3;
/**
 * Below this share of chance, three deviations' worth, what the fit leaves over is no scatter: the scale does not go
 * straight.
 */
const CROOKED_BELOW = 0.0027;
/** A curve is believed from so many masses on: two are left over to contradict it. */
const CURVED_FROM = 5;

/** One point as the check found it. */
export interface JudgedPoint extends CheckPoint {
  readonly shownGrams: number;
  /** What was shown less what is true. */
  readonly errorGrams: number;
  /** What the fit leaves over. */
  readonly residualGrams: number;
  /** The limit in service; undefined beyond what the class allows. */
  readonly limitGrams: number | undefined;
  readonly within: boolean;
}

/** How a scale goes wrong: by a factor, along a curve, or in a way that no smooth correction puts right. */
export type ScaleShape = 'straight' | 'curved' | 'crooked';

/** What a check says about a scale: `shown = offset + gain true + curvature true^2`. */
export interface JudgedCheck {
  readonly at: string;
  readonly points: readonly JudgedPoint[];
  readonly shape: ScaleShape;
  readonly offsetGrams: number;
  readonly gain: number;
  /** Per gram; 0 unless the shape is curved. */
  readonly curvature: number;
  /** Covariance of gain and curvature, row by row. */
  readonly covariance: readonly [readonly [number, number], readonly [number, number]];
  /**
   * Sum of the squared residuals in units of their uncertainties, over the degrees of freedom; 0 where none is left.
   */
  readonly reducedChiSquared: number;
  readonly within: boolean;
  /** The day after which it wants checking again, `YYYY-MM-DD`. */
  readonly due: string;
}

/**
 * Fits how a scale shows known masses and compares each point with the limits of its class in service. Each point is
 * weighted by the uncertainty of its mass and by the step of the scale (`d / sqrt(12)`). A line that leaves more over
 * than chance does (chi-squared, 1 in 370) gives way to a curve where five masses and more carry one; else the scale is
 * crooked, and nothing is put right. Refuses fewer than three points, or all of one mass. Source: EURAMET cg-18 in
 * outline (from memory); OIML R 76-1 for the limits. Example: 2, 5 and 10 kg shown as 2.01, 5.01 and 10.01 kg have an
 * offset of 10 g and a gain of 1.
 */
export function judgeCheck({ at, points }: ScaleCheck, scale: ScaleSpec): Result<JudgedCheck> {
  if (points.length < FEWEST) return err(weighingMessage('checkTooFew'));
  if (new Set(points.map(({ trueGrams }) => trueGrams)).size < FEWEST) return err(weighingMessage('checkOneMass'));
  const stepGrams = gramsOf(scale.division);
  const measured = points.map((point) => ({
    x: point.trueGrams,
    y: gramsOf(point.shown),
    u: Math.hypot(point.uGrams, stepGrams / Math.sqrt(12)),
  }));
  const line = fitLine(measured);
  const freedom = points.length - 2;
  const straight = aboveChiSquared(line.chiSquared, freedom) >= CROOKED_BELOW;
  const curve = straight ? undefined : fitCurve(measured);
  const fit = curve ?? ofLine(line);
  const judged = points.map((point, i): JudgedPoint => {
    const shownGrams = gramsOf(point.shown);
    const limitGrams = permissibleError(point.trueGrams, stepGrams, scale.scaleClass)?.grams;
    const errorGrams = shownGrams - point.trueGrams;
    return {
      ...point,
      shownGrams,
      errorGrams,
      residualGrams: fit.residuals[i] ?? 0,
      limitGrams,
      within: limitGrams !== undefined && Math.abs(errorGrams) <= limitGrams,
    };
  });
  const { residuals: _residuals, ...found } = fit;
  return ok({
    at,
    points: judged,
    shape: straight ? 'straight' : curve ? 'curved' : 'crooked',
    ...found,
    reducedChiSquared: fit.reducedChiSquared,
    within: judged.every(({ within }) => within),
    due: new Date(Date.parse(at) + CHECK_EVERY_DAYS * DAY_MS).toISOString().slice(0, 10),
  });
}

type Fit = Pick<JudgedCheck, 'offsetGrams' | 'gain' | 'curvature' | 'covariance' | 'reducedChiSquared'> & {
  readonly residuals: readonly number[];
};

function ofLine({ offset, slope, uSlope, residuals, chiSquared }: Line): Fit {
  return {
    offsetGrams: offset,
    gain: slope,
    curvature: 0,
    residuals,
    covariance: [
      [uSlope ** 2, 0],
      [0, 0],
    ],
    reducedChiSquared: residuals.length > 2 ? chiSquared / (residuals.length - 2) : 0,
  };
}

/** A curve through the points, where there are enough of them and it leaves no more over than chance does. */
function fitCurve(points: readonly { readonly x: number; readonly y: number; readonly u: number }[]): Fit | undefined {
  if (points.length < CURVED_FROM) return undefined;
  const rows = points.map(({ x, u }) => [1 / u, x / u, (x * x) / u]);
  const solved = leastSquares(
    rows,
    points.map(({ y, u }) => y / u),
  );
  if (!solved) return undefined;
  const [offsetGrams = 0, gain = 1, curvature = 0] = solved.solution;
  const residuals = points.map(({ x, y }) => y - offsetGrams - gain * x - curvature * x * x);
  const chiSquared = residuals.reduce((sum, left, i) => sum + (left / (points[i]?.u ?? 1)) ** 2, 0);
  if (aboveChiSquared(chiSquared, points.length - 3) < CROOKED_BELOW) return undefined;
  const cofactor = (i: number, j: number) => solved.cofactors[i]?.[j] ?? 0;
  return {
    offsetGrams,
    gain,
    curvature,
    residuals,
    covariance: [
      [cofactor(1, 1), cofactor(1, 2)],
      [cofactor(2, 1), cofactor(2, 2)],
    ],
    reducedChiSquared: chiSquared / (points.length - 3),
  };
}

/** A check with what is known of how the scale changes between checks. */
export interface StandingCheck extends JudgedCheck {
  readonly drift: Drift;
}

/**
 * The check that stood on a day: the last one at or before it. Undefined before the first.
 * Example: of checks in March and May, a weight of April quotes the one of March.
 */
export function checkInForce(scale: ScaleSpec, at: string): StandingCheck | undefined {
  const judged = scale.checks
    .toSorted((a, b) => Date.parse(a.at) - Date.parse(b.at))
    .flatMap((check) => {
      const answer = judgeCheck(check, scale);
      return answer.ok ? [answer.value] : [];
    });
  const standing = judged.findLast((check) => Date.parse(check.at) <= Date.parse(at));
  return standing && { ...standing, drift: driftPerRootYear(judged) };
}

/**
 * What a scale shows too much at a load, going by a check, in grams. Example: an offset of 10 g and a gain of 1 show 10
 * g too much everywhere.
 */
export function errorAt({ offsetGrams, gain, curvature }: JudgedCheck, loadGrams: number): number {
  return offsetGrams + (gain - 1) * loadGrams + curvature * loadGrams ** 2;
}
