import type { Metadata } from 'sharp';
import { MOST_PICTURE_PIXELS } from '@keeper/contract/limits';
import { PICTURE_SIZE_PX, type PictureSize } from '@keeper/contract/pictures';
import { Problem } from '../errors/problem.js';

/** Kinds of picture that are kept, by the name that the decoder gives them. SVG and PDF are drawings, not pictures. */
const MIME: Readonly<Record<string, string>> = {
  jpeg: 'image/jpeg',
  png: 'image/png',
  webp: 'image/webp',
  avif: 'image/avif',
  tiff: 'image/tiff',
};

// Both are fetched with the first picture: the server is up sooner without them.
const decoder = async () => (await import('sharp')).default;
const exifReader = async () => (await import('exifr')).default;

const LIMITS = { limitInputPixels: MOST_PICTURE_PIXELS, failOn: 'error' } as const;

/** The pixels of the largest copy, of which the smaller ones are made without decoding the original again. */
export interface CopyPixels {
  readonly data: Buffer;
  readonly widthPx: number;
  readonly heightPx: number;
}

export interface DecodedPicture {
  readonly mime: string;
  readonly widthPx: number;
  readonly heightPx: number;
  readonly takenAt: string | null;
  readonly camera: string | null;
}

/**
 * Proves that bytes are a picture by decoding all of them; the pixels of its largest copy fall out of that.
 * @throws Problem 415 when they are not, 413 when there are too many pixels. Nothing is written here.
 */
export async function decodePicture(bytes: Buffer): Promise<{ facts: DecodedPicture; pixels: CopyPixels }> {
  // The header first, without a limit, so that "too many pixels" can be told from "not a picture".
  const header = bytes.length > 0 ? await headerOf(bytes) : undefined;
  const mime = header && MIME[header.format];
  if (!header || !mime) throw notAPicture(header?.format);
  const { width, height } = header;
  if (width * height > MOST_PICTURE_PIXELS) {
    throw new Problem(413, {
      code: 'too-many-pixels',
      sentence: `This picture has ${Math.round((width * height) / 1e6)} million pixels; up to ${MOST_PICTURE_PIXELS / 1e6} million are taken. Nothing was kept of it.`,
    });
  }
  const pixels = await copyPixels(bytes).catch(() => {
    throw notAPicture('broken');
  });
  const turned = (header.orientation ?? 1) >= 5;
  const facts = {
    mime,
    widthPx: turned ? height : width,
    heightPx: turned ? width : height,
    ...(await readExif(bytes)),
  };
  return { facts, pixels };
}

/** Decodes a picture and shrinks it, upright, to its largest copy. Transparent parts are white. */
export async function copyPixels(picture: Buffer | string): Promise<CopyPixels> {
  const sharp = await decoder();
  const longest = PICTURE_SIZE_PX.view;
  const { data, info } = await sharp(picture, LIMITS)
    .autoOrient()
    .resize(longest, longest, { fit: 'inside', withoutEnlargement: true })
    .flatten({ background: '#ffffff' })
    .toColourspace('srgb')
    .raw()
    .toBuffer({ resolveWithObject: true });
  return { data, widthPx: info.width, heightPx: info.height };
}

async function headerOf(bytes: Buffer): Promise<Metadata | undefined> {
  const sharp = await decoder();
  return sharp(bytes, { ...LIMITS, limitInputPixels: false })
    .metadata()
    .catch(() => undefined);
}

/** A smaller copy as JPEG, with nothing of the original's metadata. */
export async function encodeCopy({ data, widthPx, heightPx }: CopyPixels, size: PictureSize): Promise<Buffer> {
  const longest = PICTURE_SIZE_PX[size];
  const sharp = await decoder();
  return sharp(data, { raw: { width: widthPx, height: heightPx, channels: 3 } })
    .resize(longest, longest, { fit: 'inside', withoutEnlargement: true })
    .jpeg({ quality: size === 'thumb' ? 76 : 84, mozjpeg: false })
    .toBuffer();
}

function notAPicture(format: string | undefined): Problem {
  const what =
    format === 'broken'
      ? 'This picture breaks off or is damaged.'
      : format === 'heif'
        ? 'Pictures in HEIC cannot be read here. Set the phone to take JPEG ("most compatible"), or share it as JPEG.'
        : 'This file is not a picture that can be read here. JPEG, PNG, WebP, AVIF and TIFF can.';
  return new Problem(415, { code: 'not-a-picture', sentence: `${what} Nothing was kept of it.` });
}

/** When and with what it was taken, as the camera says it; no position is read. */
async function readExif(bytes: Buffer): Promise<Pick<DecodedPicture, 'takenAt' | 'camera'>> {
  const wanted = ['DateTimeOriginal', 'OffsetTimeOriginal', 'Make', 'Model'];
  const exifr = await exifReader();
  const tags = (await exifr.parse(bytes, { pick: wanted, reviveValues: false }).catch(() => undefined)) as
    Record<string, unknown> | undefined;
  const text = (name: string) => (typeof tags?.[name] === 'string' ? tags[name].trim() : '');
  const taken = /^(\d{4}):(\d\d):(\d\d) (\d\d:\d\d:\d\d)/.exec(text('DateTimeOriginal'));
  const zone = /^[+-]\d\d:\d\d$/.test(text('OffsetTimeOriginal')) ? text('OffsetTimeOriginal') : '';
  return {
    takenAt: taken ? `${taken[1]}-${taken[2]}-${taken[3]}T${taken[4]}${zone}` : null,
    camera: `${text('Make')} ${text('Model')}`.trim() || null,
  };
}
