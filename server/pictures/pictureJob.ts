import type { PictureSize } from '@keeper/contract/pictures';

/** What a process that reads pictures is asked: to prove that a file is a picture, and to make its copies. */
export interface PictureJob {
  readonly file: string;
}

export interface DecodedPicture {
  readonly mime: string;
  readonly widthPx: number;
  readonly heightPx: number;
  readonly takenAt: string | null;
  readonly camera: string | null;
}

/**
 * Why a file is not taken as a picture. `overtaxes`: reading it took more time or memory than any honest picture takes.
 */
export type NotAPicture =
  | { readonly why: 'other' | 'broken' | 'heic' | 'laden' | 'overtaxes' }
  | { readonly why: 'too-many-pixels'; readonly pixels: number };

/** The copies as JPEG, without anything of the original's metadata. */
export interface ReadPicture {
  readonly facts: DecodedPicture;
  readonly copies: Readonly<Record<PictureSize, Uint8Array>>;
}

export type PictureAnswer =
  { readonly ok: true; readonly picture: ReadPicture } | { readonly ok: false; readonly problem: NotAPicture };
