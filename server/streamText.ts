import { Readable } from 'node:stream';
import { StreamableFile } from '@nestjs/common';

/**
 * An answer that is made piece by piece while it is sent: what is large is never held whole. With a name it is a file
 * to keep.
 */
export function streamText(
  pieces: Iterable<string> | AsyncIterable<string>,
  type: string,
  name?: string,
): StreamableFile {
  return new StreamableFile(Readable.from(pieces, { objectMode: false }), {
    type,
    ...(name && { disposition: `attachment; filename="${name}"` }),
  });
}
