import { anatomyOf, type PaintedKind } from '../../domain/fish/anatomy.js';
import { LANDMARKS, type LandmarksPx } from '../../domain/fish/landmarks.js';
import { thinPlate, type PlaneMap } from '../../geometry/thinPlate.js';

/**
 * How far a tapped point is not believed: points are off by about a hundredth of a length, and a plate bends less than
 * they jump.
 */
const STIFFNESS = 0.1;

/**
 * From the flank frame of a kind of fish (`u`, `v` in lengths) to the pixels of a picture in which its six points are
 * known: where each part of the flank lies, bent and seen askew as it is. Example: the eye of the kind's build is
 * carried to about where the eye was tapped.
 */
export function flankMap(landmarks: LandmarksPx, kind: PaintedKind): PlaneMap {
  const built = anatomyOf(kind, 1).landmarks;
  const map = thinPlate(
    LANDMARKS.map((name) => ({ x: built[name].u, y: built[name].v })),
    LANDMARKS.map((name) => landmarks[name]),
    STIFFNESS,
  );
  // The build's own points never lie on one line.
  if (!map) throw new RangeError(`The build of ${kind} has no frame.`);
  return map;
}
