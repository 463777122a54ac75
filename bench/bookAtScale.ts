import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { bookOfFish } from './bookOfFish.js';
import { bookOnScreenBench } from './bookOnScreen.js';
import { quantile, report, timed } from './figures.js';
import { runServer } from './runningServer.js';

/** More than any keeper lands in a life: a club's book over decades. */
const FISH = 20_000;
/** Of so many the flank is there with its print. */
const PRINTED = 2000;
const ROUNDS = 5;

/** What reads the whole of a book of 20,000 fish with their pictures. */
export async function bookAtScaleBench(): Promise<void> {
  const folder = mkdtempSync(join(tmpdir(), 'keeper-bench-'));
  bookOfFish(folder, FISH, PRINTED);
  const { url, stop, startMs } = await runServer(folder);
  report(`book of ${FISH} fish: start to first healthy answer`, startMs, 'ms');
  const read = async (name: string, path: string, aim?: number) => {
    const times: number[] = [];
    let bytes = 0;
    for (let round = 0; round < ROUNDS; round += 1) {
      times.push(
        await timed(async () => {
          bytes = (await (await fetch(`${url}/api${path}`)).arrayBuffer()).byteLength;
        }),
      );
    }
    report(`${name}, ${(bytes / 1e6).toFixed(1)} MB, median of ${ROUNDS}`, quantile(times, 0.5), 'ms', aim);
  };
  await read('CSV', '/book.csv', 2000);
  await read('JSON', '/book.json');
  await read('first page', '/captures', 25);
  await read('tally', '/captures/tally');
  await read('which fish have which pictures', '/captures/pictured', 500);
  await read('the known fish', '/captures/known');
  await read('the weights', '/captures/weighed');
  await read('the pictures of one species', '/captures/pictures?species=pike');
  await read('the flanks', '/flanks', 1500);
  await bookOnScreenBench(url, PRINTED);
  await stop();
  rmSync(folder, { recursive: true, force: true });
}
