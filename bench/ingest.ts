import sharp from 'sharp';
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { largePictures } from './largePictures.js';
import { runServer } from './runningServer.js';
import { sendPicture } from './sendPicture.js';
import { report } from './figures.js';

const PICTURES = 50;
const AT_A_TIME = 4;

/**
 * Large uploads, four at a time, beside the bare decoding, shrinking and encoding of the picture library; and what
 * memory the server took.
 */
export async function ingestBench(): Promise<void> {
  const pictures = await largePictures(PICTURES);
  const megabytes = pictures.reduce((sum, { length }) => sum + length, 0) / 1e6;
  const bare = await fourAtATime(pictures, (bytes) =>
    sharp(bytes).autoOrient().resize(1600, 1600, { fit: 'inside' }).jpeg({ quality: 84 }).toBuffer(),
  );
  const folder = mkdtempSync(join(tmpdir(), 'keeper-ingest-'));
  const server = await runServer(folder);
  let most = 0;
  const watching = setInterval(() => {
    most = Math.max(most, residentMegabytes(server.pid));
  }, 20);
  const taken = await fourAtATime(pictures, (bytes) => sendPicture(server.url, bytes, 'fish.jpg'));
  clearInterval(watching);
  await server.stop();
  rmSync(folder, { recursive: true, force: true });
  const perSecond = (ms: number) => (1000 * PICTURES) / ms;
  process.stdout.write(
    `${PICTURES} pictures of 12 million pixels, ${megabytes.toFixed(0)} MB, ${AT_A_TIME} at a time\n`,
  );
  process.stdout.write(`bare: decode, shrink, encode   ${perSecond(bare).toFixed(2)} a second\n`);
  process.stdout.write(`server: kept and answered      ${perSecond(taken).toFixed(2)} a second\n`);
  report('server: share of the bare work', (100 * bare) / taken, '%', 80, 'more');
  report('server: most memory', most, 'MB', 700);
}

async function fourAtATime(pictures: readonly Buffer[], work: (bytes: Buffer) => Promise<unknown>): Promise<number> {
  const queue = [...pictures];
  const began = performance.now();
  await Promise.all(
    Array.from({ length: AT_A_TIME }, async () => {
      for (let bytes = queue.shift(); bytes; bytes = queue.shift()) await work(bytes);
    }),
  );
  return performance.now() - began;
}

function residentMegabytes(pid: number): number {
  const pages = /VmRSS:\s+(\d+) kB/.exec(readFileSync(`/proc/${pid}/status`, 'utf8'));
  return Number(pages?.[1] ?? 0) / 1024;
}
