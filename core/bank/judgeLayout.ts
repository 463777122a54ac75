import { bankMessage } from './bankMessages.js';
import { backdropPoint } from './layoutBackdrop.js';
import { lightOn, matShadePoint, bucketShadePoint, cameraLightPoint } from './layoutLight.js';
import { type BankPlan, type LayoutPoint, type LayoutJudgement, said, clamp } from './layoutPoint.js';
import { clearanceM, distanceM, type Fixture, type KitPiece, type Layout, type Point } from '../domain/water/plan.js';

/** Arm's reach of somebody who kneels, and a stride, in metres (common practice, no source). */
export const REACH_M = 0.85;
export const STRIDE_M = 0.75;
/** As far as a fish can fall or kick itself from low hands (common practice, no source). */
export const FALL_M = 1.5;
/**
 * No fishing within this distance of an overhead power line, along the ground: common published guidance of grid
 * operators, from memory.
 */
const POWER_LINE_M = 30;

const WITHIN_REACH: readonly KitPiece[] = ['kit-roll', 'bucket', 'sling', 'care-kit', 'board'];

/**
 * Everything that can be said of a layout, worked out for each hour of the outing. Example: a mat on stones is marked 0
 * for its ground.
 */
export function judgeLayout(plan: BankPlan): LayoutJudgement {
  const { net, mat, angler, bucket, camera } = plan.layout;
  const carryM = net && mat ? distanceM(net, mat) : null;
  const outOfReach = angler
    ? WITHIN_REACH.filter((piece) => {
        const at = plan.layout[piece];
        return at !== undefined && distanceM(at, angler) > REACH_M;
      })
    : [];
  const matLight = lightOn(mat, plan);
  const points = [
    ...(carryM === null ? [] : [carryPoint(carryM)]),
    ...(angler ? [reachPoint(plan.layout, outOfReach)] : []),
    ...(mat
      ? [groundPoint(mat, plan), hazardPoint(mat, plan), matShadePoint(matLight, plan), powerLinePoint(mat, plan)]
      : []),
    ...(mat ? [roomPoint(plan)] : []),
    ...(mat ? [kneelPoint(mat, plan.layout), weighPoint(mat, plan.layout)] : []),
    ...(bucket ? [bucketShadePoint(lightOn(bucket, plan), plan)] : []),
    ...(camera && mat ? [cameraLightPoint(camera, mat, plan), backdropPoint(camera, mat, plan)] : []),
    ...missingPoints(plan.layout),
  ]
    .flatMap((point) => point ?? [])
    .sort((a, b) => (1 - b.mark) * b.weight - (1 - a.mark) * a.weight);
  const weights = points.reduce((sum, { weight }) => sum + weight, 0);
  const score = weights === 0 ? 0 : points.reduce((sum, { mark, weight }) => sum + mark * weight, 0) / weights;
  return { score, points, carryM, outOfReach, matLight };
}

function carryPoint(carryM: number): LayoutPoint {
  const strides = Math.max(1, Math.ceil(carryM / STRIDE_M - 0.25));
  return said({
    id: 'carry',
    mark: clamp(1 - (carryM - 2 * STRIDE_M) / 3),
    weight: 3,
    text: bankMessage('carry', { carryM, strides }),
    reason: bankMessage('carryReason'),
    pieces: ['net', 'mat'],
  });
}

function reachPoint(layout: Layout, outOfReach: readonly KitPiece[]): LayoutPoint {
  const out = WITHIN_REACH.filter((piece) => layout[piece] !== undefined);
  return said({
    id: 'reach',
    mark: out.length === 0 ? 0 : 1 - outOfReach.length / out.length,
    weight: 3,
    text: outOfReach.length === 0 ? bankMessage('reachAll') : bankMessage('reachOut', { outOfReach }),
    reason: bankMessage('reachReason'),
    pieces: outOfReach.length === 0 ? ['angler'] : outOfReach,
  });
}

function groundPoint(mat: Point, { bank, fixtures }: BankPlan): LayoutPoint {
  const onSoft = fixtures.some((fixture) => fixture.kind === 'soft-ground' && clearanceM(mat, fixture) <= -0.2);
  const onHard = fixtures.some(
    (fixture) => (fixture.kind === 'stones' || fixture.kind === 'path') && clearanceM(mat, fixture) < 0.6,
  );
  const soft = !onHard && (bank === 'grass' || onSoft);
  const padded = bank === 'boat' || bank === 'platform';
  return said({
    id: 'ground',
    mark: onHard ? 0 : soft ? 1 : padded ? 0.6 : 0.2,
    weight: 3,
    text: onHard
      ? bankMessage('groundHard')
      : soft
        ? bankMessage('groundSoft')
        : padded
          ? bankMessage('groundFloor')
          : bankMessage('groundOther', { bank }),
    reason: bankMessage('groundReason'),
    pieces: ['mat'],
  });
}

function hazardPoint(mat: Point, { fixtures }: BankPlan): LayoutPoint {
  const near = fixtures
    .filter(({ kind }) => kind === 'stones' || kind === 'path' || kind === 'steep-edge')
    .filter((fixture) => clearanceM(mat, fixture) < FALL_M);
  return said({
    id: 'hazards',
    mark: near.length === 0 ? 1 : 0.15,
    weight: 2,
    text:
      near.length === 0 ? bankMessage('fallClear') : bankMessage('fallNear', { near: near.map(({ kind }) => kind) }),
    reason: bankMessage('hazardsReason'),
    pieces: ['mat'],
  });
}

/** Where somebody kneels or a fish lies there is no room for a bush; under a crown, branches catch net and rod. */
function roomPoint({ layout, fixtures }: BankPlan): LayoutPoint {
  const places = [layout.mat, layout.angler, layout.helper].flatMap((at) => at ?? []);
  const touches = (kind: Fixture['kind'], withinM: number) =>
    fixtures.some((fixture) => fixture.kind === kind && places.some((at) => clearanceM(at, fixture) < withinM));
  const trunk = fixtures.some(({ kind, ...tree }) => kind === 'tree' && places.some((at) => distanceM(at, tree) < 0.9));
  const blocked = touches('bush', 0.2) || trunk;
  const under = touches('tree', -0.1);
  return said({
    id: 'room',
    mark: blocked ? 0 : under ? 0.5 : 1,
    weight: 1,
    text: blocked ? bankMessage('roomTrunk') : under ? bankMessage('roomBranches') : bankMessage('roomEnough'),
    reason: bankMessage('roomReason'),
    pieces: ['mat', 'angler'],
  });
}

function powerLinePoint(mat: Point, { fixtures }: BankPlan): LayoutPoint | null {
  const line = fixtures.find((fixture) => fixture.kind === 'power-line' && clearanceM(mat, fixture) < POWER_LINE_M);
  if (!line) return null;
  return said({
    id: 'power-line',
    mark: 0,
    weight: 3,
    text: bankMessage('powerLine', { withinM: POWER_LINE_M }),
    reason: bankMessage('powerLineReason'),
    pieces: ['angler'],
  });
}

function kneelPoint(mat: Point, { angler }: Layout): LayoutPoint | null {
  if (!angler) return null;
  const away = distanceM(angler, mat);
  return said({
    id: 'kneel',
    mark: clamp(1 - (away - 0.8) / 0.8),
    weight: 2,
    text: away <= 0.9 ? bankMessage('kneelAtMat') : bankMessage('kneelAway', { away }),
    reason: bankMessage('kneelReason'),
    pieces: ['angler', 'mat'],
  });
}

function weighPoint(mat: Point, layout: Layout): LayoutPoint | null {
  const bar = layout['weigh-bar'];
  if (!bar) return null;
  const away = distanceM(bar, mat);
  return said({
    id: 'weigh-over-mat',
    mark: clamp(1 - (away - 1) / 1.5),
    weight: 1,
    text: away <= 1.2 ? bankMessage('weighBarAtMat') : bankMessage('weighBarAway', { away }),
    reason: bankMessage('weighOverMatReason'),
    pieces: ['weigh-bar', 'mat'],
  });
}

/** Without these nothing of the rest helps. */
const NEEDED: readonly KitPiece[] = ['net', 'mat', 'sling', 'bucket', 'kit-roll'];

function missingPoints(layout: Layout): LayoutPoint[] {
  return NEEDED.filter((piece) => layout[piece] === undefined).map((piece) =>
    said({
      id: `missing-${piece}`,
      mark: 0,
      weight: 3,
      text: bankMessage('missingOnPlan', { piece }),
      reason: bankMessage('missingOnPlanReason'),
      pieces: [piece],
    }),
  );
}
