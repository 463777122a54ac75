import { anatomyOf, type PaintedKind } from '../domain/fish/anatomy.js';
import { LANDMARKS, type LandmarksPx } from '../domain/fish/landmarks.js';
import type { Raster } from '../image/raster.js';
import { createRng } from '../statistics/rng.js';

/** A pattern of round marks on a flank, in the flank frame: the same for the same name. */
export function pattern(name: string): (u: number, v: number) => number {
  const luck = createRng(name);
  const marks = Array.from({ length: 220 }, () => ({
    u: luck.between(0.05, 0.95),
    v: luck.between(-0.16, 0.14),
    radius: luck.between(0.006, 0.013),
    height: luck.between(-60, 60),
  }));
  return (u, v) =>
    marks.reduce((sum, mark) => {
      const far = ((u - mark.u) ** 2 + (v - mark.v) ** 2) / mark.radius ** 2;
      return far > 6 ? sum : sum + mark.height * Math.exp(-far);
    }, 110);
}

interface Taken {
  readonly lengthPx?: number;
  readonly turnRad?: number;
  readonly gain?: number;
  readonly mirrored?: boolean;
  /** Moves each of the six points by so much, in lengths. */
  readonly miss?: number;
}

const [WIDTH, HEIGHT] = [320, 200];

/** A flat flank with a pattern, photographed; and where its six points are thought to lie. */
export function flankPicture(
  of: (u: number, v: number) => number,
  kind: PaintedKind,
  { lengthPx = 230, turnRad = 0, gain = 1, mirrored = false, miss = 0 }: Taken = {},
): { raster: Raster; landmarks: LandmarksPx } {
  const [cos, sin] = [Math.cos(turnRad), Math.sin(turnRad)];
  const flip = mirrored ? -1 : 1;
  const data = new Uint8ClampedArray(WIDTH * HEIGHT * 3);
  for (let y = 0, i = 0; y < HEIGHT; y += 1) {
    for (let x = 0; x < WIDTH; x += 1, i += 3) {
      const [dx, dy] = [(x - WIDTH / 2) / lengthPx, (y - HEIGHT / 2) / lengthPx];
      data.fill(gain * of(0.5 + flip * (dx * cos + dy * sin), dy * cos - dx * sin), i, i + 3);
    }
  }
  const luck = createRng(`${lengthPx} ${turnRad} ${miss}`);
  const built = anatomyOf(kind, 1).landmarks;
  const landmarks = Object.fromEntries(
    LANDMARKS.map((name) => {
      const u = flip * (built[name].u - 0.5 + miss * luck.normal());
      const v = built[name].v + miss * luck.normal();
      return [name, { x: WIDTH / 2 + lengthPx * (u * cos - v * sin), y: HEIGHT / 2 + lengthPx * (u * sin + v * cos) }];
    }),
  ) as LandmarksPx;
  return { raster: { widthPx: WIDTH, heightPx: HEIGHT, channels: 3, data }, landmarks };
}
