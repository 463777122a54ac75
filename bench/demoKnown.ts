import { execFile } from 'node:child_process';
import { mkdtemp, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { setTimeout } from 'node:timers/promises';
import { fileURLToPath } from 'node:url';
import { promisify } from 'node:util';
import { PRINTS_AT_ONCE, type CellsAnswer, type FlankInBook, type FlanksAnswer } from '@keeper/contract/flanks';
import { prepareDescriptor } from '@keeper/core/recognition/descriptor/compareDescriptors';
import { whoIsThis, type KnownFlank } from '@keeper/core/recognition/identity/whoIsThis';
import { runServer } from './runningServer.js';

const demo = (file: string) => fileURLToPath(new URL(`../../demo/dist/${file}`, import.meta.url));
const run = promisify(execFile);
const ASK_AGAIN_MS = 2000;
/** From here on a fish is called known. */
const SURE = 0.8;

interface Asked extends KnownFlank {
  readonly flank: FlankInBook;
}

/**
 * Fills a book with the demo world, lets the server find the fish in its pictures and make their prints, asks of each
 * flank which other capture shows the same fish, by the print alone, and holds the answers against the truth. Nobody
 * taps a point.
 */
export async function demoKnownBench(): Promise<void> {
  const folder = await mkdtemp(join(tmpdir(), 'keeper-demo-'));
  const { url, stop } = await runServer(folder);
  try {
    await run(process.execPath, [demo('fill.js'), '--url', url]);
    const truth = JSON.parse((await run(process.execPath, [demo('truth.js')])).stdout) as Record<string, string>;
    const flanks = await flanksOf(url);
    const printed = await cellsOf(
      url,
      flanks.map(({ print }) => print),
    );
    const asked = flanks.map((flank): Asked => {
      const cells = new Int8Array(Buffer.from(printed[flank.print] ?? '', 'base64'));
      const ready = prepareDescriptor({ side: flank.side, kind: flank.kind, cells });
      return { fishId: flank.captureId, flank, ready };
    });
    report(asked, truth);
  } finally {
    await stop();
    await rm(folder, { recursive: true, force: true });
  }
}

async function flanksOf(url: string): Promise<readonly FlankInBook[]> {
  for (;;) {
    const { flanks, coming } = (await (await fetch(`${url}/api/flanks`)).json()) as FlanksAnswer;
    if (coming === 0 && flanks.length > 0) return flanks;
    await setTimeout(ASK_AGAIN_MS);
  }
}

async function cellsOf(url: string, prints: readonly string[]): Promise<CellsAnswer> {
  const all: Record<string, string> = {};
  for (let at = 0; at < prints.length; at += PRINTS_AT_ONCE) {
    const some = prints.slice(at, at + PRINTS_AT_ONCE).join(',');
    Object.assign(all, await (await fetch(`${url}/api/flanks/cells?prints=${some}`)).json());
  }
  return all;
}

function report(asked: readonly Asked[], truth: Readonly<Record<string, string>>): void {
  const said = { mates: 0, first: 0, sure: 0, wronglySure: 0, lone: 0, none: 0, taken: 0 };
  for (const each of asked) {
    const others = asked.filter(({ flank }) => flank.captureId !== each.flank.captureId);
    const fishOf = ({ flank }: Asked) => truth[flank.captureId];
    const isMate = (other: Asked) => fishOf(other) === fishOf(each);
    const comparable = others.filter(({ flank }) => flank.side === each.flank.side && flank.kind === each.flank.kind);
    const { candidates, stranger } = whoIsThis(each.ready, others);
    const [best] = candidates;
    if (comparable.some(isMate)) {
      said.mates += 1;
      said.first += best && isMate(best.flank) ? 1 : 0;
      said.sure += best && isMate(best.flank) && best.probability >= SURE ? 1 : 0;
      said.wronglySure += best && !isMate(best.flank) && best.probability >= SURE ? 1 : 0;
    } else {
      said.lone += 1;
      said.none += stranger >= 0.5 ? 1 : 0;
      said.taken += best && best.probability >= SURE ? 1 : 0;
    }
  }
  process.stdout.write(
    `${asked.length} flanks of the demo's book, their points found by machine\n` +
      `${said.mates} show a fish that another capture shows from the same side: ${said.first} have it first, ${said.sure} of them with at least eight in ten; ${said.wronglySure} have a wrong one so surely\n` +
      `${said.lone} show a fish that no other does: of ${said.none} a stranger is the likeliest, ${said.taken} are surely taken for another\n`,
  );
}
