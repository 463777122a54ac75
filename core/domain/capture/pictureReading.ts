import { type LandmarksPx } from '../fish/landmarks.js';
import type { Pixel } from '../../geometry/pixel.js';

/** The part of a picture that is shown and how it is turned: a way of looking, the original stays as it is. */
export interface PictureView {
  /** Turned by this much, clockwise as seen, after mirroring. */
  readonly turnRad: number;
  /** Left and right are swapped first. */
  readonly mirrored: boolean;
  /** Middle of what is shown, in pixels of the upright original, and how wide it is there. */
  readonly centre: Pixel;
  readonly widthPx: number;
  /** Brighter by this many stops. */
  readonly stops: number;
  /** Size of the upright original, so that a smaller copy can be laid over it. */
  readonly of: PictureSize;
}

export interface PictureSize {
  readonly widthPx: number;
  readonly heightPx: number;
}

/** A length that was read off a board in a picture. */
export interface PicturedLength {
  /** The unit that stands on the board, or in which the thing is known; left out by books from before it was kept. */
  readonly inches?: boolean;
  readonly marks: readonly { readonly atMm: number; readonly pixel: Pixel }[];
  readonly nose: Pixel;
  readonly tail: Pixel;
  readonly lengthMm: number;
  readonly uMm: number;
}

/** What was made out of a picture, all in pixels of the upright original. What is not there has not been looked at. */
export interface PictureReading {
  readonly landmarks?: LandmarksPx | null;
  /** Whether the landmarks were proposed and left so, or set by hand. */
  readonly by?: 'proposed' | 'hand';
  readonly view?: PictureView | null;
  readonly length?: PicturedLength | null;
  /** Scales, blotches and scars that the keeper would know again. */
  readonly marks?: readonly Pixel[] | null;
}
