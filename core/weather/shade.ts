import type { Fixture, Layout, Point } from '../domain/water/plan.js';
import { towards } from '../domain/water/plan.js';
import type { SunPlace } from './sun.js';

/**
 * Something that casts shade, as a stack of level discs from one height to another: equal radii make a cylinder, a
 * vanishing upper one a cone, a low base above the ground a crown on a stem.
 */
export interface ShadeCaster extends Point {
  readonly baseHeightM: number;
  readonly topHeightM: number;
  readonly baseRadiusM: number;
  readonly topRadiusM: number;
}

/** A shadow on flat ground: the area that all discs cover between its two ends. */
export interface Shadow {
  readonly from: Point;
  readonly to: Point;
  readonly fromRadiusM: number;
  readonly toRadiusM: number;
}

/** Below this the sun's shadows run out of any plan, and its heat is nothing. */
export const LEAST_SUN_DEG = 2;

/** Crown of a tree of the plan: it begins at a fifth of its height and narrows to a third of its spread. */
export function treeShade({ xM, yM, radiusM, heightM }: Fixture): ShadeCaster {
  return { xM, yM, baseHeightM: heightM / 5, topHeightM: heightM, baseRadiusM: radiusM, topRadiusM: radiusM / 3 };
}

/** A brolly of 2.2 m span, its ribs at 1 m, its tip at 1.6 m above the ground. */
export function brollyShade({ xM, yM }: Point): ShadeCaster {
  return { xM, yM, baseHeightM: 1, topHeightM: 1.6, baseRadiusM: 1.1, topRadiusM: 0.2 };
}

/** Everything on the plan that casts shade. */
export function shadeCasters(fixtures: readonly Fixture[], layout: Layout): ShadeCaster[] {
  const green = fixtures.filter(({ kind, heightM }) => (kind === 'tree' || kind === 'bush') && heightM > 0);
  return [...green.map(treeShade), ...(layout.brolly ? [brollyShade(layout.brolly)] : [])];
}

/**
 * The shadow of a caster on flat ground, when `facingDeg` looks over the water; none with the sun lower than 2 degrees.
 * A thing of height h throws its shadow h / tan(altitude) away from the sun. Example: at 45 degrees it is as long as
 * the thing is high.
 */
export function shadowOf(caster: ShadeCaster, sun: SunPlace, facingDeg: number): Shadow | null {
  if (sun.altitudeDeg < LEAST_SUN_DEG) return null;
  const perMetre = 1 / Math.tan((sun.altitudeDeg * Math.PI) / 180);
  const away = towards(sun.azimuthDeg + 180, facingDeg);
  const at = (heightM: number): Point => ({
    xM: caster.xM + away.xM * heightM * perMetre,
    yM: caster.yM + away.yM * heightM * perMetre,
  });
  return {
    from: at(caster.baseHeightM),
    to: at(caster.topHeightM),
    fromRadiusM: caster.baseRadiusM,
    toRadiusM: caster.topRadiusM,
  };
}

/**
 * Whether a point of the ground lies in a shadow: exact for the discs between the two ends. With the axis from one end
 * to the other, the least of (distance to a disc's centre less its radius) has a closed form, for it is convex along
 * the axis.
 */
export function inShadow(point: Point, { from, to, fromRadiusM, toRadiusM }: Shadow): boolean {
  const [px, py] = [point.xM - from.xM, point.yM - from.yM];
  const [ax, ay] = [to.xM - from.xM, to.yM - from.yM];
  const length = Math.hypot(ax, ay);
  const gain = toRadiusM - fromRadiusM;
  const beyond = (t: number) => Math.hypot(px - t * ax, py - t * ay) - (fromRadiusM + t * gain);
  if (length <= Math.abs(gain)) return Math.min(beyond(0), beyond(1)) <= 0;
  const along = (px * ax + py * ay) / length;
  const across = Math.abs(px * ay - py * ax) / length;
  const slope = gain / length;
  const t = (along + (across * slope) / Math.sqrt(1 - slope * slope)) / length;
  return beyond(Math.min(Math.max(t, 0), 1)) <= 0;
}

/** Whether any of the casters keeps the sun off a point. Example: no caster, no shade. */
export function isShaded(point: Point, casters: readonly ShadeCaster[], sun: SunPlace, facingDeg: number): boolean {
  return casters.some((caster) => {
    const shadow = shadowOf(caster, sun, facingDeg);
    return shadow !== null && inShadow(point, shadow);
  });
}

/**
 * The outline of a shadow for drawing: points round it, the convex hull of its two ends (Andrew 1979, monotone chain).
 * Example: with both ends in one place it is a circle.
 */
export function shadowOutline({ from, to, fromRadiusM, toRadiusM }: Shadow, pointsPerEnd = 20): Point[] {
  const ring = (centre: Point, radiusM: number) =>
    Array.from({ length: pointsPerEnd }, (_, i) => {
      const angle = (2 * Math.PI * i) / pointsPerEnd;
      return { xM: centre.xM + radiusM * Math.cos(angle), yM: centre.yM + radiusM * Math.sin(angle) };
    });
  const points = [...ring(from, fromRadiusM), ...ring(to, toRadiusM)].sort((a, b) => a.xM - b.xM || a.yM - b.yM);
  const half = (along: readonly Point[]) => {
    const chain: Point[] = [];
    for (const point of along) {
      while (chain.length > 1 && turn(chain.at(-2), chain.at(-1), point) <= 0) chain.pop();
      chain.push(point);
    }
    return chain.slice(0, -1);
  };
  return [...half(points), ...half(points.toReversed())];
}

/** Positive when three points turn left. */
function turn(a: Point | undefined, b: Point | undefined, c: Point): number {
  return a && b ? (b.xM - a.xM) * (c.yM - a.yM) - (b.yM - a.yM) * (c.xM - a.xM) : 0;
}
