/** A closed outline in the picture, ready to be asked about pixels. */
export interface Outline {
  readonly left: number;
  readonly top: number;
  readonly right: number;
  readonly bottom: number;
  /** How much of a pixel is inside, from four looks at it. */
  cover(x: number, y: number): number;
}

interface Point {
  readonly x: number;
  readonly y: number;
}

/** Rounds a polygon by cutting its corners twice (Chaikin 1974), and makes an outline of it. */
export function outlineOf(points: readonly Point[]): Outline {
  const round = cutCorners(cutCorners(points));
  const xs = round.map(({ x }) => x);
  const ys = round.map(({ y }) => y);
  return {
    left: Math.floor(Math.min(...xs)),
    right: Math.ceil(Math.max(...xs)),
    top: Math.floor(Math.min(...ys)),
    bottom: Math.ceil(Math.max(...ys)),
    cover(x, y) {
      let hits = 0;
      for (const [ox, oy] of LOOKS) if (inside(round, x + ox, y + oy)) hits += 1;
      return hits / LOOKS.length;
    },
  };
}

const LOOKS = [
  [0.12, 0.38],
  [0.38, -0.12],
  [-0.12, -0.38],
  [-0.38, 0.12],
] as const;

function cutCorners(points: readonly Point[]): Point[] {
  return points.flatMap((a, i) => {
    const b = points[(i + 1) % points.length] as Point;
    return [
      { x: 0.75 * a.x + 0.25 * b.x, y: 0.75 * a.y + 0.25 * b.y },
      { x: 0.25 * a.x + 0.75 * b.x, y: 0.25 * a.y + 0.75 * b.y },
    ];
  });
}

function inside(points: readonly Point[], x: number, y: number): boolean {
  let odd = false;
  for (let i = 0, j = points.length - 1; i < points.length; j = i, i += 1) {
    const [a, b] = [points[i] as Point, points[j] as Point];
    if (a.y > y !== b.y > y && x < ((b.x - a.x) * (y - a.y)) / (b.y - a.y) + a.x) odd = !odd;
  }
  return odd;
}
