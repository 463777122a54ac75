import { anatomyOf, type LandmarkName, type PaintedKind } from '../../domain/fish/anatomy.js';
import { poseOf } from '../../domain/fish/pose.js';
import { type LandmarksPx } from '../../domain/fish/landmarks.js';
import { pixelToPose } from '../../domain/fish/pose.js';

/** Whether six points lie as on a fish of a kind: they do, they lie as on another kind, or as on no fish. */
export type PointsFit = { readonly fits: true } | { readonly fits: false; readonly likelier: PaintedKind | undefined };

/**
 * Points of a fish seen askew, bent, and tapped by hand lie within this of where the build has them, along the body, in
 * lengths.
 */
const OFF = 0.13;
/** Another kind is named when the points fit it at least this well. */
const FITS_WELL = 0.07;
const ALONG: readonly LandmarkName[] = ['eye', 'dorsal', 'pelvic', 'anal'];
/** One of each build: the forms of the carp have one. */
const BUILDS: readonly PaintedKind[] = ['carp-common', 'pike', 'barbel', 'wels'];

/**
 * Whether the six points can be those of a fish of its kind: each about where the kind's build has it along the body,
 * the dorsal fin on the other side of it than pelvic and anal fin. It tells a pike noted as a carp, and points in the
 * wrong order; it does not tell a barbel from a carp. `landmarks` in pixels. Limits tried on painted pictures (common
 * practice, no source). Example: with eye and anal fin exchanged they lie as on no fish.
 */
export function pointsFit(landmarks: LandmarksPx, kind: PaintedKind): PointsFit {
  const pose = poseOf(landmarks, false);
  const at = (name: LandmarkName) => pixelToPose(pose, landmarks[name].x, landmarks[name].y);
  const apart = (name: LandmarkName) => at('dorsal').v * at(name).v < 0;
  const twoSides = apart('pelvic') && apart('anal');
  const off = (of: PaintedKind) => {
    const built = anatomyOf(of, 1).landmarks;
    return Math.max(...ALONG.map((name) => Math.abs(at(name).u - built[name].u)));
  };
  if (twoSides && off(kind) < OFF) return { fits: true };
  const likelier = twoSides ? BUILDS.find((each) => off(each) < FITS_WELL) : undefined;
  return { fits: false, likelier };
}
