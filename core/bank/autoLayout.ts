import { plannedBackdrop } from './layoutBackdrop.js';
import { judgeLayout } from './judgeLayout.js';
import { lightFromCamera } from './layoutLight.js';
import { type BankPlan } from './layoutPoint.js';
import { clearanceM, KIT_PIECES, type Fixture, type KitPiece, type Layout, type Point } from '../domain/water/plan.js';
import { LEAST_SUN_DEG } from '../weather/shade.js';

const MAT_COLUMNS = [0, -0.5, 0.5, -1, 1, -1.5, 1.5, -2, 2, -2.5, 2.5, -3, 3];
const MAT_ROWS = [-1.2, -1.6, -2, -2.5, -3];
const CAMERA_M = 2.4;

/** Where a brolly may stand from the mat: beside it, never over it (one kneels and lifts there), never in the water. */
const BROLLY: readonly Point[] = [
  ...[-1.9, 1.9].flatMap((xM) => [
    { xM, yM: -0.3 },
    { xM, yM: -1.6 },
  ]),
  { xM: 0, yM: -2.2 },
];

/**
 * Where the pieces lie round the one who kneels, as angles from the water's direction, clockwise, in degrees, and how
 * far.
 */
const ROUND_THE_KNEES: readonly { readonly piece: KitPiece; readonly angleDeg: number; readonly awayM: number }[] = [
  { piece: 'sling', angleDeg: -75, awayM: 0.75 },
  { piece: 'kit-roll', angleDeg: 95, awayM: 0.6 },
  { piece: 'care-kit', angleDeg: 140, awayM: 0.65 },
  { piece: 'board', angleDeg: -130, awayM: 0.75 },
  { piece: 'bucket', angleDeg: 60, awayM: 0.8 },
];

/**
 * Lays a bank out: the mat where ground, hazards, carry and shade speak best for it, the net before it in the margin,
 * all that is needed round the knees, the camera where the light falls on the fish before water or green. `helped` puts
 * a second pair of hands opposite. Whatever is not soft, flat and near is judged by the same marks as a layout made by
 * hand. Always the same for the same plan.
 */
export function autoLayout(plan: Omit<BankPlan, 'layout'>, helped: boolean): Layout {
  const mats = MAT_ROWS.flatMap((yM) => MAT_COLUMNS.map((xM) => ({ xM, yM })));
  const layouts = mats.flatMap((mat) => {
    const bare = around(mat, helped);
    const sides: Layout[] = [
      bare,
      ...BROLLY.map((by) => ({ xM: mat.xM + by.xM, yM: mat.yM + by.yM }))
        .filter((at) => plan.fixtures.every((fixture) => canStand(at, fixture)))
        .map((brolly) => ({ ...bare, brolly })),
    ];
    // A brolly is put up only where it earns its place, and there is no tree that does it.
    return sides.map((layout) => ({
      layout,
      score: judgeLayout({ ...plan, layout }).score - (layout.brolly ? 0.03 : 0),
    }));
  });
  const best = layouts.reduce((a, b) => (b.score > a.score + 1e-9 ? b : a)).layout;
  return best.mat ? { ...best, camera: cameraFor(best.mat, plan) } : best;
}

/** Whether a brolly's ribs clear a fixture: on turf and under a power line's rule they are judged elsewhere. */
function canStand(at: Point, fixture: Fixture): boolean {
  return fixture.kind === 'soft-ground' || fixture.kind === 'power-line' || clearanceM(at, fixture) > 1;
}

function around(mat: Point, helped: boolean): Layout {
  const angler = { xM: mat.xM, yM: mat.yM - 0.7 };
  const placed = ROUND_THE_KNEES.map(({ piece, angleDeg, awayM }) => {
    const angle = (angleDeg * Math.PI) / 180;
    return [piece, { xM: angler.xM + awayM * Math.sin(angle), yM: angler.yM + awayM * Math.cos(angle) }] as const;
  });
  return {
    net: { xM: mat.xM, yM: 0.25 },
    mat,
    angler,
    'weigh-bar': { xM: mat.xM + 0.9, yM: mat.yM + 0.35 },
    ...Object.fromEntries(placed),
    ...(helped && { helper: { xM: mat.xM - 1, yM: mat.yM + 0.1 } }),
  };
}

/** The place on a ring round the mat from which light, backdrop and footing are best; never in the water. */
function cameraFor(mat: Point, { hours, facingDeg, fixtures }: Omit<BankPlan, 'layout'>): Point {
  const lit = hours.filter(({ sun }) => sun.altitudeDeg >= LEAST_SUN_DEG);
  const ring = Array.from({ length: 24 }, (_, i) => {
    const angle = (i * 15 * Math.PI) / 180;
    return { xM: mat.xM + CAMERA_M * Math.sin(angle), yM: mat.yM + CAMERA_M * Math.cos(angle) };
  }).filter((at) => at.yM < -0.3);
  const worth = (at: Point) => {
    const light = lit.reduce((sum, { sun }) => sum + lightFromCamera(at, mat, sun, facingDeg), 0) / (lit.length || 1);
    const behind = { water: 1, green: 1, open: 0.5, path: 0.2 }[plannedBackdrop(at, mat, fixtures)];
    const blocked = fixtures.some(
      ({ kind, ...rest }) => kind !== 'soft-ground' && clearanceM(at, { kind, ...rest }) < 0.2,
    );
    return light + 0.8 * behind - (blocked ? 1 : 0);
  };
  return ring.reduce((best, at) => (worth(at) > worth(best) + 1e-9 ? at : best), ring[0] ?? mat);
}

/**
 * The keeper's habit laid on another swim: all pieces kept as they lie to each other, moved along the bank and back
 * from the edge to where the mat is judged best. Example: on a swim of the same make it stays where it was.
 */
export function layoutByHabit(habit: Layout, plan: Omit<BankPlan, 'layout'>): Layout {
  const { mat } = habit;
  if (!mat) return habit;
  const moves = MAT_ROWS.flatMap((yM) => MAT_COLUMNS.map((xM) => ({ xM: xM - mat.xM, yM: yM - mat.yM })));
  const moved = [{ xM: 0, yM: 0 }, ...moves].map((by) => {
    const layout: Layout = Object.fromEntries(
      KIT_PIECES.flatMap((piece) => {
        const at = habit[piece];
        if (!at) return [];
        // The net stays in the margin.
        return [[piece, { xM: at.xM + by.xM, yM: piece === 'net' ? at.yM : at.yM + by.yM }]];
      }),
    );
    return { layout, score: judgeLayout({ ...plan, layout }).score, by: Math.hypot(by.xM, by.yM) };
  });
  return moved.reduce((a, b) => (b.score > a.score + 0.01 || (b.score > a.score - 1e-9 && b.by < a.by) ? b : a)).layout;
}
