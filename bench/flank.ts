import { mkdtemp, rm, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { dirname, join } from 'node:path';
import { parseArgs } from 'node:util';
import sharp from 'sharp';
import { readyPrint, type ReadyPrint } from '@keeper/core/flank/comparePrints';
import { flankPrint } from '@keeper/core/flank/flankPrint';
import { whoIsThis, type KnownFlank } from '@keeper/core/flank/whoIsThis';
import { kindOf, readFlankCsv, writeFlankCsv, type FlankRow } from './flankCsv.js';
import { flankFigures, type FlankAnswer } from './flankFigures.js';
import { paintFlankSet } from './flankSet.js';

/**
 * Recognition on any set of pictures: `--gallery G.csv --queries Q.csv --out R.json`. Where the queries say who they are, how often that was
 * found is printed; a query of a fish that the gallery does not hold is a stranger. Without a gallery a set is painted, `--painted N` fish a kind.
 */
export async function flankBench(): Promise<void> {
  const { values } = parseArgs({
    args: process.argv.slice(3),
    options: {
      gallery: { type: 'string' },
      queries: { type: 'string' },
      out: { type: 'string' },
      painted: { type: 'string', default: '12' },
      seed: { type: 'string', default: 'flank bench' },
    },
  });
  if (values.gallery && values.queries) {
    await answerAll(values.gallery, values.queries, values.out);
    return;
  }
  const folder = await mkdtemp(join(tmpdir(), 'keeper-flanks-'));
  const [gallery, queries] = [join(folder, 'G.csv'), join(folder, 'Q.csv')];
  const size = { seed: values.seed, perKind: Number(values.painted), unknown: 0.25, widthPx: 720 };
  process.stdout.write(`Painting ${size.perKind} fish of each kind, and as many queries and a third more…\n`);
  const set = await paintFlankSet(folder, size);
  await writeFlankCsv(gallery, set.gallery);
  await writeFlankCsv(queries, set.queries);
  await answerAll(gallery, queries, values.out);
  await rm(folder, { recursive: true });
}

interface Known extends KnownFlank {
  readonly row: FlankRow;
}

async function answerAll(galleryFile: string, queriesFile: string, out: string | undefined): Promise<void> {
  const times: number[] = [];
  const readyOf = async (file: string, row: FlankRow): Promise<ReadyPrint> => {
    const raw = await sharp(join(dirname(file), row.photo))
      .rotate()
      .removeAlpha()
      .toColourspace('srgb')
      .raw()
      .toBuffer({ resolveWithObject: true });
    const began = performance.now();
    const raster = { widthPx: raw.info.width, heightPx: raw.info.height, channels: 3, data: raw.data } as const;
    const ready = readyPrint(flankPrint(raster, row.landmarks, row.side, kindOf(row.species)));
    times.push(performance.now() - began);
    return ready;
  };
  const gallery: Known[] = [];
  for (const row of await readFlankCsv(galleryFile))
    gallery.push({ fishId: row.individual, row, ready: await readyOf(galleryFile, row) });
  const answers: FlankAnswer[] = [];
  for (const row of await readFlankCsv(queriesFile)) {
    const asked = await readyOf(queriesFile, row);
    const began = performance.now();
    const { candidates, stranger } = whoIsThis(asked, gallery);
    const t = performance.now() - began;
    const ranked = candidates.map(({ fishId, match, probability }) => ({
      individual: fishId,
      score: match.score,
      probability,
    }));
    answers.push({ query: row.photo, species: row.species, individual: row.individual, ranked, stranger, t });
  }
  if (out) {
    const shown = answers.map(({ query, ranked, stranger, t }) => ({ query, ranked, stranger, t }));
    await writeFile(out, `${JSON.stringify(shown, null, 1)}\n`);
  }
  const known = new Set(gallery.map(({ fishId }) => fishId));
  process.stdout.write(`${gallery.length} flanks in the gallery, ${answers.length} queries\n`);
  for (const line of flankFigures(answers, known)) process.stdout.write(`${line}\n`);
  const median = (of: readonly number[]) => of.toSorted((a, b) => a - b)[of.length >> 1] ?? 0;
  process.stdout.write(
    `print of a decoded picture: median ${median(times).toFixed(0)} ms; a query: median ${median(answers.map(({ t }) => t)).toFixed(0)} ms\n`,
  );
}
