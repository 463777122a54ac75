import fc from 'fast-check';
import { inShadow, isShaded, shadeCasters, shadowOf, shadowOutline, treeShade, type ShadeCaster } from './shade.js';
import { towards, type Fixture } from '../domain/water/plan.js';

const at = (xM: number, yM: number) => ({ xM, yM });
/** The sun in the south; the swim faces north, so that shadows fall over the water. */
const south45 = { altitudeDeg: 45, azimuthDeg: 180 };
const column: ShadeCaster = { ...at(0, 0), baseHeightM: 0, topHeightM: 4, baseRadiusM: 0.5, topRadiusM: 0.5 };
const cone: ShadeCaster = { ...column, topRadiusM: 0 };

// By hand: tan 45 = 1, so the shadow is as long as the thing is high; at 30 degrees 1.732 times, at 60 degrees 0.577
// times.
test.each([
  [45, 4],
  [30, 6.928],
  [60, 2.309],
])('with the sun at %s degrees four metres throw %s metres', (altitudeDeg, lengthM) => {
  const shadow = shadowOf(column, { altitudeDeg, azimuthDeg: 180 }, 0);
  expect(shadow?.to.xM).toBeCloseTo(0, 9);
  expect(shadow?.to.yM).toBeCloseTo(lengthM, 3);
});

test('a cylinder: its own width all along, rounded at the end, nothing towards the sun', () => {
  const dark = (x: number, y: number) => isShaded(at(x, y), [column], south45, 0);
  expect([dark(0.49, 2), dark(0.51, 2), dark(0, 4.49), dark(0, 4.51), dark(0, -0.49), dark(0, -0.51)]).toEqual([
    ...[true, false, true, false, true, false],
  ]);
});

// By hand: the edge of a cone's shadow is the tangent from the tip (4 m away) to the base circle (0.5 m): at y = 2 it
// is 2 tan(asin(1/8)) wide.
test('a cone: a triangle of tangents from the tip to the foot', () => {
  const halfWidth = 2 * Math.tan(Math.asin(0.5 / 4));
  const dark = (x: number, y: number) => isShaded(at(x, y), [cone], south45, 0);
  expect([dark(halfWidth - 0.001, 2), dark(halfWidth + 0.001, 2), dark(0, 3.99), dark(0, 4.01)]).toEqual([
    ...[true, false, true, false],
  ]);
});

test('a crown on a stem leaves light at its foot', () => {
  const tree = treeShade({ ...at(0, 0), id: 't', kind: 'tree', radiusM: 1, heightM: 10 });
  const dark = (y: number) => isShaded(at(0, y), [tree], south45, 0);
  expect([dark(0.9), dark(1.1), dark(10.3), dark(10.4)]).toEqual([false, true, true, false]);
});

test('the plan turns with the swim: facing east, a morning sun throws shadows landwards', () => {
  const east = { altitudeDeg: 45, azimuthDeg: 90 };
  expect(isShaded(at(0, -3), [column], east, 90)).toBe(true);
  expect(isShaded(at(0, 3), [column], east, 90)).toBe(false);
  expect(towards(180, 90)).toEqual({ xM: 1, yM: expect.closeTo(0, 12) });
});

test('the closed form finds what a search of all discs finds', () => {
  const number = (min: number, max: number) => fc.double({ min, max, noNaN: true });
  fc.assert(
    fc.property(
      fc.record({
        x: number(-8, 8),
        y: number(-8, 8),
        ax: number(-6, 6),
        ay: number(-6, 6),
        r0: number(0, 3),
        r1: number(0, 3),
      }),
      ({ x, y, ax, ay, r0, r1 }) => {
        const shadow = { from: at(0, 0), to: at(ax, ay), fromRadiusM: r0, toRadiusM: r1 };
        let least = Infinity;
        for (let i = 0; i <= 4000; i += 1) {
          const t = i / 4000;
          least = Math.min(least, Math.hypot(x - t * ax, y - t * ay) - (r0 + t * (r1 - r0)));
        }
        // On the rim itself the search is too coarse to tell.
        return Math.abs(least) < 0.003 || inShadow(at(x, y), shadow) === least <= 0;
      },
    ),
  );
});

test('a sun on the horizon throws no shadow that a plan could hold', () => {
  expect(shadowOf(column, { altitudeDeg: 1, azimuthDeg: 90 }, 0)).toBeNull();
});

test('the outline is convex, holds both ends, and lies on the rim', () => {
  const shadow = { from: at(0, 0), to: at(0, 4), fromRadiusM: 1, toRadiusM: 0.5 };
  const outline = shadowOutline(shadow);
  for (const [i, p] of outline.entries()) {
    const [q, r] = [outline[(i + 1) % outline.length], outline[(i + 2) % outline.length]];
    if (q && r) expect((q.xM - p.xM) * (r.yM - p.yM) - (q.yM - p.yM) * (r.xM - p.xM)).toBeGreaterThan(0);
    expect(inShadow(at(p.xM * 0.999, 2 + (p.yM - 2) * 0.999), shadow)).toBe(true);
    expect(inShadow(at(p.xM * 1.02, 2 + (p.yM - 2) * 1.02), shadow)).toBe(false);
  }
  expect(Math.max(...outline.map(({ yM }) => yM))).toBeCloseTo(4.5, 1);
});

test('trees and bushes that stand up cast shade, and a brolly; stones, and what is flat, do not', () => {
  const fixture = (kind: Fixture['kind'], heightM: number): Fixture => ({
    ...at(1, 2),
    id: kind,
    kind,
    radiusM: 1,
    heightM,
  });
  const casters = shadeCasters([fixture('tree', 8), fixture('bush', 1), fixture('tree', 0), fixture('stones', 2)], {});
  expect(casters.map(({ topHeightM }) => topHeightM)).toEqual([8, 1]);
  expect(shadeCasters([], { brolly: at(3, -1) })).toEqual([
    { ...at(3, -1), baseHeightM: 1, topHeightM: 1.6, baseRadiusM: 1.1, topRadiusM: 0.2 },
  ]);
});

test('one caster of several is enough, and a sun below two degrees throws nothing', () => {
  expect(isShaded(at(0, 2), [{ ...column, xM: 50 }, column], south45, 0)).toBe(true);
  expect(shadowOf(column, { altitudeDeg: 2, azimuthDeg: 180 }, 0)).not.toBeNull();
  expect(shadowOf(column, { altitudeDeg: 1.999, azimuthDeg: 180 }, 0)).toBeNull();
});
