import { anatomyOf } from '../domain/fish/anatomy.js';
import { LANDMARKS, type LandmarksPx } from '../domain/fish/landmarks.js';
import { isMirrored, poseOf } from '../domain/fish/pose.js';
import { pixelToPose, poseToPixel, type FishPose } from '../domain/fish/pose.js';
import { flankArea } from './flankArea.js';
import { flankPixel, spotView } from './flankSpot.js';
import { shownAt, viewMatrix, wholePicture, VIEW_SHAPE } from './pictureView.js';
import { roomAround } from './wholeFish.js';

const OF = { widthPx: 1200, heightPx: 900 };
const pose = (change: Partial<FishPose> = {}): FishPose => ({
  centreX: 600,
  centreY: 450,
  lengthPx: 700,
  turnRad: 0.2,
  mirrored: false,
  ...change,
});

function seenAs(of: FishPose): LandmarksPx {
  const { landmarks } = anatomyOf('carp-common');
  return Object.fromEntries(
    LANDMARKS.map((name) => [name, poseToPixel(of, landmarks[name].u, landmarks[name].v)]),
  ) as unknown as LandmarksPx;
}

describe('frame of the fish', () => {
  test.each([pose(), pose({ mirrored: true, turnRad: 2.8 }), pose({ turnRad: -1.3, lengthPx: 90 })])(
    'there and back is the same place',
    (of) => {
      for (const [u, v] of [
        [0, 0],
        [0.3, -0.12],
        [1.1, 0.2],
      ] as const) {
        const { x, y } = poseToPixel(of, u, v);
        const back = pixelToPose(of, x, y);
        expect(back.u).toBeCloseTo(u, 10);
        expect(back.v).toBeCloseTo(v, 10);
      }
    },
  );
  test('a pose is read back from its landmarks, mirrored ones too', () => {
    for (const lie of [pose(), pose({ mirrored: true, turnRad: -2.9 })]) {
      const landmarks = seenAs(lie);
      expect(isMirrored(landmarks)).toBe(lie.mirrored);
      const read = poseOf(landmarks, lie.mirrored);
      expect(read.lengthPx).toBeCloseTo(lie.lengthPx, 8);
      expect(read.centreX).toBeCloseTo(lie.centreX, 8);
      expect(Math.cos(read.turnRad - lie.turnRad)).toBeCloseTo(1, 10);
    }
  });
});

describe('a place on the flank', () => {
  test('the snout is the snout, whichever way the fish lies', () => {
    for (const lie of [pose(), pose({ mirrored: true, turnRad: 3 })]) {
      const landmarks = seenAs(lie);
      expect(flankPixel(landmarks, { u: 0, v: 0 }).x).toBeCloseTo(landmarks.snout.x, 8);
      expect(flankPixel(landmarks, { u: 1, v: 0 }).y).toBeCloseTo(landmarks.fork.y, 8);
    }
  });
  test('the same wound lies in the middle of the close view of both pictures, back up in both', () => {
    const wound = { u: 0.62, v: -0.05 };
    for (const lie of [pose(), pose({ turnRad: -2.4, lengthPx: 300 }), pose({ mirrored: true, turnRad: 2.9 })]) {
      const landmarks = seenAs(lie);
      const view = spotView(landmarks, 'left', wound, OF);
      const middle = shownAt(view, 400, flankPixel(landmarks, wound));
      expect(middle.x).toBeCloseTo(200, 6);
      expect(middle.y).toBeCloseTo(200 / VIEW_SHAPE, 6);
      const further = shownAt(view, 400, flankPixel(landmarks, { u: 0.66, v: -0.05 }));
      expect(further.x).toBeGreaterThan(210);
      expect(shownAt(view, 400, flankPixel(landmarks, { u: 0.62, v: -0.1 })).y).toBeLessThan(middle.y - 10);
    }
  });
});

describe('which part is flank', () => {
  const area = flankArea(pose({ turnRad: 0 }), 'carp-mirror');
  test('looks lie on the body, none beyond it', () => {
    expect(area.looks.length).toBeGreaterThan(1000);
    for (const { x, y } of area.looks) expect(area.covers(x, y, 0)).toBe(true);
  });
  test('beside, ahead of and behind the fish is not flank', () => {
    expect(area.covers(600, 450 + 0.3 * 700)).toBe(false);
    expect(area.covers(600 - 0.6 * 700, 450)).toBe(false);
    expect(area.covers(600 + 0.75 * 700, 450)).toBe(false);
  });
  test('room is counted to the fins, and below zero where one is cut off', () => {
    expect(roomAround(area, OF.widthPx, OF.heightPx)).toBeGreaterThan(0.05);
    expect(roomAround(flankArea(pose({ centreX: 930 }), 'carp-mirror'), OF.widthPx, OF.heightPx)).toBeLessThan(0);
    expect(
      roomAround(flankArea(pose({ centreX: 930, lengthPx: 300 }), undefined), OF.widthPx, OF.heightPx),
    ).toBeGreaterThan(0);
  });
});

describe('views', () => {
  test('the whole picture fills the frame and is not turned', () => {
    const view = wholePicture(OF);
    expect(shownAt(view, 800, { x: 0, y: 0 })).toEqual({ x: 0, y: 0 });
    expect(shownAt(view, 800, { x: 1200, y: 900 })).toEqual({ x: 800, y: 600 });
    const upright = wholePicture({ widthPx: 900, heightPx: 1200 });
    expect(shownAt(upright, 800, { x: 450, y: 1200 })).toEqual({ x: 400, y: 600 });
  });
  test('mirroring swaps left and right about the middle, turning keeps distances', () => {
    const view = { ...wholePicture(OF), mirrored: true };
    expect(shownAt(view, 800, { x: 1200, y: 0 }).x).toBeCloseTo(0, 8);
    const turned = { ...wholePicture(OF), turnRad: 0.7 };
    const [a, b, c, d] = viewMatrix(turned, 1200);
    expect(a * d - b * c).toBeCloseTo(1, 10);
    expect(Math.hypot(a, b)).toBeCloseTo(1, 10);
  });
});
