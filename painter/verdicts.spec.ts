import type { PicturesMessages } from '@keeper/core/pictures/pictureMessages';
import { judgePicture, measurePicture, worthOf, type PictureMeasures } from '@keeper/core/pictures/verdict';
import type { Nuisance } from './nuisance.js';
import { paintPicture } from './paint.js';
import type { PictureOrder } from './pictureOrder.js';
import { dayLight } from './scene.js';

const ORDER: PictureOrder = {
  widthPx: 360,
  heightPx: 270,
  kind: 'carp-mirror',
  fish: 'a fish',
  side: 'left',
  shot: 'a shot',
  girth: 1,
  scene: 'mat',
  light: dayLight(0.4, 0.3),
  exposure: 1,
  wetness: 0.6,
  pose: {
    lengthPx: 246,
    centreXPx: 177,
    centreYPx: 135,
    yawRad: 0.05,
    pitchRad: 0,
    rollRad: 0.02,
    bend: 0,
    mirrored: false,
  },
};

const known = new Map<string, PictureMeasures>();

/** Each picture is painted once, however often it is asked about. */
function measured(nuisance: Partial<Nuisance>, change: Partial<PictureOrder> = {}): PictureMeasures {
  const name = JSON.stringify([nuisance, change]);
  const made = known.get(name) ?? measuredAnew(nuisance, change);
  known.set(name, made);
  return made;
}

function measuredAnew(nuisance: Partial<Nuisance>, change: Partial<PictureOrder>): PictureMeasures {
  const order = { ...ORDER, ...change };
  const { rgb, landmarksPx, widthPx, heightPx } = paintPicture({ ...order, nuisance });
  return measurePicture({ widthPx, heightPx, channels: 3, data: rgb }, landmarksPx, order.kind);
}

const rises = (values: readonly number[]) => values.every((value, i) => i === 0 || value > (values[i - 1] ?? Infinity));

test('the more it is out of focus or shaken, the wider its edges', () => {
  expect(rises([0, 0.004, 0.009].map((blur) => measured({ blur }).blur ?? NaN))).toBe(true);
  expect(rises([0, 0.024].map((shake) => measured({ shake, shakeRad: 0.5 }).blur ?? NaN))).toBe(true);
});

test('the brighter it is made, the more stops it has', () => {
  expect(rises([0.3, 1, 1.6].map((exposure) => measured({}, { exposure }).stops))).toBe(true);
  expect(measured({}, { exposure: 3 }).lost).toBeGreaterThan(measured({}).lost);
});

test('the more of it glares, the more glare is told', () => {
  expect(rises([0, 0.1, 0.3].map((glare) => measured({ glare }).glare))).toBe(true);
});

test('a hand, a shadow, a full bank and a leaning horizon are seen', () => {
  expect(measured({ handOver: 'gill' }).handOnGill).toBeGreaterThan(measured({}).handOnGill + 0.1);
  expect(measured({ handOver: 'flank' }).handOnFlank).toBeGreaterThan(measured({}).handOnFlank + 0.03);
  expect(measured({ noseShadow: true }).noseShadowStops).toBeGreaterThan(measured({}).noseShadowStops + 0.5);
  const held = { scene: 'held' } as const;
  expect(measured({ clutter: 1 }, held).clutter).toBeGreaterThan(measured({}, held).clutter + 0.01);
  const horizonRad = 0.12;
  expect(Math.abs((measured({ horizonRad }, held).horizonRad ?? 0) - horizonRad)).toBeLessThan(0.04);
  expect(Math.abs(measured({}, held).horizonRad ?? 1)).toBeLessThan(0.03);
});

test('a fish that is cut off is told, one with room around it is not', () => {
  expect(measured({}).room).toBeGreaterThan(0);
  expect(measured({}, { pose: { ...ORDER.pose, centreXPx: 110 } }).room).toBeLessThan(0);
});

const FINE: PictureMeasures = {
  blur: 0.001,
  room: 0.05,
  stops: 0,
  lost: 0,
  glare: 0,
  handOnGill: 0,
  handOnFlank: 0,
  noseShadowStops: 0.2,
  clutter: 0.02,
  horizonRad: 0,
};

describe('verdicts', () => {
  test('of a good picture nothing is said against it', () => {
    const verdicts = judgePicture(FINE);
    expect(verdicts.filter(({ good }) => !good)).toEqual([]);
    expect(worthOf(verdicts)).toBeGreaterThan(0.9);
  });
  test.each<[Partial<PictureMeasures>, string, keyof PicturesMessages]>([
    [{ blur: 0.02 }, 'sharp', 'blurred'],
    [{ room: -0.1 }, 'whole', 'cutOff'],
    [{ stops: -2 }, 'exposed', 'tooDark'],
    [{ stops: 2 }, 'exposed', 'tooBright'],
    [{ glare: 0.4 }, 'glare', 'glare'],
    [{ handOnGill: 0.5 }, 'hand', 'handOnGill'],
    [{ handOnFlank: 0.5 }, 'hand', 'handOnFlank'],
    [{ noseShadowStops: 2 }, 'shadow', 'shadow'],
    [{ clutter: 0.4 }, 'backdrop', 'backdropBusy'],
    [{ horizonRad: 0.2 }, 'level', 'leans'],
  ])('%o is told, with what to do next time', (change, check, says) => {
    const wrong = judgePicture({ ...FINE, ...change }).filter(({ good }) => !good);
    expect(wrong.map((verdict) => verdict.check)).toEqual([check]);
    expect(wrong[0]?.says.code).toBe(`pictures.${says}`);
    expect(wrong[0]?.nextTime).toBeTruthy();
    expect(worthOf(judgePicture({ ...FINE, ...change }))).toBeLessThan(worthOf(judgePicture(FINE)));
  });
  test('what could not be measured is not judged', () => {
    const checks = judgePicture({ ...FINE, blur: undefined, horizonRad: undefined }).map(({ check }) => check);
    expect(checks).not.toContain('sharp');
    expect(checks).not.toContain('level');
  });
});
