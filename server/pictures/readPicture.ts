import { readFile } from 'node:fs/promises';
import exifr from 'exifr';
import sharp, { type Metadata } from 'sharp';
import { MOST_PICTURE_PIXELS } from '@keeper/contract/limits';
import { PICTURE_SIZE_PX, type PictureSize } from '@keeper/contract/pictures';
import type { DecodedPicture, PictureAnswer } from './pictureJob.js';
import { isLadenPng } from './pngLoad.js';

const LIMITS = { limitInputPixels: MOST_PICTURE_PIXELS, failOn: 'error' } as const;

/** The pixels of the largest copy, of which the smaller ones are made without decoding the original again. */
interface CopyPixels {
  readonly data: Buffer;
  readonly widthPx: number;
  readonly heightPx: number;
}

/**
 * Proves that a file is a picture by decoding all of it, and makes its copies. Runs in a process of its own: a picture
 * that is made to harm takes that down and nothing else. Nothing is written here.
 */
export async function readPicture(file: string): Promise<PictureAnswer> {
  const bytes = await readFile(file);
  if (isLadenPng(bytes)) return { ok: false, problem: { why: 'laden' } };
  // The header first, without a limit, so that "too many pixels" can be told from "not a picture".
  const header = bytes.length > 0 ? await headerOf(bytes) : undefined;
  const mime = header && mimeOf(header);
  if (!header || !mime) return { ok: false, problem: { why: header?.format === 'heif' ? 'heic' : 'other' } };
  const { width, height } = header;
  if (width * height > MOST_PICTURE_PIXELS) {
    return { ok: false, problem: { why: 'too-many-pixels', pixels: width * height } };
  }
  const pixels = await copyPixels(bytes).catch(() => undefined);
  if (!pixels) return { ok: false, problem: { why: 'broken' } };
  const turned = (header.orientation ?? 1) >= 5;
  const facts: DecodedPicture = {
    mime,
    widthPx: turned ? height : width,
    heightPx: turned ? width : height,
    ...(await readExif(header, bytes)),
  };
  const [view, thumb] = await Promise.all([encodeCopy(pixels, 'view'), encodeCopy(pixels, 'thumb')]);
  return { ok: true, picture: { facts, copies: { view, thumb } } };
}

/**
 * Kinds of picture that are kept. SVG and PDF are drawings, not pictures; of what HEIF holds, only AVIF is free to be
 * read.
 */
function mimeOf({ format, compression }: Metadata): string | undefined {
  switch (format) {
    case 'jpeg':
    case 'png':
    case 'webp':
    case 'tiff':
      return `image/${format}`;
    case 'heif':
      return compression === 'av1' ? 'image/avif' : undefined;
    default:
      return undefined;
  }
}

/** Decodes a picture and shrinks it, upright, to its largest copy. Transparent parts are white. */
async function copyPixels(picture: Buffer): Promise<CopyPixels> {
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
  return sharp(bytes, { ...LIMITS, limitInputPixels: false })
    .metadata()
    .catch(() => undefined);
}

/** A smaller copy as JPEG, with nothing of the original's metadata. */
async function encodeCopy({ data, widthPx, heightPx }: CopyPixels, size: PictureSize): Promise<Buffer> {
  const longest = PICTURE_SIZE_PX[size];
  return sharp(data, { raw: { width: widthPx, height: heightPx, channels: 3 } })
    .resize(longest, longest, { fit: 'inside', withoutEnlargement: true })
    .jpeg({ quality: size === 'thumb' ? 76 : 84, mozjpeg: false })
    .toBuffer();
}

const EXIF_MARK = Buffer.from('Exif\0\0', 'latin1');

/** When and with what it was taken, as the camera says it; no position is read. */
async function readExif(
  { exif, format }: Metadata,
  bytes: Buffer,
): Promise<Pick<DecodedPicture, 'takenAt' | 'camera'>> {
  // A TIFF is all tags; of the others only the block of tags is looked at, not what else lies round the picture.
  const block = format === 'tiff' ? bytes : exif && tagsOf(exif);
  const wanted = ['DateTimeOriginal', 'OffsetTimeOriginal', 'Make', 'Model'];
  const tags = (block && (await exifr.parse(block, { pick: wanted, reviveValues: false }).catch(() => undefined))) as
    Record<string, unknown> | undefined;
  const text = (name: string) => (typeof tags?.[name] === 'string' ? printable(tags[name]) : '');
  const taken = /^(\d{4}):(\d\d):(\d\d) (\d\d:\d\d:\d\d)/.exec(text('DateTimeOriginal'));
  const zone = /^[+-]\d\d:\d\d$/.test(text('OffsetTimeOriginal')) ? text('OffsetTimeOriginal') : '';
  return {
    takenAt: taken ? `${taken[1]}-${taken[2]}-${taken[3]}T${taken[4]}${zone}` : null,
    camera: `${text('Make')} ${text('Model')}`.trim() || null,
  };
}

function tagsOf(exif: Buffer): Buffer {
  return exif.subarray(0, EXIF_MARK.length).equals(EXIF_MARK) ? exif.subarray(EXIF_MARK.length) : exif;
}

/** Longer than the name of any camera. */
const MOST_LETTERS = 100;

function printable(text: string): string {
  return text
    .replace(/[\p{Cc}\p{Surrogate}]/gu, '')
    .trim()
    .slice(0, MOST_LETTERS);
}
