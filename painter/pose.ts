import { heightAt, type Anatomy, type BodyPoint } from '@keeper/core/domain/fish/anatomy';

const { abs, floor, max, min, sqrt } = Math;

/** How the camera sees the fish. Angles in radians. */
export interface Pose {
  /** Length of the fish from snout to fork in the picture, in pixels, before foreshortening. */
  readonly lengthPx: number;
  /** Where the middle of the fish lies. */
  readonly centreXPx: number;
  readonly centreYPx: number;
  /** Turn of the fish about its upright axis: the head away from the camera is positive. */
  readonly yawRad: number;
  /** Tilt towards the camera: the back nearer is positive. */
  readonly pitchRad: number;
  readonly rollRad: number;
  /** How far the spine is bowed, in lengths at head and tail; positive with both ends up. */
  readonly bend: number;
  /** The right flank is seen: the head points right. */
  readonly mirrored: boolean;
}

/** A point of the skin under a pixel. */
export interface SkinPoint extends BodyPoint {
  /** From -1 at the back to 1 at the belly; beyond that the fish ends. */
  readonly t: number;
  /** Half height of the body here, in pixels: how wide an edge is. */
  readonly halfPx: number;
}

/** Lengths from the camera to the fish: how strong the perspective is. */
const DISTANCE = 3.2;
const MIDDLE = 0.5;

export interface Projection {
  toPicture(point: BodyPoint): { x: number; y: number };
  /**
   * Of a point that does not lie on the skin: `z` towards the camera from the middle of the fish, in lengths; not bowed
   * with it.
   */
  toPictureAt(point: BodyPoint, z: number): { x: number; y: number };
  toSkin(x: number, y: number): SkinPoint;
}

/**
 * Between the picture and the skin of the fish, both ways. The body is round: its near side bulges towards the camera,
 * so a turned fish shows its marks shifted as a real one does.
 */
export function projection(anatomy: Anatomy, pose: Pose): Projection {
  const { lengthPx, centreXPx, centreYPx, yawRad, pitchRad, rollRad, bend, mirrored } = pose;
  const [cosYaw, sinYaw] = [Math.cos(yawRad), Math.sin(yawRad)];
  const [cosPitch, sinPitch] = [Math.cos(pitchRad), Math.sin(pitchRad)];
  const [cosRoll, sinRoll] = [Math.cos(rollRad), Math.sin(rollRad)];
  const side = mirrored ? -1 : 1;

  const back = profileTable(anatomy.back);
  const belly = profileTable(anatomy.belly);
  const bulge = (u: number, v: number): number => {
    const [up, down] = [readTable(back, u), readTable(belly, u)];
    const half = v < 0 ? up : down;
    const t = half > 0 ? min(1, abs(v) / half) : 1;
    // As thick as both halves together say, so that back and belly meet without a step.
    return ((up + down) / 2) * anatomy.roundness * sqrt(1 - t * t);
  };
  // The more the fish is turned, the slower the search for the skin under a pixel settles.
  const rounds = abs(yawRad) + abs(pitchRad) > 0.25 ? 8 : 3;
  const bow = (u: number) => bend * ((u - 0.45) ** 2 * 3.3 - 0.2);

  const seen = (u: number, v: number, z: number) => {
    const along = u - MIDDLE;
    const x = along * cosYaw + z * sinYaw;
    const depth = z * cosYaw - along * sinYaw;
    const y = v * cosPitch + depth * sinPitch;
    const near = 1 / (1 - (depth * cosPitch) / DISTANCE);
    const [px, py] = [x * near * side, y * near];
    return {
      x: centreXPx + lengthPx * (px * cosRoll - py * sinRoll),
      y: centreYPx + lengthPx * (px * sinRoll + py * cosRoll),
    };
  };

  return {
    toPicture: ({ u, v }) => seen(u, v - bow(u), bulge(u, v)),
    toPictureAt: ({ u, v }, z) => seen(u, v, z),
    toSkin(xPx, yPx) {
      const dx = (xPx - centreXPx) / lengthPx;
      const dy = (yPx - centreYPx) / lengthPx;
      const x = (dx * cosRoll + dy * sinRoll) * side;
      const y = dy * cosRoll - dx * sinRoll;
      let u = x + MIDDLE;
      let v = y;
      // The bulge depends on where we are, and where we are on the bulge: a few rounds settle it.
      for (let round = 0; round < rounds; round += 1) {
        const z = bulge(u, v);
        const depth = z * cosYaw - (u - MIDDLE) * sinYaw;
        const far = 1 - (depth * cosPitch) / DISTANCE;
        u = (x * far - z * sinYaw) / cosYaw + MIDDLE;
        v = (y * far - depth * sinPitch) / cosPitch + bow(u);
      }
      const half = readTable(v < 0 ? back : belly, u);
      const outside = u < 0 || u > 1;
      return { u, v, t: outside ? 2 : v / max(half, 1e-6), halfPx: half * lengthPx };
    },
  };
}

const TABLE_STEPS = 1024;

/** The outline read off once: each pixel asks for it several times. */
function profileTable(profile: readonly number[]): Float64Array {
  return Float64Array.from({ length: TABLE_STEPS + 1 }, (_, i) => heightAt(profile, i / TABLE_STEPS));
}

function readTable(table: Float64Array, u: number): number {
  const at = min(max(u, 0), 1) * TABLE_STEPS;
  const i = min(floor(at), TABLE_STEPS - 1);
  const from = table[i] as number;
  return from + ((table[i + 1] as number) - from) * (at - i);
}
