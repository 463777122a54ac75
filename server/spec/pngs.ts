import { crc32, deflateSync } from 'node:zlib';
import sharp from 'sharp';

/** One chunk of a PNG. */
export function pngChunk(type: string, body: Buffer): Buffer {
  const chunk = Buffer.alloc(body.length + 12);
  chunk.writeUInt32BE(body.length, 0);
  chunk.write(type, 4, 'latin1');
  body.copy(chunk, 8);
  chunk.writeUInt32BE(crc32(chunk.subarray(4, body.length + 8)), body.length + 8);
  return chunk;
}

/** A small PNG with further chunks behind its header. */
export async function pngWith(chunks: readonly Buffer[]): Promise<Buffer> {
  const bytes = await sharp({ create: { width: 60, height: 40, channels: 3, background: '#4a6b5d' } })
    .png()
    .toBuffer();
  const headEnds = 8 + 12 + 13;
  return Buffer.concat([bytes.subarray(0, headEnds), ...chunks, bytes.subarray(headEnds)]);
}

/** A text that takes a few bytes in the file, and so many once it is read. */
export function zippedText(inflatedBytes: number): Buffer {
  return pngChunk(
    'zTXt',
    Buffer.concat([Buffer.from('Comment\0\0', 'latin1'), deflateSync(Buffer.alloc(inflatedBytes))]),
  );
}

/** A colour profile that takes a few bytes in the file, and so many once it is read. */
export function zippedProfile(inflatedBytes: number): Buffer {
  return pngChunk('iCCP', Buffer.concat([Buffer.from('p\0\0', 'latin1'), deflateSync(Buffer.alloc(inflatedBytes))]));
}

export function internationalText(inflatedBytes: number): Buffer {
  const head = Buffer.from('XML:com.adobe.xmp\0\u0001\0\0\0', 'latin1');
  return pngChunk('iTXt', Buffer.concat([head, deflateSync(Buffer.alloc(inflatedBytes))]));
}
