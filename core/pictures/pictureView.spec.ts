import { createRng } from '../statistics/rng.js';
import { anatomyOf } from '../domain/fish/anatomy.js';
import { LANDMARKS, type LandmarksPx } from '../domain/fish/landmarks.js';
import { poseToPixel, type FishPose } from '../domain/fish/pose.js';
import { VIEW_SHAPE, adjusted, shownAt, straightened, wholePicture } from './pictureView.js';

const SIZE = { widthPx: 1000, heightPx: 800 };

/** Landmarks of a carp in a pose; a mirrored pose is one whose head points left only in the mirror. */
function seenAs(pose: FishPose): LandmarksPx {
  const { landmarks } = anatomyOf('carp-common');
  return Object.fromEntries(
    LANDMARKS.map((name) => [name, poseToPixel(pose, landmarks[name].u, landmarks[name].v)]),
  ) as unknown as LandmarksPx;
}

test.each(['left', 'right'] as const)(
  'any picture of a %s flank is laid level, head where the book has it, back up',
  (side) => {
    const luck = createRng(`views ${side}`);
    for (let i = 0; i < 200; i += 1) {
      const landmarks = seenAs({
        centreX: luck.between(200, 800),
        centreY: luck.between(200, 600),
        lengthPx: luck.between(150, 700),
        turnRad: luck.between(-3.1, 3.1),
        mirrored: luck.next() < 0.5,
      });
      const view = straightened(landmarks, side, SIZE);
      const shown = (name: keyof LandmarksPx) => shownAt(view, 800, landmarks[name]);
      const [snout, fork, dorsal] = [shown('snout'), shown('fork'), shown('dorsal')];
      expect(snout.y).toBeCloseTo(fork.y, 6);
      expect(dorsal.y).toBeLessThan(snout.y);
      expect(snout.x < fork.x).toBe(side === 'left');
      // The whole of it is in the frame, with room for the tail behind the fork.
      for (const { x, y } of [snout, fork, dorsal]) {
        expect(x > 30 && x < 770).toBe(true);
        expect(y > 0 && y < 800 / VIEW_SHAPE).toBe(true);
      }
      expect(Math.abs(fork.x - snout.x)).toBeGreaterThan(800 / 1.37);
    }
  },
);

test('a left flank with its head to the left is not turned over, one with its head to the right is', () => {
  const pose = { centreX: 400, centreY: 300, lengthPx: 500, turnRad: 0, mirrored: false };
  expect(straightened(seenAs(pose), 'left', SIZE)).toMatchObject({ turnRad: 0, mirrored: false });
  const headRight = { ...pose, turnRad: Math.PI, mirrored: true };
  expect(straightened(seenAs(headRight), 'left', SIZE).mirrored).toBe(true);
  expect(straightened(seenAs(headRight), 'right', SIZE).mirrored).toBe(false);
});

test('the cut comes closer rather than show what lies beyond the edge', () => {
  const fish = (lengthPx: number) => seenAs({ centreX: 500, centreY: 400, lengthPx, turnRad: 0.02, mirrored: false });
  const share = (lengthPx: number) => straightened(fish(lengthPx), 'left', SIZE).widthPx / lengthPx;
  expect(share(500)).toBeCloseTo(1.36, 6);
  expect(share(715)).toBeCloseTo(1.24, 6);
  // One that fills the picture to its edges cannot be helped.
  expect(share(980)).toBeCloseTo(1.36, 6);
});

describe('changed by hand', () => {
  const OF = { widthPx: 900, heightPx: 700 };
  const view = { ...wholePicture(OF), turnRad: 0.4, mirrored: true, widthPx: 500 };
  const spot = { x: 480, y: 330 };

  test.each([view, { ...view, mirrored: false }])(
    'what is dragged goes with the finger, turned and mirrored or not',
    (of) => {
      const before = shownAt(of, 800, spot);
      const after = shownAt(adjusted(of, { shift: { x: 0.05, y: -0.02 } }), 800, spot);
      expect(after.x - before.x).toBeCloseTo(40, 6);
      expect(after.y - before.y).toBeCloseTo(-16, 6);
    },
  );

  test('mirrored, it is its own mirror image', () => {
    const before = shownAt(view, 800, spot);
    const after = shownAt(adjusted(view, { mirror: true }), 800, spot);
    expect(after.x).toBeCloseTo(800 - before.x, 6);
    expect(after.y).toBeCloseTo(before.y, 6);
  });

  test('turned clockwise, what is right of the middle goes down', () => {
    const upright = wholePicture(OF);
    const right = { x: 600, y: 350 };
    const turned = shownAt(adjusted(upright, { turnRad: 0.1 }), 800, right);
    expect(turned.y).toBeGreaterThan(shownAt(upright, 800, right).y);
  });

  test('it ends at the picture, and at what can still be seen', () => {
    expect(adjusted(view, { closer: 100 }).widthPx).toBe(64);
    expect(adjusted(view, { closer: 0.01 }).widthPx).toBeCloseTo(2 * wholePicture(OF).widthPx, 6);
    expect(adjusted(view, { stops: 9 }).stops).toBe(2);
    expect(adjusted({ ...view, turnRad: 0, mirrored: false }, { shift: { x: 5, y: 5 } }).centre).toEqual({
      x: 0,
      y: 0,
    });
  });
});
