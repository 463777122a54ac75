import type { Message } from '../measure/message.js';
import { bankMessage } from './bankMessages.js';
import { type BankPlan, type LayoutPoint, type LayoutJudgement, said, clamp } from './layoutPoint.js';
import { distanceM, type Point, towards } from '../domain/water/plan.js';
import { inShadow, LEAST_SUN_DEG, shadeCasters, shadowOf } from '../weather/shade.js';
import type { SunPlace } from '../weather/sun.js';

type Light = LayoutJudgement['matLight'][number];

export function lightOn(point: Point | undefined, { layout, fixtures, facingDeg, hours }: BankPlan): Light[] {
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
function spellsText(holds: readonly boolean[], { hours, clock }: Pick<BankPlan, 'hours' | 'clock'>): Message | null {
  const spells: Message[] = [];
  for (let i = 0; i < holds.length; i += 1) {
    if (!holds[i]) continue;
    const from = i;
    while (holds[i + 1]) i += 1;
    const [first, last] = [clock(hours[from]?.atMs ?? 0), clock(hours[i]?.atMs ?? 0)];
    spells.push(first === last ? bankMessage('spellAt', { first }) : bankMessage('spellFromTo', { first, last }));
  }
  if (spells.length < 2) return spells[0] ?? null;
  return bankMessage('spells', { spells });
}

/** How much of the hours with a hot sun it lies in the sun, and when it does at all. */
function sunnySpell(light: readonly Light[], plan: BankPlan): { share: number; text: Message | null } {
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

export function matShadePoint(light: readonly Light[], plan: BankPlan): LayoutPoint {
  const { share, text } = sunnySpell(light, plan);
  return said({
    id: 'mat-shade',
    mark: 1 - share,
    weight: 2,
    text: text ? bankMessage('matInSun', { text }) : bankMessage('matInShade'),
    reason: bankMessage('matShadeReason'),
    pieces: ['mat'],
  });
}

export function bucketShadePoint(light: readonly Light[], plan: BankPlan): LayoutPoint {
  const { share, text } = sunnySpell(light, plan);
  return said({
    id: 'bucket-shade',
    mark: 1 - share,
    weight: 1,
    text: text ? bankMessage('bucketInSun', { text }) : bankMessage('bucketInShade'),
    reason: bankMessage('bucketShadeReason'),
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

export function cameraLightPoint(camera: Point, mat: Point, plan: BankPlan): LayoutPoint | null {
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
      ? bankMessage('cameraLightGood')
      : better
        ? bankMessage('cameraLightOtherSide', { against })
        : bankMessage('cameraLightAgainst', { against }),
    reason: bankMessage('cameraLightReason'),
    pieces: ['camera'],
  });
}
