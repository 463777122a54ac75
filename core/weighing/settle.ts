import { mean, squaresAboutMean } from '../statistics/mean.js';
/** One reading of a connected scale. */
export interface ScaleSample {
  readonly atMs: number;
  readonly grams: number;
}

/**
 * What the last seconds of a scale come to. `empty`: nothing hangs. `settling`: wait. `settled`: this is the weight.
 * `moving`: the fish kicks or swings too much. `held`: a hand carries the scale and it never comes to rest.
 */
export type Steadiness = 'empty' | 'settling' | 'settled' | 'moving' | 'held';

export interface Settling {
  readonly steadiness: Steadiness;
  /** The best value so far; undefined while nothing hangs. */
  readonly grams?: number;
  /** Standard uncertainty of it, from how far its parts disagree. */
  readonly uGrams?: number;
  /** How many independent looks stand behind that, less one. */
  readonly freedom?: number;
  /**
   * What the steps of the scale leave open in it, as a standard uncertainty: less, the more the readings moved across
   * steps.
   */
  readonly resolutionGrams?: number;
  /** How restless the last seconds were, as a share of the weight. */
  readonly unrest?: number | undefined;
}

/** Stretches in which a fish must hang still to be read, in ms: the longer ones give the better value. */
const STRETCHES_MS = [1500, 2000, 2800] as const;
/** After so many swaying pieces it may be a hand, and a short stillness is not believed. */
const DOUBTED = 3;
const DOUBTED_MS = 2800;
/** Where the steps of the scale hide whether it is still, it is looked at for so long at least. */
const COARSE_MS = 2000;
/** So many readings at least: a scale that sends seldom is listened to for longer. */
const FEWEST = 8;
/**
 * A stretch is still when what no swing explains is under this share of the weight. A hand that carries a scale does
 * not come so low.
 */
const STILL = 0.0011;
/** The steps of the scale alone make it tremble by so much of a division. */
const STEPS_TREMBLE = 0.4;
/** Known to this share of a division, a value is settled. */
const GOOD = 0.33;
/** More unrest than this is a kick. */
const KICKS = 0.03;
/** So many pieces of so many ms without a kick, and none of them still: it is a hand that holds the scale. */
const PIECES = 5;
const PIECE_MS = 2000;
/** The fourth stillest of them is less than so many times as restless as the stillest. */
const EVEN = 4;
/** Less than this share of the last reading, and the load has only just been hung or taken off. */
const HANGS = 0.75;
/** The bounce of hanging it up is over after so long. */
const BOUNCE_MS = 200;

/**
 * Judges the recent readings of one load. `samples` in order of time, of the last 25 s or so; `divisionGrams` is the
 * step of the scale.
 *
 * Between its kicks a fish in a sling lies still, and only swings. A pendulum that swings by the angle a pulls `1 +
 * a^2/4` on average and trembles by three times that at twice its rate (small-angle pendulum, any textbook of
 * mechanics): such a tremble is fitted, and a third of it taken off. What is left says whether the stretch was still. A
 * hand that carries the scale sways without a rate and never is.
 *
 * Example: twenty readings of 10 000 g in four seconds are settled at 10 000 g.
 */
export function settle(samples: readonly ScaleSample[], divisionGrams: number): Settling {
  const hanging = sinceHung(samples, divisionGrams);
  const last = hanging.at(-1);
  const first = hanging[0];
  if (!last || !first) return { steadiness: 'empty' };
  const startMs = first.atMs + BOUNCE_MS;
  const pieces = readPieces(hanging, startMs, last.atMs, divisionGrams);
  const unrests = pieces.map(({ unrest }) => unrest);
  const coarse = STEPS_TREMBLE * divisionGrams > STILL * last.grams;
  const leastMs = swayingAmong(unrests).length >= DOUBTED ? DOUBTED_MS : coarse ? COARSE_MS : 0;
  const stretches = STRETCHES_MS.flatMap((ms) => {
    if (ms < leastMs) return [];
    const within = hanging.filter(({ atMs }) => atMs > last.atMs - ms);
    return last.atMs - ms >= startMs && within.length >= FEWEST ? [readStretch(within, divisionGrams)] : [];
  });
  const best = stretches.toSorted((a, b) => a.uGrams - b.uGrams)[0];
  if (!best) return { steadiness: 'settling', grams: last.grams };
  const { grams, uGrams, freedom, resolutionGrams, unrest } = best;
  const said = { grams, uGrams, freedom, resolutionGrams, unrest };
  if (unrest < STILL && uGrams <= GOOD * divisionGrams) return { steadiness: 'settled', ...said };
  if (looksHeld(unrests)) return { steadiness: 'held', ...meanOfPieces(pieces), resolutionGrams, unrest };
  return { steadiness: last.atMs - startMs < 4000 ? 'settling' : 'moving', ...said };
}

/** The pieces that neither lay still nor kicked. */
function swayingAmong(unrests: readonly number[]): number[] {
  return unrests.filter((unrest) => unrest >= STILL && unrest < KICKS);
}

/**
 * Whether it sways all the time without kicking. A hand is about as restless throughout; a hung fish is now and then
 * nearly still.
 */
function looksHeld(unrests: readonly number[]): boolean {
  const swaying = swayingAmong(unrests).sort((a, b) => a - b);
  if (swaying.length < PIECES || unrests.some((unrest) => unrest < STILL)) return false;
  return (swaying[3] ?? Infinity) < EVEN * (swaying[0] ?? 0);
}

type Stretch = ReturnType<typeof readStretch>;

/**
 * The sway of a hand lasts longer than from one reading to the next: the readings of one stretch lean on each other,
 * stretches of two seconds hardly do. The mean of their plain means is the value (a swing fitted to a sway would take
 * too much off), and how far they disagree its doubt (batch means; Law and Kelton 2000, Simulation Modeling and
 * Analysis, 9.5.3).
 */
function meanOfPieces(pieces: readonly Stretch[]): Pick<Settling, 'grams' | 'uGrams' | 'freedom'> {
  const calm = pieces.filter(({ unrest }) => unrest < KICKS).map(({ middle }) => middle);
  const freedom = calm.length - 1;
  const variance = squaresAboutMean(calm) / freedom;
  return { grams: mean(calm), uGrams: Math.sqrt(variance / calm.length), freedom };
}

/** The whole time that it hung in pieces, the newest first. */
function readPieces(samples: readonly ScaleSample[], startMs: number, nowMs: number, divisionGrams: number): Stretch[] {
  const pieces: Stretch[] = [];
  for (let toMs = nowMs; toMs - PIECE_MS >= startMs; toMs -= PIECE_MS) {
    const piece = samples.filter(({ atMs }) => atMs > toMs - PIECE_MS && atMs <= toMs);
    if (piece.length >= 6) pieces.push(readStretch(piece, divisionGrams));
  }
  return pieces;
}

/** The readings since the whole load hangs: from the first that comes near what hangs now. */
function sinceHung(samples: readonly ScaleSample[], divisionGrams: number): readonly ScaleSample[] {
  const recent = samples
    .slice(-5)
    .map(({ grams }) => grams)
    .sort((a, b) => a - b);
  const now = recent[Math.floor(recent.length / 2)] ?? 0;
  if (now < 3 * divisionGrams) return [];
  const before = samples.findLastIndex(({ grams }) => grams < HANGS * now);
  return samples.slice(before + 1);
}

/** Twice the rates at which a fish in a sling swings: pendulums of 0.2 to 1.2 m. */
const SWING_HZ = [0.9, 1.0, 1.1, 1.2, 1.3, 1.45, 1.6, 1.8, 2.1] as const;

/** Weight of a stretch without its swing, how well it is known, and how restless it was beyond swing and steps. */
function readStretch(samples: readonly ScaleSample[], divisionGrams: number) {
  const count = samples.length;
  const middle = samples.reduce((sum, { grams }) => sum + grams, 0) / count;
  const fits = SWING_HZ.map((hz) => fitSwing(samples, middle, hz));
  const swing = fits.reduce((best, fit) => (fit.left < best.left ? fit : best));
  const grams = swing.mean - swing.amplitude / 3;
  const variance = Math.max(0, swing.left) / (count - 4);
  const beyondSteps = Math.max(0, variance - (STEPS_TREMBLE * divisionGrams) ** 2);
  return {
    grams,
    middle,
    uGrams: Math.sqrt(variance / count + (0.09 * swing.amplitude) ** 2 + divisionGrams ** 2 / 12 / count),
    freedom: count - 4,
    resolutionGrams: stepsLeft(samples, middle, divisionGrams),
    unrest: Math.sqrt(beyondSteps) / grams,
  };
}

/**
 * What is left of the steps in a mean of readings, as a standard uncertainty. Readings that stand still on one step
 * leave all of it, `d / sqrt(12)`; a tremble of `s` steps before they are cut leaves `exp(-2 pi^2 s^2)` of that (Widrow
 * and Kollar 2008, Quantization Noise, 4.1; from memory).
 */
function stepsLeft(samples: readonly ScaleSample[], middle: number, divisionGrams: number): number {
  const variance = samples.reduce((sum, { grams }) => sum + (grams - middle) ** 2, 0) / samples.length;
  const tremble = Math.max(0, variance / divisionGrams ** 2 - 1 / 12);
  return (divisionGrams / Math.sqrt(12)) * Math.exp(-2 * Math.PI ** 2 * tremble);
}

/** Least squares of a mean and a tremble at one rate, with the sum of squares that is left. */
function fitSwing(samples: readonly ScaleSample[], near: number, hz: number) {
  const n = samples.length;
  let [sc, ss, scc, sss, scs, sy, scy, ssy, syy] = [0, 0, 0, 0, 0, 0, 0, 0, 0];
  for (const { atMs, grams } of samples) {
    const turn = (2 * Math.PI * hz * atMs) / 1000;
    const [c, s, y] = [Math.cos(turn), Math.sin(turn), grams - near];
    sc += c;
    ss += s;
    scc += c * c;
    sss += s * s;
    scs += c * s;
    sy += y;
    scy += c * y;
    ssy += s * y;
    syy += y * y;
  }
  // Elimination of the mean leaves two equations.
  const [acc, ass, acs] = [scc - (sc * sc) / n, sss - (ss * ss) / n, scs - (sc * ss) / n];
  const [bc, bs] = [scy - (sc * sy) / n, ssy - (ss * sy) / n];
  const determinant = acc * ass - acs * acs;
  if (Math.abs(determinant) < 1e-6 * n * n) return { mean: near + sy / n, amplitude: 0, left: syy - (sy * sy) / n };
  const b = (bc * ass - bs * acs) / determinant;
  const c = (bs * acc - bc * acs) / determinant;
  return {
    mean: near + (sy - b * sc - c * ss) / n,
    amplitude: Math.hypot(b, c),
    left: syy - (sy * sy) / n - b * bc - c * bs,
  };
}
