import type { Message } from '../../measure/message.js';
import { waterMessage } from './waterMessages.js';
/**
 * The plan of a swim is seen from above, in metres. One stands at the origin on the water's edge and looks over the
 * water: `xM` runs to the right along the bank, `yM` out over the water, so that the bank has negative `yM`.
 */
export interface Point {
  readonly xM: number;
  readonly yM: number;
}

/** What the keeper puts down. The angler stands for the place where one kneels. */
export const KIT_PIECES = [
  'net',
  'mat',
  'sling',
  'weigh-bar',
  'bucket',
  'kit-roll',
  'care-kit',
  'board',
  'camera',
  'brolly',
  'angler',
  'helper',
] as const;
export type KitPiece = (typeof KIT_PIECES)[number];

export const KIT_WORDS: Readonly<Record<KitPiece, Message>> = {
  net: waterMessage('kitNet'),
  mat: waterMessage('kitMat'),
  sling: waterMessage('kitSling'),
  'weigh-bar': waterMessage('kitWeighBar'),
  bucket: waterMessage('kitBucket'),
  'kit-roll': waterMessage('kitKitRoll'),
  'care-kit': waterMessage('kitCareKit'),
  board: waterMessage('kitBoard'),
  camera: waterMessage('kitCamera'),
  brolly: waterMessage('kitBrolly'),
  angler: waterMessage('kitAngler'),
  helper: waterMessage('kitHelper'),
};

/** Where each piece lies. A piece that is not there is not out. */
export type Layout = Readonly<Partial<Record<KitPiece, Point>>>;

/**
 * What a swim has of its own. Trees, bushes, stones, soft ground and steep edges are round; paths and power lines run
 * along the bank.
 */
export const FIXTURE_KINDS = ['tree', 'bush', 'stones', 'soft-ground', 'steep-edge', 'path', 'power-line'] as const;
export type FixtureKind = (typeof FIXTURE_KINDS)[number];

export const FIXTURE_WORDS: Readonly<Record<FixtureKind, Message>> = {
  tree: waterMessage('fixtureTree'),
  bush: waterMessage('fixtureBush'),
  stones: waterMessage('fixtureStones'),
  'soft-ground': waterMessage('fixtureSoftGround'),
  'steep-edge': waterMessage('fixtureSteepEdge'),
  path: waterMessage('fixturePath'),
  'power-line': waterMessage('fixturePowerLine'),
};

/** One thing of the swim. Of a path or power line, `radiusM` is half its width and only `yM` counts. */
export interface Fixture extends Point {
  readonly id: string;
  readonly kind: FixtureKind;
  readonly radiusM: number;
  /** Only what casts shade has one. */
  readonly heightM: number;
}

/** Size and height of each new fixture. */
export const NEW_FIXTURE: Readonly<Record<FixtureKind, Pick<Fixture, 'radiusM' | 'heightM'>>> = {
  tree: { radiusM: 2, heightM: 8 },
  bush: { radiusM: 1, heightM: 1.5 },
  stones: { radiusM: 0.8, heightM: 0 },
  'soft-ground': { radiusM: 1.5, heightM: 0 },
  'steep-edge': { radiusM: 1, heightM: 0 },
  path: { radiusM: 0.6, heightM: 0 },
  'power-line': { radiusM: 1.5, heightM: 0 },
};

/** What runs along the whole bank instead of lying in one place. */
export function isBand(kind: FixtureKind): boolean {
  return kind === 'path' || kind === 'power-line';
}

export function distanceM(a: Point, b: Point): number {
  return Math.hypot(a.xM - b.xM, a.yM - b.yM);
}

/** How far a point is from the edge of a fixture, in metres; negative inside it. */
export function clearanceM(point: Point, fixture: Fixture): number {
  const away = isBand(fixture.kind) ? Math.abs(point.yM - fixture.yM) : distanceM(point, fixture);
  return away - fixture.radiusM;
}

/**
 * The direction on the plan of a compass bearing, as a point one metre away, when `facingDeg` looks over the water.
 * Example: at a swim that faces east, south lies to the right: `{ xM: 1, yM: 0 }`.
 */
export function towards(bearingDeg: number, facingDeg: number): Point {
  const turn = ((bearingDeg - facingDeg) * Math.PI) / 180;
  return { xM: Math.sin(turn), yM: Math.cos(turn) };
}
