import { createHash, randomUUID } from 'node:crypto';
import { createWriteStream } from 'node:fs';
import { mkdir, rm, stat } from 'node:fs/promises';
import { join } from 'node:path';
import { pipeline } from 'node:stream/promises';
import { Transform } from 'node:stream';
import type { StorageEngine } from 'multer';

/** A file that came in, as it lies on the disk: it is put in its place, or thrown away. */
export interface ReceivedFile {
  readonly path: string;
  readonly sha256: string;
  readonly bytes: number;
}

/** Where files lie while they come in, below the data folder. */
export const INCOMING = 'incoming';

/**
 * Takes files in piece by piece: none of it is held in memory. The folder must stand; where the whole data folder is
 * gone, none is made anew.
 */
export function receiveTo(dataFolder: string): StorageEngine {
  return {
    _handleFile: (_request, file, done) => {
      receive(join(dataFolder, INCOMING), file.stream).then(
        (received) => done(null, received as Partial<Express.Multer.File>),
        (cause: unknown) => done(cause),
      );
    },
    _removeFile: (_request, file, done) => {
      rm((file as unknown as ReceivedFile).path, { force: true }).then(() => done(null), done);
    },
  };
}

async function receive(folder: string, stream: NodeJS.ReadableStream): Promise<ReceivedFile> {
  await stat(join(folder, '..'));
  await mkdir(folder, { recursive: true, mode: 0o700 });
  const path = join(folder, randomUUID());
  const hash = createHash('sha256');
  let bytes = 0;
  const counted = new Transform({
    transform(piece: Buffer, _encoding, done) {
      bytes += piece.length;
      hash.update(piece);
      done(null, piece);
    },
  });
  try {
    await pipeline(stream, counted, createWriteStream(path, { flags: 'wx', mode: 0o600 }));
  } catch (cause) {
    await rm(path, { force: true });
    throw cause;
  }
  return { path, sha256: hash.digest('hex'), bytes };
}
