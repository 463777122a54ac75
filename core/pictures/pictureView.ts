import { pixelToPose, poseToPixel } from '../domain/fish/pose.js';
import { poseOf } from '../domain/fish/pose.js';
import { type LandmarksPx } from '../domain/fish/landmarks.js';
import type { Pixel } from '../geometry/pixel.js';
import { type PictureView, type PictureSize } from '../domain/capture/pictureReading.js';

/** Proportion of what is shown: four across, three down. */
export const VIEW_SHAPE = 4 / 3;

/** Width of the shown part in lengths of the fish: with room for its tail, and less of it where the picture ends. */
const ROOMS = [1.36, 1.32, 1.28, 1.24] as const;

/**
 * Lays a fish the way that the book has it: the line from snout to fork level, the head left for a left flank and right
 * for a right one, back up, and the picture cut to the fish. Example: a left flank whose head points right is mirrored.
 */
export function straightened(landmarks: LandmarksPx, side: 'left' | 'right', of: PictureSize, stops = 0): PictureView {
  const pose = poseOf(landmarks, false);
  const { lengthPx, turnRad } = pose;
  // The back lies up, seen from snout to fork with the head left, when the dorsal fin has a v below zero.
  const backUp = pixelToPose(pose, landmarks.dorsal.x, landmarks.dorsal.y).v < 0;
  // With the head left and the back up the picture is as it should be for a left flank; for a right one it is the
  // mirror image.
  const mirrored = backUp !== (side === 'left');
  const middle = poseToPixel(pose, 0.56, 0);
  // Mirroring turns a direction into pi less it; the fork goes to the right of a left flank, to the left of a right
  // one.
  const shownAs = mirrored ? Math.PI - turnRad : turnRad;
  const turn = (side === 'left' ? 0 : Math.PI) - shownAs;
  const seen = (room: number): PictureView => ({
    turnRad: wrapped(turn),
    mirrored,
    centre: middle,
    widthPx: lengthPx * room,
    stops,
    of: sizeOf(of),
  });
  return ROOMS.map(seen).find(isFilled) ?? seen(1.36);
}

function sizeOf({ widthPx, heightPx }: PictureSize): PictureSize {
  return { widthPx, heightPx };
}

/** Whether a view shows nothing from beyond the edge of its picture. */
function isFilled(view: PictureView): boolean {
  const [a, b, c, d, e, f] = viewMatrix(view, 1);
  const area = a * d - b * c;
  return [0, 1].every((x) =>
    [0, 1 / VIEW_SHAPE].every((y) => {
      const [px, py] = [(d * (x - e) - c * (y - f)) / area, (a * (y - f) - b * (x - e)) / area];
      return px >= 0 && py >= 0 && px <= view.of.widthPx && py <= view.of.heightPx;
    }),
  );
}

/** A turn brought between minus and plus half a round. */
function wrapped(turnRad: number): number {
  return Math.atan2(Math.sin(turnRad), Math.cos(turnRad));
}

/**
 * Where a pixel of the original is shown, in a frame of the given width: mirrored first, then turned about the middle
 * of the view.
 */
export function shownAt(view: PictureView, frameWidth: number, { x, y }: Pixel): Pixel {
  const [a, b, c, d, e, f] = viewMatrix(view, frameWidth);
  return { x: a * x + c * y + e, y: b * x + d * y + f };
}

/**
 * The view as an affine map from the original's pixels to a frame of the given width, in the order of the CSS and
 * canvas `matrix()`. Example: `context.setTransform(...viewMatrix(view, 800))`.
 */
export function viewMatrix(
  { turnRad, mirrored, centre, widthPx }: Omit<PictureView, 'of' | 'stops'>,
  frameWidth: number,
): readonly [number, number, number, number, number, number] {
  const scale = frameWidth / widthPx;
  const [cos, sin] = [Math.cos(turnRad) * scale, Math.sin(turnRad) * scale];
  const flip = mirrored ? -1 : 1;
  const [a, b, c, d] = [cos * flip, sin * flip, -sin, cos];
  const frameHeight = frameWidth / VIEW_SHAPE;
  return [a, b, c, d, frameWidth / 2 - a * centre.x - c * centre.y, frameHeight / 2 - b * centre.x - d * centre.y];
}

/** The whole of an upright original, as it is. */
export function wholePicture(of: PictureSize): PictureView {
  const { widthPx, heightPx } = of;
  return {
    turnRad: 0,
    mirrored: false,
    stops: 0,
    of: sizeOf(of),
    centre: { x: widthPx / 2, y: heightPx / 2 },
    widthPx: Math.max(widthPx, heightPx * VIEW_SHAPE),
  };
}

/** What is done to a view by hand: each is left out where it stays as it is. */
export interface ViewChange {
  /** Turned on by this much, clockwise as seen. */
  readonly turnRad?: number;
  /** Closer by this factor; below 1 it is wider. */
  readonly closer?: number;
  readonly stops?: number;
  readonly mirror?: boolean;
  /** What is shown moves by this share of the frame's width, to the right and down. */
  readonly shift?: Pixel;
}

/**
 * The least of a picture that is still a picture of something, in pixels across, and how bright or dark it may be made,
 * in stops.
 */
const LEAST_WIDTH_PX = 64;

const MOST_STOPS = 2;

/**
 * A view as it was changed by hand; what is shown stays within its original's reach: no closer than 64 px across, no
 * wider than twice the whole. Example: `adjusted(view, { closer: 1.1 })` shows a tenth less.
 */
export function adjusted(
  view: PictureView,
  { turnRad = 0, closer = 1, stops = 0, mirror = false, shift }: ViewChange,
): PictureView {
  const whole = wholePicture(view.of).widthPx;
  const [dx, dy] = shift ? [shift.x * view.widthPx, shift.y * view.widthPx] : [0, 0];
  const [cos, sin] = [Math.cos(view.turnRad), Math.sin(view.turnRad)];
  const flip = view.mirrored ? -1 : 1;
  const within = (value: number, most: number) => Math.min(most, Math.max(0, value));
  return {
    ...view,
    // Mirrored, what was turned one way is turned the other.
    turnRad: wrapped((view.turnRad + turnRad) * (mirror ? -1 : 1)),
    mirrored: mirror ? !view.mirrored : view.mirrored,
    widthPx: Math.min(2 * whole, Math.max(LEAST_WIDTH_PX, view.widthPx / closer)),
    stops: Math.min(MOST_STOPS, Math.max(-MOST_STOPS, view.stops + stops)),
    centre: {
      x: within(view.centre.x - flip * (cos * dx + sin * dy), view.of.widthPx),
      y: within(view.centre.y - (cos * dy - sin * dx), view.of.heightPx),
    },
  };
}
