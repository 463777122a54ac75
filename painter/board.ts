import { leastSquares } from '@keeper/core/statistics/leastSquares';
import { mixRgb, rgb, scaleRgb, type Rgb } from './colour.js';
import { inkOf } from './digits.js';
import { smooth } from './noise.js';
import type { Projection } from './pose.js';
import type { Scene } from './scene.js';

/** A measuring board under the fish, ruled in millimetres from the stop at the nose. */
export interface BoardOrder {
  /** Length of the fish from the snout's tip to the fork: it gives the board its scale. */
  readonly fishMm: number;
}

/** How far the board lies behind the middle of the fish, in lengths of it: a flat cradle. */
const BEHIND = -0.03;
/** The ruled edge runs below the belly; the board reaches from back to belly. */
const RULED_V = 0.3;
const TOP_V = -0.3;
const PALE = rgb('#d9d6c4');
const INK = rgb('#20241f');
const STOP = rgb('#8f6b33');

/** Where a place on the ruled edge of the board falls in the picture. */
export function boardPixel(view: Projection, { fishMm }: BoardOrder, atMm: number) {
  return view.toPictureAt({ u: atMm / fishMm, v: RULED_V }, BEHIND);
}

/**
 * Lays the board between the fish and what lies behind. Numerals are read from left to right, whichever way the head
 * points.
 */
export function withBoard(scene: Scene, view: Projection, { fishMm }: BoardOrder, mirrored: boolean): Scene {
  const toBoard = planeUnder(view);
  const { sky, sun } = scene.light;
  const lit = (colour: Rgb): Rgb => [
    colour[0] * (sky[0] + sun[0] * 0.8),
    colour[1] * (sky[1] + sun[1] * 0.8),
    colour[2] * (sky[2] + sun[2] * 0.8),
  ];
  return {
    ...scene,
    background(x, y) {
      const { u, v } = toBoard(x, y);
      if (v < TOP_V - 0.01 || v > RULED_V + 0.035 || u < -0.05 || u > 1.35) return scene.background(x, y);
      if (u < -0.004) return lit(STOP);
      const mm = u * fishMm;
      const fromEdge = RULED_V - v;
      let colour = scaleRgb(PALE, 0.94 + 0.06 * Math.sin(v * 40));
      const step = mm % 50 < 1.6 || mm % 50 > 48.4 ? 0.075 : mm % 10 < 1.1 || mm % 10 > 8.9 ? 0.035 : 0;
      if (fromEdge > 0 && fromEdge < step) colour = mixRgb(colour, INK, 0.85);
      // Every ten centimetres is numbered, above its mark.
      const tens = Math.round(mm / 100);
      const beside = ((mm - tens * 100) / fishMm / 0.03) * (mirrored ? -1 : 1);
      const ink = inkOf(tens * 10, beside, (0.12 - fromEdge) / 0.03);
      if (tens > 0 && ink) colour = INK;
      return lit(scaleRgb(colour, 1 - 0.25 * smooth(0.3, 0.33, v)));
    },
  };
}

/**
 * From the picture to the plane of the board: the projective map through four of its corners (Hartley and Zisserman
 * 2004, 4.1).
 */
function planeUnder(view: Projection): (x: number, y: number) => { u: number; v: number } {
  const corners = [
    { u: 0, v: TOP_V },
    { u: 1, v: TOP_V },
    { u: 1, v: RULED_V },
    { u: 0, v: RULED_V },
  ].map((at) => ({ at, seen: view.toPictureAt(at, BEHIND) }));
  const rows = corners.flatMap(({ at: { u, v }, seen: { x, y } }) => [
    [x, y, 1, 0, 0, 0, -x * u, -y * u],
    [0, 0, 0, x, y, 1, -x * v, -y * v],
  ]);
  const found = leastSquares(
    rows,
    corners.flatMap(({ at: { u, v } }) => [u, v]),
  );
  if (!found) throw new RangeError('The board is seen edge on.');
  const [a, b, c, d, e, f, g, h] = found.solution as [number, number, number, number, number, number, number, number];
  return (x, y) => {
    const under = g * x + h * y + 1;
    return { u: (a * x + b * y + c) / under, v: (d * x + e * y + f) / under };
  };
}
