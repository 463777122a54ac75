import { anatomyOf, heightAt, type PaintedKind } from '../domain/fish/anatomy.js';
import { pixelToPose, poseToPixel, type FishPose } from '../domain/fish/pose.js';
import type { Pixel } from '../geometry/pixel.js';

/** A place on a flank: `u` from snout to fork, `t` from -1 at the back to 1 at the belly, and where it is seen. */
export interface FlankLook extends Pixel {
  readonly u: number;
  readonly t: number;
}

/** Which part of a picture is flank, for a fish of a kind in a pose. */
export interface FlankArea {
  /** Looks spread evenly over the flank. */
  readonly looks: readonly FlankLook[];
  /** Whether a pixel lies on the body, with some room around it for fins. */
  covers(x: number, y: number, room?: number): boolean;
  /** The outline with fins, as far as the build knows it. */
  readonly outline: readonly Pixel[];
}

const COLUMNS = 64;
const ROWS = 20;
const TABLE = 200;

/**
 * The flank by the build of its kind; a kind that has no build of its own is taken to be built as a barbel, the middle
 * of them. The edge is left out: it is where hands, shadow and sky shine in.
 */
export function flankArea(pose: FishPose, kind: PaintedKind | undefined): FlankArea {
  const anatomy = anatomyOf(kind ?? 'barbel');
  const [back, belly] = [tableOf(anatomy.back), tableOf(anatomy.belly)];
  const half = (u: number, t: number) =>
    (t < 0 ? back : belly)[Math.min(TABLE, Math.max(0, Math.round(u * TABLE)))] as number;
  const looks = Array.from({ length: COLUMNS * ROWS }, (_, i): FlankLook => {
    const u = 0.04 + (0.92 * ((i % COLUMNS) + 0.5)) / COLUMNS;
    const t = -0.86 + (1.72 * (Math.floor(i / COLUMNS) + 0.5)) / ROWS;
    return { u, t, ...poseToPixel(pose, u, t * half(u, t)) };
  });
  const ends = Array.from({ length: 25 }, (_, i) => i / 24);
  const finned = anatomy.fins.flatMap(({ outline }) => outline.map(({ u, v }) => poseToPixel(pose, u, v)));
  return {
    looks,
    covers(x, y, room = 0.04) {
      const { u, v } = pixelToPose(pose, x, y);
      if (u < -room || u > 1.14 + room) return false;
      return Math.abs(v) < half(u, v) + room + (u > 0.9 ? 0.1 : 0.03);
    },
    outline: [
      ...ends.map((u) => poseToPixel(pose, u, -heightAt(anatomy.back, u))),
      ...ends.map((u) => poseToPixel(pose, u, heightAt(anatomy.belly, u))),
      ...finned,
    ],
  };
}

/** The outline read off once: each pixel asks for it. */
function tableOf(profile: readonly number[]): Float64Array {
  return Float64Array.from({ length: TABLE + 1 }, (_, i) => heightAt(profile, i / TABLE));
}
