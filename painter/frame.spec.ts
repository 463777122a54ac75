import { LEARNED } from '@keeper/core/spec/learned';
import { createRng } from '@keeper/core/statistics/rng';
import { plainAnatomy, type PaintedKind } from '@keeper/core/domain/fish/anatomy';
import { flankMap } from '@keeper/core/recognition/registration/flankMap';
import { proposedFish } from '@keeper/core/recognition/finder/proposedFish';
import { led, refineFrame, refineLandmarks } from '@keeper/core/recognition/landmarks/refineFrame';
import { LANDMARKS } from '@keeper/core/domain/fish/landmarks';
import { planesOf } from '@keeper/core/image/raster';
import { frameLesson, type FrameLesson } from './frameLesson.js';
import { squaredMiss, proposed, tapped } from './trainFrame.js';
import { errorOf } from './trainFinder.js';

const KINDS: readonly PaintedKind[] = ['carp-mirror', 'carp-common', 'pike', 'barbel', 'wels'];
const UNSEEN = KINDS.map((kind) => frameLesson(`unseen flank of a ${kind}`, kind));
const rms = (of: readonly number[]) => Math.sqrt(of.reduce((sum, x) => sum + x * x, 0) / of.length);

test('a lesson knows where every place of its flank lies', () => {
  for (const { kind, landmarks, truth } of UNSEEN) {
    const { u, v } = plainAnatomy(kind).landmarks.eye;
    const at = truth(u, v);
    // The eye does not grow with the girth, the flank about it does.
    expect(Math.hypot(at.x - landmarks.eye.x, at.y - landmarks.eye.y)).toBeLessThan(3);
  }
});

test('a frame settles: off by less than half of what tapped points alone leave, and closer than points that are right', () => {
  const luck = createRng('taps');
  const [byTaps, byTruth, settled] = [[], [], []] as [number[], number[], number[]];
  for (const lesson of UNSEEN) {
    const { raster, landmarks, kind } = lesson;
    const taps = tapped(landmarks, luck);
    byTaps.push(Math.sqrt(squaredMiss(lesson, flankMap(taps, kind))));
    byTruth.push(Math.sqrt(squaredMiss(lesson, flankMap(landmarks, kind))));
    settled.push(Math.sqrt(squaredMiss(lesson, refineFrame(planesOf(raster), taps, kind, LEARNED.frameOf(kind)))));
  }
  expect(rms(settled)).toBeLessThan(0.5 * rms(byTaps));
  expect(rms(settled)).toBeLessThan(0.8 * rms(byTruth));
  expect(rms(settled)).toBeLessThan(0.009);
});

test('points that a machine proposes are led to less than half of what they were off', () => {
  const luck = createRng('proposals');
  const off = ({ raster, landmarks, kind }: FrameLesson) => {
    const from = proposed(landmarks, luck);
    return [
      errorOf(from, landmarks),
      errorOf(refineLandmarks(planesOf(raster), from, kind, LEARNED.frameOf(kind)), landmarks),
    ] as const;
  };
  const both = UNSEEN.map(off);
  expect(rms(both.map(([before]) => before))).toBeGreaterThan(0.02);
  expect(rms(both.map(([, after]) => after))).toBeLessThan(0.5 * rms(both.map(([before]) => before)));
});

test('a fish that was found has its points led closer once its kind is known', () => {
  const { raster, landmarks, kind } = UNSEEN[1] as FrameLesson;
  const [plain, closer] = [proposedFish(raster, LEARNED), proposedFish(raster, LEARNED, kind)];
  if (!plain || !closer) throw new Error('The fish was not found.');
  expect(closer.mirrored).toBe(plain.mirrored);
  expect(errorOf(closer.landmarks, landmarks)).toBeLessThan(0.7 * errorOf(plain.landmarks, landmarks));
  expect(errorOf(closer.landmarks, landmarks)).toBeLessThan(0.015);
});

test('where there is no fish the points stay about where they were tapped', () => {
  const { raster, landmarks, kind } = UNSEEN[0] as FrameLesson;
  const luck = createRng('no fish');
  const data = Uint8ClampedArray.from({ length: raster.data.length }, () => luck.whole(0, 255));
  const length = Math.hypot(landmarks.fork.x - landmarks.snout.x, landmarks.fork.y - landmarks.snout.y);
  const { landmarks: at, trust } = led(
    planesOf({ ...raster, data }),
    landmarks,
    kind,
    LEARNED.frameOf(kind).near,
    0.02,
  );
  expect(trust).toBeLessThanOrEqual(1);
  const moved = LANDMARKS.map((name) => Math.hypot(at[name].x - landmarks[name].x, at[name].y - landmarks[name].y));
  expect(rms(moved) / length).toBeLessThan(0.022);
});
