import sharp from 'sharp';

const SHADE = { r: 40, g: 90, b: 80 };
const small = () => sharp({ create: { width: 90, height: 60, channels: 3, background: SHADE } });

/**
 * A JPEG with so many segments behind its first marker, each of so many bytes: of tags, of a colour profile, or of
 * nothing that is known.
 */
export async function jpegWith(segments: number, bytes: number, marker: number, head: string): Promise<Buffer> {
  const picture = await small().jpeg().toBuffer();
  const segment = Buffer.alloc(bytes + 4);
  segment.writeUInt16BE(0xff00 | marker, 0);
  segment.writeUInt16BE(bytes + 2, 2);
  segment.write(head, 4, 'latin1');
  return Buffer.concat([picture.subarray(0, 2), ...Array<Buffer>(segments).fill(segment), picture.subarray(2)]);
}

interface TiffTag {
  readonly tag: number;
  /** 3 is a short, 4 a long (TIFF 6.0, Adobe 1992). */
  readonly type: number;
  readonly count: number;
  readonly value: number;
}

/** A TIFF of tags alone; its directory is followed by the one at `next`, which may be itself. */
export function tiffOf(tags: readonly TiffTag[], next = 0, padding = 0): Buffer {
  const bytes = Buffer.alloc(8 + 2 + tags.length * 12 + 4 + padding);
  bytes.write('II*\0', 0, 'latin1');
  bytes.writeUInt32LE(8, 4);
  bytes.writeUInt16LE(tags.length, 8);
  for (const [i, { tag, type, count, value }] of tags.entries()) {
    const at = 10 + i * 12;
    bytes.writeUInt16LE(tag, at);
    bytes.writeUInt16LE(type, at + 2);
    bytes.writeUInt32LE(count, at + 4);
    bytes.writeUInt32LE(value, at + 8);
  }
  bytes.writeUInt32LE(next, 10 + tags.length * 12);
  return bytes;
}

/** The tags of a picture of so many pixels a side, of which nothing is there. */
export function tiffTags(side: number): TiffTag[] {
  return [
    { tag: 256, type: 4, count: 1, value: side },
    { tag: 257, type: 4, count: 1, value: side },
    { tag: 258, type: 3, count: 1, value: 8 },
    { tag: 259, type: 3, count: 1, value: 1 },
    { tag: 262, type: 3, count: 1, value: 1 },
    { tag: 273, type: 4, count: 1, value: 8 },
    { tag: 277, type: 3, count: 1, value: 1 },
    { tag: 278, type: 4, count: 1, value: side },
    { tag: 279, type: 4, count: 1, value: 0xffffffff },
  ];
}

/** A WebP with a chunk beside its picture, of so many bytes (RFC 9649, 2.7). */
export async function webpWith(name: 'EXIF' | 'XMP ' | 'ICCP', bytes: number, says = bytes): Promise<Buffer> {
  const picture = (await small().webp().toBuffer()).subarray(12);
  const head = Buffer.alloc(18);
  head.write('VP8X', 0, 'latin1');
  head.writeUInt32LE(10, 4);
  head.writeUInt8({ EXIF: 0x08, 'XMP ': 0x04, ICCP: 0x20 }[name], 8);
  head.writeUIntLE(89, 12, 3);
  head.writeUIntLE(59, 15, 3);
  const chunk = Buffer.alloc(8 + bytes + (bytes % 2));
  chunk.write(name, 0, 'latin1');
  chunk.writeUInt32LE(says, 4);
  const body = Buffer.concat(name === 'ICCP' ? [head, chunk, picture] : [head, picture, chunk]);
  const riff = Buffer.alloc(12);
  riff.write('RIFF', 0, 'latin1');
  riff.writeUInt32LE(body.length + 4, 4);
  riff.write('WEBP', 8, 'latin1');
  return Buffer.concat([riff, body]);
}

/** An AVIF in which the size of the first box of a kind is another; where it has none, the picture as it is. */
export async function avifWithBox(name: string, change: (bytes: Buffer, at: number) => void): Promise<Buffer> {
  const bytes = Buffer.from(await small().avif({ effort: 0 }).toBuffer());
  const at = bytes.indexOf(name, 0, 'latin1');
  if (at < 0) throw new Error(`There is no ${name} in it.`);
  change(bytes, at);
  return bytes;
}
