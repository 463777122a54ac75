import { quadraticTerms } from '@keeper/core/geometry/quadratic';
import type { Rng } from '@keeper/core/statistics/rng';
import { flankFrame } from '@keeper/core/recognition/landmarks/flankFrame';
import { flankMap } from '@keeper/core/recognition/registration/flankMap';
import { framePatchSize } from '@keeper/core/recognition/landmarks/framePatch';
import {
  inFrame,
  led,
  pointsOff,
  refineFrame,
  refineLandmarks,
  frameFeatures,
  type FrameModel,
  type StepWeights,
} from '@keeper/core/recognition/landmarks/refineFrame';
import { LANDMARKS, type LandmarksPx } from '@keeper/core/domain/fish/landmarks';
import { STEP_OUTPUTS } from '@keeper/core/recognition/finder/findFish';
import { planesOf } from '@keeper/core/image/raster';
import type { PaintedKind } from '@keeper/core/domain/fish/anatomy';
import type { PlaneMap } from '@keeper/core/geometry/thinPlate';
import type { FrameLesson } from './frameLesson.js';
import { NormalEquations } from './ridge.js';

/** Starts of a lesson: points as a machine proposes them, and as a hand taps them. */
const FAR_STARTS = 4;
const TAPPED_STARTS = 3;
const RIDGE = 40;
const BEND_TERMS = 12;
/** One lesson in ten is not learned from but says how well it was learned. */
const KEPT_BACK = 10;

/**
 * Learns how the frame of one build settles on a picture. All lessons are of that build. `say` is told of the progress.
 */
export function trainFrame(lessons: readonly FrameLesson[], luck: Rng, say: (line: string) => void): FrameModel {
  const learned = lessons.filter((_, i) => i % KEPT_BACK !== 0);
  const kept = lessons.filter((_, i) => i % KEPT_BACK === 0);
  const farStarts = learned.map((lesson) => Array.from({ length: FAR_STARTS }, () => proposed(lesson.landmarks, luck)));
  const far = stepFrom(learned, farStarts, STEP_OUTPUTS, pointsOf);
  say('led from far');
  const nearStarts = learned.map((lesson, i) => [
    ...(farStarts[i] as LandmarksPx[]).slice(0, 2).map((from) => ledOn(lesson, from, far)),
    ...Array.from({ length: TAPPED_STARTS }, () => tapped(lesson.landmarks, luck)),
  ]);
  const near = stepFrom(learned, nearStarts, STEP_OUTPUTS, pointsOf);
  say('led from near');
  const bendStarts = learned.map((lesson, i) =>
    (nearStarts[i] as LandmarksPx[]).map((from) => ledOn(lesson, from, near)),
  );
  const bend = stepFrom(learned, bendStarts, BEND_TERMS, bendOf);
  const model = { far, near, bend };
  for (const line of howWell(kept, model, luck)) say(line);
  return model;
}

type Wanted = (lesson: FrameLesson, landmarks: LandmarksPx, map: PlaneMap) => readonly number[];

/** One step, learned by ridge regression from many starts. */
function stepFrom(
  lessons: readonly FrameLesson[],
  starts: readonly (readonly LandmarksPx[])[],
  outputs: number,
  wanted: Wanted,
): StepWeights[] {
  const { kind } = lessons[0] as FrameLesson;
  const size = framePatchSize(kind) + STEP_OUTPUTS + 1;
  const normal = new NormalEquations(size, outputs);
  for (const [i, lesson] of lessons.entries()) {
    const planes = planesOf(lesson.raster);
    for (const from of starts[i] as readonly LandmarksPx[]) {
      const map = flankMap(from, lesson.kind);
      normal.add(frameFeatures(planes, from, map, lesson.kind), wanted(lesson, from, map));
    }
  }
  const all = normal.solve(RIDGE);
  return Array.from({ length: outputs }, (_, o) =>
    Float32Array.from({ length: size }, (__, i) => all[i * outputs + o] as number),
  );
}

const pointsOf: Wanted = ({ landmarks, kind }, _from, map) => pointsOff(landmarks, map, kind);

/** The bend of the frame over the flank that carries it closest to the truth, by least squares over a lattice. */
const bendOf: Wanted = ({ kind, truth }, _from, map) => {
  const normal = new NormalEquations(BEND_TERMS / 2, 2);
  for (const { u, v, x, y } of lattice(kind)) {
    const off = inFrame(map, { u, v }, truth(u, v));
    const [, ...shaped] = quadraticTerms(x, y);
    normal.add(Float32Array.from(shaped), [off.u, off.v]);
  }
  const terms = normal.solve(1e-6);
  // The constant, which is not drawn towards nothing, comes out last.
  const axis = (o: number) => {
    const [constant, ...others] = Array.from(
      { length: BEND_TERMS / 2 },
      (_, i) => terms[2 * i + o] as number,
    ).reverse();
    return [constant as number, ...others.reverse()];
  };
  return [...axis(0), ...axis(1)];
};

/** Places all over the flank that is compared. */
function lattice(kind: PaintedKind): { u: number; v: number; x: number; y: number }[] {
  const { fromU, fromV, cell, columns, rows } = flankFrame(kind);
  const steps = (count: number) => Array.from({ length: count }, (_, i) => (2 * (i + 0.5)) / count - 1);
  return steps(9).flatMap((x) =>
    steps(5).map((y) => ({
      x,
      y,
      u: fromU + ((x + 1) / 2) * columns * cell,
      v: fromV + ((y + 1) / 2) * rows * cell,
    })),
  );
}

function ledOn({ raster, kind }: FrameLesson, from: LandmarksPx, step: readonly StepWeights[]): LandmarksPx {
  return led(planesOf(raster), from, kind, step).landmarks;
}

/** Points as a hand taps them: each off by a hundredth of a length each way, or by half or nearly twice that. */
export function tapped(truth: LandmarksPx, luck: Rng): LandmarksPx {
  return missed(truth, 0.0106 * Math.exp(luck.between(-0.7, 0.5)), 0, luck);
}

/**
 * Points as a machine proposes them: off each for itself and all together, by up to three hundredths of a length each
 * way.
 */
export function proposed(truth: LandmarksPx, luck: Rng): LandmarksPx {
  const size = 0.006 * Math.exp(luck.between(0, 1.7));
  return missed(truth, size, size, luck);
}

function missed(truth: LandmarksPx, each: number, together: number, luck: Rng): LandmarksPx {
  const { snout, fork } = truth;
  const length = Math.hypot(fork.x - snout.x, fork.y - snout.y);
  const [midX, midY] = [(snout.x + fork.x) / 2, (snout.y + fork.y) / 2];
  const off = () => luck.normal() * together;
  const [dx, dy, stretch, turn] = [off() * length, off() * length, 1 + off(), off()];
  return Object.fromEntries(
    LANDMARKS.map((name) => {
      const [x, y] = [truth[name].x - midX, truth[name].y - midY];
      return [
        name,
        {
          x: midX + dx + stretch * x - turn * y + luck.normal() * each * length,
          y: midY + dy + stretch * y + turn * x + luck.normal() * each * length,
        },
      ];
    }),
  ) as unknown as LandmarksPx;
}

/**
 * Of lessons that were not learned from: how far the frame lies off the flank by six points that are right, tapped, and
 * settled.
 */
function howWell(lessons: readonly FrameLesson[], model: FrameModel, luck: Rng): string[] {
  const off = {
    'by points that are right': 0,
    'by tapped points': 0,
    'settled from tapped points': 0,
    'settled from proposed points': 0,
  };
  for (const lesson of lessons) {
    const { raster, kind, landmarks } = lesson;
    const planes = planesOf(raster);
    const taps = tapped(landmarks, luck);
    const closer = refineLandmarks(planes, proposed(landmarks, luck), kind, model);
    off['by points that are right'] += squaredMiss(lesson, flankMap(landmarks, kind));
    off['by tapped points'] += squaredMiss(lesson, flankMap(taps, kind));
    off['settled from tapped points'] += squaredMiss(lesson, refineFrame(planes, taps, kind, model));
    off['settled from proposed points'] += squaredMiss(lesson, refineFrame(planes, closer, kind, model));
  }
  return Object.entries(off).map(
    ([name, sum]) => `${name}: ${(100 * Math.sqrt(sum / lessons.length)).toFixed(2)} % of the length off`,
  );
}

/** How far a frame lies off the flank that is compared: the mean of the squares, in lengths. */
export function squaredMiss({ kind, truth }: FrameLesson, map: PlaneMap): number {
  const places = lattice(kind);
  return (
    places.reduce((sum, { u, v }) => {
      const off = inFrame(map, { u, v }, truth(u, v));
      return sum + off.u ** 2 + off.v ** 2;
    }, 0) / places.length
  );
}
