import { poseOf } from '../../domain/fish/pose.js';
import { type LandmarksPx, LANDMARKS } from '../../domain/fish/landmarks.js';
import { FishPatch, PATCH_FEATURES } from './fishPatch.js';
import { poseToPixel, type FishPose } from '../../domain/fish/pose.js';
import type { Planes } from '../../image/raster.js';

/**
 * Numbers that were learned from painted pictures. Rows are features with a last one for the constant, columns are
 * outputs.
 */
export interface FishFinderModel {
  /** Each step says where the six landmarks lie in the frame of the pose it was given: u and v by turns. */
  readonly steps: readonly Float32Array[];
  /** Says how well a pose lies on a fish: 1 exactly, 0 not at all. */
  readonly quality: Float32Array;
}

export const STEP_OUTPUTS = 2 * LANDMARKS.length;

/** A fish that was found, in pixels of the picture whose planes were looked at. */
export interface FoundFish {
  readonly landmarks: LandmarksPx;
  /** Of the left flank the head points left with the back up; here whether that holds only in the mirror. */
  readonly mirrored: boolean;
  /** From 0 to 1, about: how well the last pose lies on a fish. */
  readonly quality: number;
  /** How far apart the best starts ended, in lengths of the fish. */
  readonly spread: number;
}

const DOUBTFUL_QUALITY = 0.45;
const DOUBTFUL_SPREAD = 0.06;

/** Whether a fish that was found wants a look before anything is built on its points. */
export function isDoubtful({ quality, spread }: Pick<FoundFish, 'quality' | 'spread'>): boolean {
  return quality < DOUBTFUL_QUALITY || spread > DOUBTFUL_SPREAD;
}

/**
 * Looks for the fish of a picture: many starting poses are judged, the best are led to a fish in a cascade of linear
 * steps (supervised descent, Xiong and De la Torre 2013; the patch is described anew at each pose), and the one that
 * lies best is taken. Undefined when nothing lies well enough: then the keeper is asked to tap. Example: planes of
 * about 256 px on the longest side.
 */
export function findFish(planes: Planes, model: FishFinderModel): FoundFish | undefined {
  const patch = new FishPatch(planes);
  const features = new Float32Array(PATCH_FEATURES);
  let best: Led[] = [];
  for (const turns of TURNS) {
    const judged = startingPoses(planes, turns).map((pose) => {
      const led = stepOf(patch, model, pose, 0, features);
      return { pose: led.pose, quality: qualityOf(patch, model, led.pose, features) };
    });
    judged.sort((a, b) => b.quality - a.quality);
    best = [...best, ...judged.slice(0, LED_ON).map(({ pose }) => leadOn(patch, model, pose, features))];
    best.sort((a, b) => b.quality - a.quality);
    // Pictures are mostly taken about level: only when no fish lies well there are they looked at turned as well.
    if ((best[0]?.quality ?? 0) >= SURE) break;
  }
  const [first, ...others] = best;
  // Of a picture with nothing in it the quality is no number.
  if (!first || !(first.quality >= LEAST_QUALITY)) return undefined;
  const agreeing = others.filter(({ pose }) => pose.mirrored === first.pose.mirrored).slice(0, 3);
  const spread =
    Math.max(0, ...agreeing.map((other) => meanDistance(first.landmarks, other.landmarks))) / first.pose.lengthPx;
  return { landmarks: first.landmarks, mirrored: first.pose.mirrored, quality: first.quality, spread };
}

/**
 * Follows a fish from one frame of the camera to the next: it has not gone far. Undefined when it is lost, and must be
 * looked for anew. Example: `followFish(planes, model, last) ?? findFish(planes, model)`.
 */
export function followFish(planes: Planes, model: FishFinderModel, last: FoundFish): FoundFish | undefined {
  const features = new Float32Array(PATCH_FEATURES);
  const led = leadOn(new FishPatch(planes), model, poseOf(last.landmarks, last.mirrored), features);
  if (led.quality < SURE) return undefined;
  return { landmarks: led.landmarks, mirrored: led.pose.mirrored, quality: led.quality, spread: 0 };
}

const LED_ON = 6;
const SURE = 0.5;
const LEAST_QUALITY = 0.25;
const level = [-0.35, 0, 0.35];
/** Level, then on its side and upside down. */
const TURNS: readonly (readonly number[])[] = [level, [-2.8, -2.1, -1.4, -0.7, 0.7, 1.4, 2.1, 2.8, Math.PI]];

function startingPoses({ light: { widthPx, heightPx } }: Planes, turns: readonly number[]): FishPose[] {
  const poses: FishPose[] = [];
  for (const mirrored of [false, true])
    for (const lean of turns)
      for (const size of [0.58, 0.78])
        for (const x of [0.4, 0.5, 0.6])
          for (const y of [0.4, 0.55]) {
            // Mirrored, the head points right: the direction from snout to fork is the other way round.
            const turnRad = mirrored ? Math.PI + lean : lean;
            poses.push({ centreX: x * widthPx, centreY: y * heightPx, lengthPx: size * widthPx, turnRad, mirrored });
          }
  return poses;
}

interface Led {
  readonly pose: FishPose;
  readonly landmarks: LandmarksPx;
  readonly quality: number;
}

function leadOn(patch: FishPatch, model: FishFinderModel, from: FishPose, features: Float32Array): Led {
  let led = stepOf(patch, model, from, 0, features);
  for (let step = 1; step < model.steps.length; step += 1) led = stepOf(patch, model, led.pose, step, features);
  return { ...led, quality: qualityOf(patch, model, led.pose, features) };
}

/** One step of the cascade from a pose. */
export function stepOf(patch: FishPatch, model: FishFinderModel, pose: FishPose, step: number, features: Float32Array) {
  patch.features(pose, features);
  const weights = model.steps[step] as Float32Array;
  const out = new Float64Array(STEP_OUTPUTS);
  for (let f = 0, at = 0; f <= PATCH_FEATURES; f += 1) {
    const by = f === PATCH_FEATURES ? 1 : (features[f] as number);
    for (let o = 0; o < STEP_OUTPUTS; o += 1, at += 1) out[o] = (out[o] as number) + by * (weights[at] as number);
  }
  const place = (i: number) => poseToPixel(pose, out[2 * i] as number, out[2 * i + 1] as number);
  const landmarks: LandmarksPx = {
    snout: place(0),
    eye: place(1),
    dorsal: place(2),
    pelvic: place(3),
    anal: place(4),
    fork: place(5),
  };
  return { landmarks, pose: poseOf(landmarks, pose.mirrored) };
}

/** How well a pose lies on a fish, by what is seen under it. */
export function qualityOf(patch: FishPatch, model: FishFinderModel, pose: FishPose, features: Float32Array): number {
  patch.features(pose, features);
  let sum = model.quality[PATCH_FEATURES] as number;
  for (let f = 0; f < PATCH_FEATURES; f += 1) sum += (features[f] as number) * (model.quality[f] as number);
  return sum;
}

function meanDistance(a: LandmarksPx, b: LandmarksPx): number {
  return (
    LANDMARKS.reduce((sum, name) => sum + Math.hypot(a[name].x - b[name].x, a[name].y - b[name].y), 0) /
    LANDMARKS.length
  );
}
