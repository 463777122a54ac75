import { COMMON_PRACTICE, type Basis } from '../care/counsel.js';
import type { BankKind } from '../domain/water/swim.js';
import {
  clearanceM,
  distanceM,
  FIXTURE_WORDS,
  KIT_WORDS,
  type Fixture,
  type KitPiece,
  type Layout,
  type Point,
  towards,
} from '../domain/water/plan.js';
import { inShadow, LEAST_SUN_DEG, shadeCasters, shadowOf } from '../weather/shade.js';
import type { SunPlace } from '../weather/sun.js';

/** A moment of the outing with its sun. */
export interface SunHour {
  readonly atMs: number;
  readonly sun: SunPlace;
}

/** A plan as it is judged: the swim, what lies where, and the hours it must serve for. */
export interface BankPlan {
  readonly bank: BankKind;
  readonly facingDeg: number;
  readonly fixtures: readonly Fixture[];
  readonly layout: Layout;
  readonly hours: readonly SunHour[];
  /** How a moment is said, such as `11:00`. */
  readonly clock: (atMs: number) => string;
}

/** One thing that is right or wrong with a layout. `mark` runs from 0 (wrong) to 1 (right). */
export interface LayoutPoint {
  readonly id: string;
  readonly mark: number;
  readonly weight: number;
  readonly text: string;
  readonly reason: string;
  readonly basis: Basis;
  /** The pieces it is about, to be shown on the drawing. */
  readonly pieces: readonly KitPiece[];
}

/** The judgement of a layout: `score` from 0 to 1, and its points, the worst first. */
export interface LayoutJudgement {
  readonly score: number;
  readonly points: readonly LayoutPoint[];
  readonly carryM: number | null;
  readonly outOfReach: readonly KitPiece[];
  /** For each hour whether the mat is in the sun, in shade, or it is dark. */
  readonly matLight: readonly ('sun' | 'shade' | 'dark')[];
}

/** Arm's reach of somebody who kneels, and a stride, in metres (common practice, no source). */
export const REACH_M = 0.85;
export const STRIDE_M = 0.75;
/** As far as a fish can fall or kick itself from low hands (common practice, no source). */
export const FALL_M = 1.5;
/**
 * No fishing within this distance of an overhead power line, along the ground: common published guidance of grid
 * operators, from memory.
 */
export const POWER_LINE_M = 30;

const WITHIN_REACH: readonly KitPiece[] = ['kit-roll', 'bucket', 'sling', 'care-kit', 'board'];
const GREEN: readonly Fixture['kind'][] = ['tree', 'bush'];

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

type Judged = Omit<LayoutPoint, 'basis'> & { readonly basis?: Basis };

function said(point: Judged): LayoutPoint {
  return { basis: COMMON_PRACTICE, ...point };
}

function carryPoint(carryM: number): LayoutPoint {
  const strides = Math.max(1, Math.ceil(carryM / STRIDE_M - 0.25));
  return said({
    id: 'carry',
    mark: clamp(1 - (carryM - 2 * STRIDE_M) / 3),
    weight: 3,
    text: `${carryM.toFixed(1)} m from net to mat, ${strides === 1 ? 'one step' : `${strides} steps`}.`,
    reason: 'A step or two, low: a fish that is carried far is dropped or held too long.',
    pieces: ['net', 'mat'],
  });
}

function reachPoint(layout: Layout, outOfReach: readonly KitPiece[]): LayoutPoint {
  const out = WITHIN_REACH.filter((piece) => layout[piece] !== undefined);
  return said({
    id: 'reach',
    mark: out.length === 0 ? 0 : 1 - outOfReach.length / out.length,
    weight: 3,
    text:
      outOfReach.length === 0
        ? 'Everything you need is within arm’s reach of where you kneel.'
        : `Out of arm’s reach: ${outOfReach.map((piece) => KIT_WORDS[piece]).join(', ')}.`,
    reason: 'Leaving a fish to fetch something is the classic mistake.',
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
      ? 'The mat lies on hard ground.'
      : soft
        ? 'The mat lies on soft ground.'
        : padded
          ? 'A hard floor: the mat alone is the padding, so take the thick one.'
          : `${bank === 'gravel' ? 'Gravel' : 'No soft ground'} under the mat.`,
    reason: 'Blows to the head kill hours or days later and cannot be seen at release.',
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
      near.length === 0
        ? 'Nothing hard within falling distance of the mat.'
        : `Within falling distance of the mat: ${[...new Set(near.map(({ kind }) => FIXTURE_WORDS[kind]))].join(', ')}.`,
    reason: 'What lies below must be soft enough for a fall: a kick carries it a metre and a half.',
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
    text: blocked
      ? 'A trunk or a bush stands in the way.'
      : under
        ? 'You work under branches.'
        : 'There is room round the mat.',
    reason: 'Branches catch net and rod while a fish is in the air.',
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
    text: `A power line within ${POWER_LINE_M} m.`,
    reason:
      'A carbon rod near a power line kills, even without touching it. Grid operators ask for 30 m along the ground. Choose another swim.',
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
    text: away <= 0.9 ? 'You kneel at the mat.' : `You kneel ${away.toFixed(1)} m from the mat.`,
    reason: 'The fish is worked on kneeling, low, over the mat.',
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
    text: away <= 1.2 ? 'The weigh bar stands at the mat.' : `The weigh bar stands ${away.toFixed(1)} m from the mat.`,
    reason: 'A sling is always hung over the mat, low: if something gives, it falls soft.',
    pieces: ['weigh-bar', 'mat'],
  });
}

type Light = LayoutJudgement['matLight'][number];

function lightOn(point: Point | undefined, { layout, fixtures, facingDeg, hours }: BankPlan): Light[] {
  if (!point) return [];
  const casters = shadeCasters(fixtures, layout);
  return hours.map(({ sun }) => {
    if (sun.altitudeDeg < LEAST_SUN_DEG) return 'dark';
    const shaded = casters.some((caster) => {
      const shadow = shadowOf(caster, sun, facingDeg);
      return shadow !== null && inShadow(point, shadow);
    });
    return shaded ? 'shade' : 'sun';
  });
}

/** The sun that heats: lower than this it does little. */
const HOT_SUN_DEG = 20;

/**
 * The hours for which something holds, as spells. Example: `from 07:00 to 09:00 and at 19:00`; null when it never does.
 */
function spellsText(holds: readonly boolean[], { hours, clock }: Pick<BankPlan, 'hours' | 'clock'>): string | null {
  const spells: string[] = [];
  for (let i = 0; i < holds.length; i += 1) {
    if (!holds[i]) continue;
    const from = i;
    while (holds[i + 1]) i += 1;
    const [first, last] = [clock(hours[from]?.atMs ?? 0), clock(hours[i]?.atMs ?? 0)];
    spells.push(first === last ? `at ${first}` : `from ${first} to ${last}`);
  }
  if (spells.length < 2) return spells[0] ?? null;
  return `${spells.slice(0, -1).join(', ')} and ${spells.at(-1) ?? ''}`;
}

/** How much of the hours with a hot sun it lies in the sun, and when it does at all, in words. */
function sunnySpell(light: readonly Light[], plan: BankPlan): { share: number; text: string | null } {
  const hot = plan.hours.flatMap(({ sun }, i) => (sun.altitudeDeg >= HOT_SUN_DEG ? [light[i]] : []));
  const share = hot.length === 0 ? 0 : hot.filter((each) => each === 'sun').length / hot.length;
  return {
    share,
    text: spellsText(
      light.map((each) => each === 'sun'),
      plan,
    ),
  };
}

function matShadePoint(light: readonly Light[], plan: BankPlan): LayoutPoint {
  const { share, text } = sunnySpell(light, plan);
  return said({
    id: 'mat-shade',
    mark: 1 - share,
    weight: 2,
    text: text ? `The mat lies in the sun ${text}.` : 'The mat lies in shade.',
    reason: 'A dark mat in the sun gets hot enough to burn. Shade it, or lay it face down and turn it when needed.',
    pieces: ['mat'],
  });
}

function bucketShadePoint(light: readonly Light[], plan: BankPlan): LayoutPoint {
  const { share, text } = sunnySpell(light, plan);
  return said({
    id: 'bucket-shade',
    mark: 1 - share,
    weight: 1,
    text: text ? `The bucket stands in the sun ${text}.` : 'The bucket stands in shade.',
    reason: 'Ten litres in a high summer sun gain three degrees in about an hour.',
    pieces: ['bucket'],
  });
}

/**
 * How well the sun falls on the side of the fish that a camera sees: 1 from behind the camera, 0 from behind the fish.
 */
export function lightFromCamera(camera: Point, mat: Point, sun: SunPlace, facingDeg: number): number {
  const away = distanceM(camera, mat);
  if (away === 0) return 0;
  const toSun = towards(sun.azimuthDeg, facingDeg);
  const cosine = ((camera.xM - mat.xM) * toSun.xM + (camera.yM - mat.yM) * toSun.yM) / away;
  return clamp((cosine + 0.5) / 1.2);
}

/** Looking into the sun: less light than this falls on the fish's near side. */
const AGAINST_THE_SUN = 0.35;

function cameraLightPoint(camera: Point, mat: Point, plan: BankPlan): LayoutPoint | null {
  const { hours, facingDeg } = plan;
  const isLit = hours.map(({ sun }) => sun.altitudeDeg >= LEAST_SUN_DEG);
  if (!isLit.includes(true)) return null;
  const lightFrom = (at: Point) => hours.map(({ sun }) => lightFromCamera(at, mat, sun, facingDeg));
  const mean = (light: readonly number[]) =>
    light.filter((_, i) => isLit[i]).reduce((sum, value) => sum + value, 0) / isLit.filter(Boolean).length;
  const light = lightFrom(camera);
  const mark = mean(light);
  const against = spellsText(
    light.map((value, i) => (isLit[i] ?? false) && value < AGAINST_THE_SUN),
    plan,
  );
  const other = { xM: 2 * mat.xM - camera.xM, yM: 2 * mat.yM - camera.yM };
  const better = mean(lightFrom(other)) > mark + 0.15;
  return said({
    id: 'camera-light',
    mark,
    weight: 1,
    text: !against
      ? 'The sun falls on the fish from the camera’s side.'
      : better
        ? `The camera should stand on the other side: ${against} it looks into the sun.`
        : `The camera looks into the sun ${against}.`,
    reason: 'The sun should fall on the side you photograph: face it while you hold the fish.',
    pieces: ['camera'],
  });
}

/** What lies behind the fish as a camera sees it. */
export function backdropOf(
  camera: Point,
  mat: Point,
  fixtures: readonly Fixture[],
): 'water' | 'green' | 'path' | 'open' {
  const away = distanceM(camera, mat) || 1;
  const [dx, dy] = [(mat.xM - camera.xM) / away, (mat.yM - camera.yM) / away];
  for (let m = 0.5; m <= 15; m += 0.5) {
    const at = { xM: mat.xM + dx * m, yM: mat.yM + dy * m };
    const there = fixtures.find((fixture) => clearanceM(at, fixture) <= 0);
    if (there && GREEN.includes(there.kind)) return 'green';
    if (there?.kind === 'path') return 'path';
    if (at.yM > 0.3) return 'water';
  }
  return 'open';
}

function backdropPoint(camera: Point, mat: Point, { fixtures }: BankPlan): LayoutPoint {
  const behind = backdropOf(camera, mat, fixtures);
  const texts = {
    water: 'Water stands behind the fish.',
    green: 'Green stands behind the fish.',
    path: 'The path runs behind the fish.',
    open: 'Open ground stands behind the fish.',
  };
  return said({
    id: 'backdrop',
    mark: { water: 1, green: 1, open: 0.5, path: 0.2 }[behind],
    weight: 1,
    text: texts[behind],
    reason: 'A clean backdrop, trees or water, shows the outline; clutter hides it and can give the place away.',
    pieces: ['camera'],
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
      text: `No ${KIT_WORDS[piece]} on the plan.`,
      reason: 'What is still in its bag when a fish takes is no use.',
      pieces: [piece],
    }),
  );
}

function clamp(value: number): number {
  return Math.min(1, Math.max(0, value));
}
