import { plainAnatomy, type BodyPoint, type PaintedKind } from '../../domain/fish/anatomy.js';
import { LANDMARKS, type LandmarksPx } from '../../domain/fish/landmarks.js';
import type { Pixel } from '../../geometry/pixel.js';
import type { Planes } from '../../image/raster.js';
import type { PlaneMap } from '../../geometry/thinPlate.js';
import { flankFrame } from './flankFrame.js';
import { flankMap } from '../registration/flankMap.js';
import { framePatch } from './framePatch.js';

/**
 * Weights of one number that a step says: one for each feature of the patch and each coordinate of the points, and the
 * constant last.
 */
export type StepWeights = Float32Array;

/**
 * What was learned about the fish of one build. Each of the first two says where the six points lie, `u` and `v` by
 * turns.
 */
export interface FrameModel {
  /** From points that a machine proposed. */
  readonly far: readonly StepWeights[];
  /** From points that were tapped, or that `far` led to. */
  readonly near: readonly StepWeights[];
  /** How the frame bends over the flank: twelve numbers, as `frameBend` takes them. */
  readonly bend: readonly StepWeights[];
}

/** The points weigh more than other features: they are what is to be mended. */
const POINT_FEATURE = 60;
/**
 * Taps are off by a hundredth and a half of a length. Where much more is to be mended, something is seen that was not
 * learned: less is believed.
 */
const USUAL_MEND = 0.02;

/** Everything a step looks at: the patch under the frame, and how far each point lies off where its kind has it. */
export function frameFeatures(planes: Planes, landmarks: LandmarksPx, map: PlaneMap, kind: PaintedKind): Float32Array {
  const patch = framePatch(planes, map, kind);
  const off = pointsOff(landmarks, map, kind);
  const features = new Float32Array(patch.length + off.length);
  features.set(patch);
  for (let i = 0; i < off.length; i += 1) features[patch.length + i] = POINT_FEATURE * (off[i] as number);
  return features;
}

/** How far the points lie off those of the kind's build as `map` lays it, in lengths: `u` and `v` by turns. */
export function pointsOff(landmarks: LandmarksPx, map: PlaneMap, kind: PaintedKind): number[] {
  const built = plainAnatomy(kind).landmarks;
  return LANDMARKS.flatMap((name) => {
    const { u, v } = inFrame(map, built[name], landmarks[name]);
    return [u, v];
  });
}

/**
 * The six points of a proposal, led closer to where they are on the fish that is seen, in two steps. `planes` with
 * about 200 pixels a length; `landmarks` in pixels of them. Source: supervised descent, Xiong and De la Torre (2013),
 * CVPR, 532-539. Example: points that are off by three hundredths of a length are led to within one.
 */
export function refineLandmarks(
  planes: Planes,
  landmarks: LandmarksPx,
  kind: PaintedKind,
  { far, near }: Pick<FrameModel, 'far' | 'near'>,
): LandmarksPx {
  let at = landmarks;
  for (const step of [far, near]) at = led(planes, at, kind, step).landmarks;
  return at;
}

/**
 * The flank's frame laid on a picture: by its six points, then settled on what is seen of the fish, outline, fins and
 * head, so that the turn of the body and points that are a little off no longer matter. As `flankMap` otherwise.
 * Example: a fish turned by 20 degrees is off by half as much as with six points that are exactly right.
 */
export function refineFrame(planes: Planes, landmarks: LandmarksPx, kind: PaintedKind, model: FrameModel): PlaneMap {
  const { landmarks: closer, trust } = led(planes, landmarks, kind, model.near, USUAL_MEND);
  const map = flankMap(closer, kind);
  const features = frameFeatures(planes, closer, map, kind);
  return frameBend(
    map,
    model.bend.map((weights) => trust * said(weights, features)),
    kind,
  );
}

/**
 * A frame that bends over the flank: `terms` are the shift along as `quadraticTerms` has them and then across, in
 * lengths, `x` and `y` from -1 to 1.
 */
export function frameBend(map: PlaneMap, terms: readonly number[], kind: PaintedKind): PlaneMap {
  const term = (i: number) => terms[i] as number;
  const [a0, a1, a2, a3, a4, a5] = [term(0), term(1), term(2), term(3), term(4), term(5)];
  const [b0, b1, b2, b3, b4, b5] = [term(6), term(7), term(8), term(9), term(10), term(11)];
  const { fromU, fromV, cell, columns, rows } = flankFrame(kind);
  return (u, v) => {
    const x = Math.max(-1.3, Math.min(1.3, (2 * (u - fromU)) / (columns * cell) - 1));
    const y = Math.max(-1.3, Math.min(1.3, (2 * (v - fromV)) / (rows * cell) - 1));
    const [xx, xy, yy] = [x * x, x * y, y * y];
    return map(
      u + a1 * x + a2 * y + a3 * xx + a4 * xy + a5 * yy + a0,
      v + b1 * x + b2 * y + b3 * xx + b4 * xy + b5 * yy + b0,
    );
  };
}

/**
 * One step towards the points of the fish, and how much of it is believed where no more than `usualMend` lengths is
 * usually to be mended.
 */
export function led(
  planes: Planes,
  landmarks: LandmarksPx,
  kind: PaintedKind,
  step: readonly StepWeights[],
  usualMend = Infinity,
): { readonly landmarks: LandmarksPx; readonly trust: number } {
  const map = flankMap(landmarks, kind);
  const features = frameFeatures(planes, landmarks, map, kind);
  const before = pointsOff(landmarks, map, kind);
  const after = step.map((weights) => said(weights, features));
  const mended = Math.sqrt(
    after.reduce((sum, off, i) => sum + (off - (before[i] as number)) ** 2, 0) / LANDMARKS.length,
  );
  const trust = Math.min(1, (usualMend / mended) ** 2);
  const built = plainAnatomy(kind).landmarks;
  const off = (i: number) => (before[i] as number) + trust * ((after[i] as number) - (before[i] as number));
  const place = (i: number) => outOfFrame(map, built[LANDMARKS[i] as keyof typeof built], off(2 * i), off(2 * i + 1));
  return {
    landmarks: {
      snout: place(0),
      eye: place(1),
      dorsal: place(2),
      pelvic: place(3),
      anal: place(4),
      fork: place(5),
    },
    trust,
  };
}

function said(weights: StepWeights, features: Float32Array): number {
  let sum = weights[features.length] as number;
  for (let i = 0; i < features.length; i += 1) sum += (weights[i] as number) * (features[i] as number);
  return sum;
}

/** How the map runs about a point of the frame: pixels a length, along and across. */
const NEAR = 0.01;
function slopes(map: PlaneMap, { u, v }: BodyPoint) {
  const [here, along, across] = [map(u, v), map(u + NEAR, v), map(u, v + NEAR)];
  return {
    here,
    ax: (along.x - here.x) / NEAR,
    ay: (along.y - here.y) / NEAR,
    bx: (across.x - here.x) / NEAR,
    by: (across.y - here.y) / NEAR,
  };
}

/** How far a pixel lies off a point of the frame, in lengths. */
export function inFrame(map: PlaneMap, at: BodyPoint, { x, y }: Pixel): BodyPoint {
  const { here, ax, ay, bx, by } = slopes(map, at);
  const [dx, dy, size] = [x - here.x, y - here.y, ax * by - ay * bx];
  return { u: (dx * by - dy * bx) / size, v: (ax * dy - ay * dx) / size };
}

/** Which place of the frame lies at a pixel, by a few steps from one that is near. */
export function placeAt(map: PlaneMap, pixel: Pixel, near: BodyPoint): BodyPoint {
  let at = near;
  for (let step = 0; step < 4; step += 1) {
    const off = inFrame(map, at, pixel);
    at = { u: at.u + off.u, v: at.v + off.v };
  }
  return at;
}

function outOfFrame(map: PlaneMap, at: BodyPoint, du: number, dv: number): Pixel {
  const { here, ax, ay, bx, by } = slopes(map, at);
  return { x: here.x + ax * du + bx * dv, y: here.y + ay * du + by * dv };
}
