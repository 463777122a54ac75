import type { Rng } from '@keeper/core/statistics/rng';
import { isMirrored, poseOf } from '@keeper/core/domain/fish/pose';
import { LANDMARKS, type LandmarksPx } from '@keeper/core/domain/fish/landmarks';
import { STEP_OUTPUTS, stepOf, type FishFinderModel } from '@keeper/core/recognition/finder/findFish';
import { FishPatch, PATCH_FEATURES } from '@keeper/core/recognition/finder/fishPatch';
import { pixelToPose, type FishPose } from '@keeper/core/domain/fish/pose';
import { planesOf, type Planes, type Raster } from '@keeper/core/image/raster';
import { NormalEquations } from './ridge.js';

/** A picture with the truth about its fish. */
export interface Lesson {
  readonly raster: Raster;
  readonly landmarks: LandmarksPx;
}

/** How far starts lie from the truth, by step: share of the length, of the size, and radians. */
const STRAY = [
  { place: 0.16, size: 0.22, turn: 0.3 },
  { place: 0.06, size: 0.1, turn: 0.12 },
  { place: 0.03, size: 0.05, turn: 0.06 },
  { place: 0.02, size: 0.03, turn: 0.04 },
] as const;
const STARTS = 4;
const RIDGE = 3;

/** Learns a finder from lessons. `say` is told of the progress. */
export function trainFinder(lessons: readonly Lesson[], luck: Rng, say: (line: string) => void): FishFinderModel {
  const seen = lessons.map(({ raster, landmarks }) => ({ planes: planesOf(raster), landmarks }));
  const steps: Float32Array[] = [];
  // Where the earlier steps led each start: the next step learns from there.
  let poses = seen.map(({ landmarks }) =>
    Array.from({ length: STARTS }, () => strayed(poseOf(landmarks, isMirrored(landmarks)), STRAY[0], luck)),
  );
  for (const [step, stray] of STRAY.entries()) {
    const normal = new NormalEquations(PATCH_FEATURES + 1, STEP_OUTPUTS);
    const features = new Float32Array(PATCH_FEATURES);
    for (const [i, { planes, landmarks }] of seen.entries()) {
      const patch = new FishPatch(planes);
      const truth = poseOf(landmarks, isMirrored(landmarks));
      const from =
        step === 0
          ? (poses[i] as FishPose[])
          : [
              ...(poses[i] as FishPose[]),
              ...(poses[i] as FishPose[]).slice(0, 2).map(() => strayed(truth, stray, luck)),
            ];
      for (const pose of from) normal.add(patch.features(pose, features), inFrame(landmarks, pose));
    }
    steps.push(normal.solve(RIDGE));
    const model = { steps, quality: new Float32Array(0) };
    let off = 0;
    poses = seen.map(({ planes, landmarks }, i) => {
      const patch = new FishPatch(planes);
      return (poses[i] as FishPose[]).map((pose) => {
        const led = stepOf(patch, model, pose, step, features);
        off += errorOf(led.landmarks, landmarks);
        return led.pose;
      });
    });
    say(
      `step ${step + 1}: ${((100 * off) / (seen.length * STARTS)).toFixed(2)} % of the length off, on the lessons themselves`,
    );
  }
  return { steps, quality: trainQuality(seen, poses, luck) };
}

/**
 * Learns what lies well: where the steps led, near misses, and poses that lie on no fish or on one the wrong way round.
 */
function trainQuality(
  seen: readonly { planes: Planes; landmarks: LandmarksPx }[],
  led: readonly (readonly FishPose[])[],
  luck: Rng,
): Float32Array {
  const normal = new NormalEquations(PATCH_FEATURES + 1, 1);
  const features = new Float32Array(PATCH_FEATURES);
  for (const [i, { planes, landmarks }] of seen.entries()) {
    const patch = new FishPatch(planes);
    const truth = poseOf(landmarks, isMirrored(landmarks));
    const poses: FishPose[] = [
      ...[truth, ...(led[i] as FishPose[]).slice(0, 2)],
      ...[strayed(truth, STRAY[1], luck), strayed(truth, STRAY[0], luck), strayed(truth, STRAY[0], luck)],
      { ...truth, turnRad: truth.turnRad + Math.PI },
      strayed({ ...truth, mirrored: !truth.mirrored }, STRAY[1], luck),
      strayed({ ...truth, mirrored: !truth.mirrored, turnRad: truth.turnRad + Math.PI }, STRAY[1], luck),
      strayed({ ...truth, turnRad: luck.between(0, 6.28) }, { place: 0.5, size: 0.5, turn: 0 }, luck),
    ];
    for (const pose of poses) normal.add(patch.features(pose, features), [closeness(pose, truth)]);
  }
  return normal.solve(RIDGE);
}

/** 1 where a pose is the truth, falling to nothing at about a tenth of a length. */
function closeness(pose: FishPose, truth: FishPose): number {
  if (pose.mirrored !== truth.mirrored) return 0;
  const ends = (of: FishPose): [number, number, number, number] => {
    const [dx, dy] = [Math.cos(of.turnRad) * of.lengthPx * 0.5, Math.sin(of.turnRad) * of.lengthPx * 0.5];
    return [of.centreX - dx, of.centreY - dy, of.centreX + dx, of.centreY + dy];
  };
  const [a, b] = [ends(pose), ends(truth)];
  const off = (Math.hypot(a[0] - b[0], a[1] - b[1]) + Math.hypot(a[2] - b[2], a[3] - b[3])) / 2 / truth.lengthPx;
  return Math.exp(-off / 0.05);
}

/** Mean distance from the truth, in lengths of the fish. */
export function errorOf(found: LandmarksPx, truth: LandmarksPx): number {
  const length = Math.hypot(truth.fork.x - truth.snout.x, truth.fork.y - truth.snout.y);
  const sum = LANDMARKS.reduce(
    (all, name) => all + Math.hypot(found[name].x - truth[name].x, found[name].y - truth[name].y),
    0,
  );
  return sum / LANDMARKS.length / length;
}

function strayed(pose: FishPose, by: { place: number; size: number; turn: number }, luck: Rng): FishPose {
  return {
    centreX: pose.centreX + luck.normal() * by.place * pose.lengthPx,
    centreY: pose.centreY + luck.normal() * by.place * 0.6 * pose.lengthPx,
    lengthPx: pose.lengthPx * Math.exp(luck.normal() * by.size),
    turnRad: pose.turnRad + luck.normal() * by.turn,
    mirrored: pose.mirrored,
  };
}

function inFrame(landmarks: LandmarksPx, pose: FishPose): number[] {
  return LANDMARKS.flatMap((name) => {
    const { u, v } = pixelToPose(pose, landmarks[name].x, landmarks[name].y);
    return [u, v];
  });
}
