import { learnedModels } from './learnedModels.js';
import { createRequire } from 'node:module';
import type { PaintedKind } from '@keeper/core/domain/fish/anatomy';
import { flatFlank } from '@keeper/core/recognition/registration/flatFlank';
import type { LandmarksPx } from '@keeper/core/domain/fish/landmarks';
import type { Raster } from '@keeper/core/image/raster';

/** Of a general-purpose library as much as is used here; its own types say less. */
interface Held {
  delete(): void;
}
interface Mat extends Held {
  readonly rows: number;
  readonly data: Uint8Array;
}
interface Matches extends Held {
  size(): number;
  get(i: number): { get(j: number): { queryIdx: number; trainIdx: number; distance: number }; size(): number } & Held;
}
interface Library {
  onRuntimeInitialized: () => void;
  Mat: { new (): Mat; new (rows: number, columns: number, type: number): Mat };
  ORB: new (features: number) => Held & {
    detectAndCompute(image: Mat, mask: Mat, points: Held, descriptors: Mat): void;
  };
  KeyPointVector: new () => Held & { size(): number; get(i: number): { pt: { x: number; y: number } } };
  BFMatcher: new (
    norm: number,
    both: boolean,
  ) => Held & { knnMatch(a: Mat, b: Mat, matches: Matches, k: number): void };
  DMatchVectorVector: new () => Matches;
  matFromArray(rows: number, columns: number, type: number, data: readonly number[]): Mat;
  estimateAffine2D(from: Mat, to: Mat, inliers: Mat, method: number, threshold: number): Mat;
  CV_8UC1: number;
  CV_32FC2: number;
  NORM_HAMMING: number;
  RANSAC: number;
}

/** Features of one flank. */
export interface GeneralPrint {
  readonly points: readonly { readonly x: number; readonly y: number }[];
  readonly descriptors: Mat;
}

/**
 * Pixels a cell of the flank frame, features of a flank, nearest against second nearest, and pixels that an inlier may
 * be off.
 */
const FINE = 4;
const FEATURES = 600;
const RATIO = 0.8;
const OFF_PX = 8;
/** Fewer pairs than this fit any map. */
const LEAST = 4;

/**
 * What a general-purpose library makes of the same flanks in the same frame: ORB features (Rublee et al. 2011), the
 * ratio test (Lowe 2004) and an affine map by RANSAC (Fischler and Bolles 1981). How many features agree with one map
 * is the likeness.
 */
export async function generalMatcher() {
  const cv = createRequire(import.meta.url)('@techstark/opencv-js') as Library;
  if (typeof cv.ORB !== 'function') await new Promise<void>((ready) => (cv.onRuntimeInitialized = ready));
  const orb = new cv.ORB(FEATURES);
  const matcher = new cv.BFMatcher(cv.NORM_HAMMING, false);

  const learned = learnedModels();
  const print = (raster: Raster, landmarks: LandmarksPx, kind: PaintedKind): GeneralPrint => {
    const { widthPx, heightPx, data } = flatFlank(raster, landmarks, kind, FINE, learned);
    const image = new cv.Mat(heightPx, widthPx, cv.CV_8UC1);
    const mask = new cv.Mat(heightPx, widthPx, cv.CV_8UC1);
    for (let i = 0; i < widthPx * heightPx; i += 1) {
      const [r = 0, g = 0, b = 0, opaque = 0] = data.subarray(4 * i, 4 * i + 4);
      image.data[i] = 0.299 * r + 0.587 * g + 0.114 * b;
      mask.data[i] = opaque;
    }
    const [found, descriptors] = [new cv.KeyPointVector(), new cv.Mat()];
    orb.detectAndCompute(image, mask, found, descriptors);
    const points = Array.from({ length: found.size() }, (_, i) => found.get(i).pt);
    for (const each of [image, mask, found]) each.delete();
    return { points, descriptors };
  };

  /** How many features of one lie on those of the other by one affine map. */
  const likeness = (a: GeneralPrint, b: GeneralPrint): number => {
    if (a.descriptors.rows < LEAST || b.descriptors.rows < LEAST) return 0;
    const matches = new cv.DMatchVectorVector();
    matcher.knnMatch(a.descriptors, b.descriptors, matches, 2);
    const [from, to]: [number[], number[]] = [[], []];
    for (let i = 0; i < matches.size(); i += 1) {
      const pair = matches.get(i);
      const [first, second] = [pair.get(0), pair.get(1)];
      const [p, q] = [a.points[first.queryIdx], b.points[first.trainIdx]];
      if (pair.size() === 2 && p && q && first.distance < RATIO * second.distance) {
        from.push(p.x, p.y);
        to.push(q.x, q.y);
      }
      pair.delete();
    }
    matches.delete();
    if (from.length / 2 < LEAST) return 0;
    const [source, target] = [from, to].map((of) => cv.matFromArray(of.length / 2, 1, cv.CV_32FC2, of)) as [Mat, Mat];
    const inliers = new cv.Mat();
    const map = cv.estimateAffine2D(source, target, inliers, cv.RANSAC, OFF_PX);
    const count = inliers.data.reduce((sum, is) => sum + is, 0);
    for (const each of [source, target, inliers, map]) each.delete();
    return count;
  };
  return { print, likeness };
}
