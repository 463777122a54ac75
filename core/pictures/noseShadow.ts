import { mean } from '../statistics/mean.js';
import { poseToPixel, type FishPose } from '../domain/fish/pose.js';
import { sampled, type Plane } from '../image/raster.js';

const STEPS = 40;
/** The first place on the head behind the snout. */
const FIRST_ON_HEAD = 15;

/**
 * How hard the edge of a shadow falls across the nose: the largest step of brightness, in stops, along lines that run
 * with the fish above and below the head and across it, where all of them take it at about one place. Example: a shadow
 * that takes two thirds of the light is about 1.6.
 */
export function noseShadowStops(light: Plane, pose: FishPose): number {
  // From ahead of the nose to behind the gill cover.
  const at = (i: number) => -0.12 + (0.42 * i) / (STEPS - 1);
  const lines = [-0.2, -0.15, -0.03, 0.02, 0.06, 0.16, 0.21].map((v) =>
    Array.from({ length: STEPS }, (_, i) => {
      const { x, y } = poseToPixel(pose, at(i), v);
      return Math.log2(Math.max(4, sampled(light, x, y)));
    }),
  );
  let most = 0;
  for (let lean = -4; lean <= 4; lean += 1) {
    // Ahead of the head there are other edges: the stop of a board, the rim of a mat, the nose itself.
    for (let i = FIRST_ON_HEAD; i < STEPS - 8; i += 1) {
      const steps = lines.map((line, k) => {
        const edge = Math.min(STEPS - 7, Math.max(6, i + Math.round((lean * (k - 3)) / 1.5)));
        return mean(line.slice(edge + 1, edge + 6)) - mean(line.slice(edge - 6, edge - 1));
      });
      // All lines must go the same way: the second weakest of them decides.
      const sorted = steps.toSorted((a, b) => a - b);
      most = Math.max(most, sorted[1] ?? 0, -(sorted.at(-2) ?? 0));
    }
  }
  return most;
}
