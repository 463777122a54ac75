import type { FormId, SpeciesId } from './species.js';

/** The kinds that the brush knows. */
export type PaintedKind = 'carp-common' | 'carp-mirror' | 'carp-linear' | 'pike' | 'barbel' | 'wels';

/**
 * A point in the fish's own frame: `u` from the snout (0) to the tail fork (1), `v` downwards, both in lengths of the
 * fish.
 */
export interface BodyPoint {
  readonly u: number;
  readonly v: number;
}

export interface Fin {
  /** Outline, first and last point on the body. */
  readonly outline: readonly BodyPoint[];
  /** Where its rays meet. */
  readonly root: BodyPoint;
  /** Drawn over the body (paired fins of the near side) or behind it. */
  readonly over: boolean;
  readonly rays: number;
}

/** The six points by which a flank is laid into its frame. */
export type LandmarkName = 'snout' | 'eye' | 'dorsal' | 'pelvic' | 'anal' | 'fork';

/** The build of one kind of fish. Proportions by eye, from memory of the living fish. */
export interface Anatomy {
  /** Height of back and of belly over the axis, at even steps from snout to fork. */
  readonly back: readonly number[];
  readonly belly: readonly number[];
  /** Half thickness against half height. */
  readonly roundness: number;
  readonly eye: BodyPoint & { readonly radius: number };
  readonly gill: { readonly u: number; readonly bulge: number };
  readonly mouth: readonly BodyPoint[];
  readonly fins: readonly Fin[];
  readonly landmarks: Readonly<Record<LandmarkName, BodyPoint>>;
  /** Barbels: from, towards. */
  readonly barbels: readonly { readonly from: BodyPoint; readonly to: BodyPoint; readonly thick: number }[];
}

export const p = (u: number, v: number): BodyPoint => ({ u, v });
export const fin = (over: boolean, rays: number, root: BodyPoint, ...outline: BodyPoint[]): Fin => ({
  over,
  rays,
  root,
  outline,
});

export const forkedTail = (spread: number, depth: number): Fin =>
  fin(
    false,
    26,
    p(0.9, 0),
    p(0.955, -0.045),
    p(1.04, -spread * 0.8),
    p(1.13, -spread),
    p(1.1, -spread * 0.5),
    p(1 + depth, 0),
    p(1.1, spread * 0.5),
    p(1.13, spread),
    p(1.04, spread * 0.8),
    p(0.955, 0.045),
  );

const CARP: Anatomy = {
  back: [0.012, 0.075, 0.115, 0.15, 0.172, 0.178, 0.17, 0.155, 0.135, 0.112, 0.09, 0.07, 0.056, 0.05, 0.05],
  belly: [0.012, 0.055, 0.085, 0.112, 0.132, 0.142, 0.146, 0.144, 0.136, 0.12, 0.095, 0.07, 0.054, 0.048, 0.05],
  roundness: 0.55,
  eye: { u: 0.118, v: -0.035, radius: 0.0155 },
  gill: { u: 0.245, bulge: 0.05 },
  mouth: [p(0.004, 0.012), p(0.03, 0.024), p(0.046, 0.018)],
  barbels: [
    { from: p(0.03, 0.026), to: p(0.022, 0.062), thick: 0.004 },
    { from: p(0.042, 0.024), to: p(0.045, 0.05), thick: 0.003 },
  ],
  fins: [
    fin(
      false,
      40,
      p(0.55, 0.25),
      p(0.41, -0.165),
      p(0.425, -0.262),
      p(0.47, -0.235),
      p(0.56, -0.19),
      p(0.68, -0.155),
      p(0.745, -0.125),
      p(0.745, -0.1),
    ),
    forkedTail(0.135, 0.012),
    fin(false, 12, p(0.735, 0.08), p(0.725, 0.095), p(0.76, 0.2), p(0.8, 0.175), p(0.805, 0.07)),
    fin(true, 12, p(0.475, 0.1), p(0.455, 0.12), p(0.5, 0.225), p(0.56, 0.22), p(0.53, 0.12)),
    fin(true, 16, p(0.262, 0.07), p(0.262, 0.055), p(0.3, 0.17), p(0.37, 0.195), p(0.385, 0.16), p(0.3, 0.075)),
  ],
  landmarks: {
    snout: p(0, 0),
    eye: p(0.118, -0.035),
    dorsal: p(0.41, -0.165),
    pelvic: p(0.455, 0.13),
    anal: p(0.725, 0.1),
    fork: p(1, 0),
  },
};

const PIKE: Anatomy = {
  back: [0.014, 0.026, 0.033, 0.05, 0.068, 0.077, 0.082, 0.085, 0.086, 0.085, 0.08, 0.066, 0.046, 0.034, 0.036],
  belly: [0.022, 0.034, 0.046, 0.062, 0.076, 0.084, 0.089, 0.09, 0.088, 0.084, 0.076, 0.06, 0.042, 0.034, 0.036],
  roundness: 0.7,
  eye: { u: 0.125, v: -0.026, radius: 0.0125 },
  gill: { u: 0.265, bulge: 0.045 },
  mouth: [p(0.0, 0.012), p(0.05, 0.016), p(0.115, 0.022)],
  barbels: [],
  fins: [
    fin(false, 20, p(0.76, 0.05), p(0.735, -0.07), p(0.765, -0.158), p(0.81, -0.165), p(0.85, -0.12), p(0.845, -0.042)),
    forkedTail(0.105, 0.03),
    fin(false, 18, p(0.77, -0.03), p(0.755, 0.065), p(0.785, 0.142), p(0.83, 0.148), p(0.855, 0.1), p(0.845, 0.04)),
    fin(true, 10, p(0.525, 0.07), p(0.51, 0.078), p(0.545, 0.135), p(0.585, 0.138), p(0.565, 0.08)),
    fin(true, 14, p(0.285, 0.055), p(0.28, 0.05), p(0.305, 0.125), p(0.355, 0.135), p(0.365, 0.105), p(0.31, 0.06)),
  ],
  landmarks: {
    snout: p(0, 0),
    eye: p(0.125, -0.026),
    dorsal: p(0.735, -0.07),
    pelvic: p(0.51, 0.082),
    anal: p(0.755, 0.068),
    fork: p(1, 0),
  },
};

const BARBEL: Anatomy = {
  back: [0.012, 0.04, 0.06, 0.078, 0.092, 0.102, 0.106, 0.1, 0.09, 0.078, 0.066, 0.054, 0.045, 0.04, 0.04],
  belly: [0.012, 0.04, 0.058, 0.068, 0.074, 0.078, 0.079, 0.078, 0.074, 0.068, 0.06, 0.05, 0.042, 0.038, 0.04],
  roundness: 0.75,
  eye: { u: 0.118, v: -0.022, radius: 0.0105 },
  gill: { u: 0.215, bulge: 0.04 },
  mouth: [p(0.01, 0.02), p(0.035, 0.034), p(0.055, 0.034)],
  barbels: [
    { from: p(0.018, 0.026), to: p(0.03, 0.066), thick: 0.004 },
    { from: p(0.052, 0.034), to: p(0.075, 0.074), thick: 0.004 },
  ],
  fins: [
    fin(false, 14, p(0.47, 0.03), p(0.43, -0.1), p(0.455, -0.205), p(0.49, -0.165), p(0.54, -0.125), p(0.555, -0.09)),
    forkedTail(0.115, 0.02),
    fin(false, 12, p(0.745, 0.04), p(0.735, 0.062), p(0.78, 0.155), p(0.815, 0.13), p(0.8, 0.055)),
    fin(true, 10, p(0.47, 0.06), p(0.455, 0.068), p(0.5, 0.145), p(0.545, 0.14), p(0.52, 0.07)),
    fin(true, 14, p(0.24, 0.045), p(0.235, 0.045), p(0.275, 0.125), p(0.345, 0.135), p(0.35, 0.105), p(0.275, 0.05)),
  ],
  landmarks: {
    snout: p(0, 0),
    eye: p(0.118, -0.022),
    dorsal: p(0.43, -0.1),
    pelvic: p(0.455, 0.074),
    anal: p(0.735, 0.066),
    fork: p(1, 0),
  },
};

const WELS: Anatomy = {
  back: [0.014, 0.048, 0.066, 0.08, 0.088, 0.088, 0.084, 0.078, 0.07, 0.062, 0.054, 0.046, 0.038, 0.032, 0.028],
  belly: [0.018, 0.056, 0.08, 0.098, 0.112, 0.114, 0.104, 0.088, 0.074, 0.064, 0.055, 0.046, 0.038, 0.03, 0.026],
  roundness: 0.95,
  eye: { u: 0.062, v: -0.012, radius: 0.0065 },
  gill: { u: 0.195, bulge: 0.05 },
  mouth: [p(0.0, 0.012), p(0.035, 0.024), p(0.075, 0.03)],
  barbels: [
    { from: p(0.035, 0.006), to: p(0.19, 0.12), thick: 0.0055 },
    { from: p(0.055, 0.06), to: p(0.085, 0.115), thick: 0.0035 },
    { from: p(0.085, 0.07), to: p(0.12, 0.12), thick: 0.0035 },
  ],
  fins: [
    fin(false, 6, p(0.31, -0.05), p(0.3, -0.083), p(0.315, -0.135), p(0.335, -0.13), p(0.34, -0.083)),
    fin(
      false,
      18,
      p(0.93, 0),
      p(0.965, -0.028),
      p(1.03, -0.055),
      p(1.075, -0.045),
      p(1.09, 0),
      p(1.075, 0.045),
      p(1.03, 0.052),
      p(0.965, 0.026),
    ),
    fin(
      false,
      80,
      p(0.72, -0.35),
      p(0.475, 0.078),
      p(0.5, 0.118),
      p(0.65, 0.118),
      p(0.8, 0.1),
      p(0.93, 0.072),
      p(0.965, 0.045),
      p(0.955, 0.02),
    ),
    fin(true, 10, p(0.43, 0.075), p(0.415, 0.085), p(0.445, 0.145), p(0.475, 0.135), p(0.455, 0.085)),
    fin(true, 12, p(0.21, 0.06), p(0.205, 0.06), p(0.25, 0.14), p(0.315, 0.13), p(0.3, 0.09), p(0.24, 0.055)),
  ],
  landmarks: {
    snout: p(0, 0),
    eye: p(0.062, -0.012),
    dorsal: p(0.3, -0.086),
    pelvic: p(0.415, 0.092),
    anal: p(0.475, 0.085),
    fork: p(1, 0),
  },
};

const BUILDS: Readonly<Record<PaintedKind, Anatomy>> = {
  'carp-common': CARP,
  'carp-mirror': CARP,
  'carp-linear': CARP,
  pike: PIKE,
  barbel: BARBEL,
  wels: WELS,
};

/** The build of a kind; `girth` makes it deeper or slimmer (1 is as described). */
export function anatomyOf(kind: PaintedKind, girth = 1): Anatomy {
  const build = BUILDS[kind];
  return {
    ...build,
    back: build.back.map((height) => height * (1 + (girth - 1) * 0.5)),
    belly: build.belly.map((height) => height * girth),
  };
}

/** The kind that a species and form are painted as; undefined for what the brush does not know. */
export function paintedKind(species: SpeciesId, form?: FormId | null): PaintedKind | undefined {
  if (species === 'carp')
    return form === 'mirror' || form === 'leather' ? 'carp-mirror' : form === 'linear' ? 'carp-linear' : 'carp-common';
  return species === 'pike' || species === 'barbel' || species === 'wels' ? species : undefined;
}

/** The species of a kind that the brush knows. Example: a mirror carp is a carp. */
export function speciesOf(kind: PaintedKind): SpeciesId {
  return kind === 'pike' || kind === 'barbel' || kind === 'wels' ? kind : 'carp';
}

/** The build of a kind that no individual has been told of. */
export function plainAnatomy(kind: PaintedKind): Anatomy {
  return BUILDS[kind];
}

/** Height of the outline at `u`, joined smoothly between its steps (Catmull-Rom). */
export function heightAt(profile: readonly number[], u: number): number {
  const steps = profile.length - 1;
  const at = Math.min(Math.max(u, 0), 1) * steps;
  const i = Math.min(Math.floor(at), steps - 1);
  const t = at - i;
  const y = (k: number) => profile[Math.min(Math.max(k, 0), steps)] ?? 0;
  const [y0, y1, y2, y3] = [y(i - 1), y(i), y(i + 1), y(i + 2)];
  const a = 2 * y1 + (y2 - y0) * t + (2 * y0 - 5 * y1 + 4 * y2 - y3) * t * t + (3 * y1 - y0 - 3 * y2 + y3) * t * t * t;
  // A blunt nose: the outline closes in a quarter circle over the first hundredth.
  const nose = u < 0.03 ? Math.sqrt(Math.max(0, 1 - (1 - u / 0.03) ** 2)) : 1;
  return (a / 2) * (0.35 + 0.65 * nose);
}
