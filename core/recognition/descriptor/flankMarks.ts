import { anatomyOf, type PaintedKind } from '../../domain/fish/anatomy.js';
import { LANDMARKS, type LandmarksPx } from '../../domain/fish/landmarks.js';
import type { Pixel } from '../../geometry/pixel.js';
import { thinPlate } from '../../geometry/thinPlate.js';
import type { FlankPoint } from '../../domain/fish/flankPoint.js';

/** As `flankMap`, the other way. */
const STIFFNESS = 0.1;

/**
 * Where marks that were set by hand on a picture lie on the flank: scales, blotches, scars. `landmarks` and `marks` in
 * pixels of one picture. Example: a mark on the dorsal-fin origin lies about where the kind's build has that.
 */
export function flankMarks(landmarks: LandmarksPx, marks: readonly Pixel[], kind: PaintedKind): FlankPoint[] {
  const built = anatomyOf(kind, 1).landmarks;
  const { snout, fork } = landmarks;
  const lengthPx = Math.max(1, Math.hypot(fork.x - snout.x, fork.y - snout.y));
  // In lengths, so that the plate is as stiff in a large picture as in a small one.
  const inLengths = ({ x, y }: Pixel): Pixel => ({ x: x / lengthPx, y: y / lengthPx });
  const map = thinPlate(
    LANDMARKS.map((name) => inLengths(landmarks[name])),
    LANDMARKS.map((name) => ({ x: built[name].u, y: built[name].v })),
    STIFFNESS,
  );
  if (!map) return [];
  return marks.map((mark) => {
    const { x, y } = inLengths(mark);
    const { x: u, y: v } = map(x, y);
    return { u, v };
  });
}
