import { mkdtemp, rm, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { dirname, join } from 'node:path';
import { parseArgs } from 'node:util';
import { prepareDescriptor, type PreparedDescriptor } from '@keeper/core/recognition/descriptor/compareDescriptors';
import { describeFlank } from '@keeper/core/recognition/descriptor/flankDescriptor';
import { proposedFish } from '@keeper/core/recognition/finder/proposedFish';
import { whoIsThis, type KnownFlank } from '@keeper/core/recognition/identity/whoIsThis';
import { scaled } from '@keeper/core/domain/fish/landmarks';
import { learnedModels } from './learnedModels.js';
import { kindOf, readFlankCsv, writeFlankCsv, type FlankRow } from './flankCsv.js';
import { flankFigures, type FlankAnswer } from './flankFigures.js';
import { generalMatcher, type GeneralPrint } from './generalMatcher.js';
import { readPicture } from './readPicture.js';
import { paintFlankSet } from './flankSet.js';
import { flankSpeedBench } from './flankSpeed.js';

/**
 * Recognition on any set of pictures: `--gallery G.csv --queries Q.csv --out R.json`. Where the queries say who they
 * are, how often that was found is printed; a query of a fish that the gallery does not hold is a stranger. Without a
 * gallery a set is painted, `--painted N` fish a kind, and left in the folder `--keep` where one is named. With
 * `--landmarks machine` the six points of the queries are those that are proposed, not those that are told. With
 * `--baseline N` so many of the queries are put to a general-purpose library too. `--speed` measures only how quick it
 * is.
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
      keep: { type: 'string' },
      landmarks: { type: 'string', default: 'told' },
      baseline: { type: 'string' },
      speed: { type: 'boolean', default: false },
    },
  });
  if (values.speed) return flankSpeedBench();
  const choices = {
    out: values.out,
    byMachine: values.landmarks === 'machine',
    baseline: Number(values.baseline ?? 0),
  };
  if (values.gallery && values.queries) {
    await answerAll(values.gallery, values.queries, choices);
    return;
  }
  const folder = values.keep ?? (await mkdtemp(join(tmpdir(), 'keeper-flanks-')));
  const [gallery, queries] = [join(folder, 'G.csv'), join(folder, 'Q.csv')];
  const size = { seed: values.seed, perKind: Number(values.painted), unknown: 0.25, widthPx: 720 };
  process.stdout.write(`Painting ${size.perKind} fish of each kind, and as many queries and a third more…\n`);
  const set = await paintFlankSet(folder, size);
  await writeFlankCsv(gallery, set.gallery);
  await writeFlankCsv(queries, set.queries);
  await answerAll(gallery, queries, choices);
  if (!values.keep) await rm(folder, { recursive: true });
}

interface Known extends KnownFlank {
  readonly row: FlankRow;
}

interface Choices {
  readonly out: string | undefined;
  /** The six points of the queries are those that are proposed. */
  readonly byMachine: boolean;
  /** So many queries are answered by a general-purpose library too. */
  readonly baseline: number;
}

async function answerAll(
  galleryFile: string,
  queriesFile: string,
  { out, byMachine, baseline }: Choices,
): Promise<void> {
  const times: number[] = [];
  const learned = learnedModels();
  let [unseen, doubted] = [0, 0];
  const readyOf = async (file: string, row: FlankRow, propose = false): Promise<PreparedDescriptor | undefined> => {
    const { raster, landmarks: told } = await pictureOf(file, row);
    const began = performance.now();
    const kind = kindOf(row.species);
    const proposed = propose ? proposedFish(raster, learned, kind) : undefined;
    // The six points as the picture bench proposes them; where it doubts them it asks, and here nobody answers: they
    // are taken as they are.
    if (propose && !proposed) return undefined;
    if (proposed?.doubtful) doubted += 1;
    const ready = prepareDescriptor(describeFlank(raster, proposed?.landmarks ?? told, row.side, kind, learned));
    times.push(performance.now() - began);
    return ready;
  };
  const gallery: Known[] = [];
  for (const row of await readFlankCsv(galleryFile)) {
    const ready = await readyOf(galleryFile, row);
    if (ready) gallery.push({ fishId: row.individual, row, ready });
  }
  const answers: FlankAnswer[] = [];
  for (const row of await readFlankCsv(queriesFile)) {
    const asked = await readyOf(queriesFile, row, byMachine);
    const began = performance.now();
    if (!asked) unseen += 1;
    // Where no fish stands out, nothing is said of it, and none of the known is proposed.
    const { candidates, stranger } = asked ? whoIsThis(asked, gallery) : { candidates: [], stranger: 1 };
    const t = performance.now() - began;
    const ranked = candidates.map(({ fishId, match, probability }) => ({
      individual: fishId,
      score: match.score,
      probability,
    }));
    answers.push({ query: row.photo, species: row.species, individual: row.individual, ranked, stranger, t });
  }
  if (out) {
    const shown = answers.map(({ query, ranked, stranger, t: ms }) => ({ query, ranked, stranger, ms }));
    await writeFile(out, `${JSON.stringify(shown, null, 1)}\n`);
  }
  if (byMachine)
    process.stdout.write(
      `landmarks of the queries by machine; no fish found in ${unseen} of them, points doubted and taken as they are in ${doubted}\n`,
    );
  const known = new Set(gallery.map(({ fishId }) => fishId));
  process.stdout.write(`${gallery.length} flanks in the gallery, ${answers.length} queries\n`);
  for (const line of flankFigures(answers, known)) process.stdout.write(`${line}\n`);
  process.stdout.write(
    `print of a decoded picture: median ${median(times).toFixed(0)} ms; a query: median ${median(answers.map(({ t }) => t)).toFixed(0)} ms\n`,
  );
  if (baseline > 0) await baselineBench(galleryFile, queriesFile, baseline, answers);
}

/** The picture of a row as it is read, and its six points in the pixels of that. */
async function pictureOf(file: string, { photo, landmarks }: FlankRow) {
  const { raster, by } = await readPicture(join(dirname(file), photo));
  return { raster, landmarks: scaled(landmarks, by) };
}

/**
 * The same question put to a general-purpose library, of as many queries as were wanted, evenly out of all; ours of the
 * same beside it.
 */
async function baselineBench(
  galleryFile: string,
  queriesFile: string,
  wanted: number,
  ours: readonly FlankAnswer[],
): Promise<void> {
  const { print, likeness } = await generalMatcher();
  const printOf = async (file: string, row: FlankRow) => {
    const { raster, landmarks } = await pictureOf(file, row);
    return print(raster, landmarks, kindOf(row.species));
  };
  const gallery: { row: FlankRow; print: GeneralPrint }[] = [];
  for (const row of await readFlankCsv(galleryFile)) gallery.push({ row, print: await printOf(galleryFile, row) });
  const queries = await readFlankCsv(queriesFile);
  const asked = queries.filter(
    (_, i) => Math.floor((i * wanted) / queries.length) !== Math.floor(((i - 1) * wanted) / queries.length),
  );
  const answers: FlankAnswer[] = [];
  for (const row of asked) {
    const own = await printOf(queriesFile, row);
    const began = performance.now();
    const ranked = gallery
      .filter((each) => each.row.side === row.side && each.row.species === row.species)
      .map((each) => ({ individual: each.row.individual, score: likeness(own, each.print) }))
      .sort((a, b) => b.score - a.score)
      // It says no probability: only the order of what it says is compared with ours.
      .map((each) => ({ ...each, probability: each.score / (each.score + 20) }));
    own.descriptors.delete();
    answers.push({
      query: row.photo,
      species: row.species,
      individual: row.individual,
      ranked,
      stranger: 0,
      t: performance.now() - began,
    });
  }
  const known = new Set(gallery.map(({ row }) => row.individual));
  const same = ours.filter(({ query }) => answers.some((answer) => answer.query === query));
  process.stdout.write(
    `${answers.length} of the queries again, ours and then a general-purpose library (ORB, ratio, RANSAC):\n`,
  );
  for (const of of [same, answers])
    for (const line of flankFigures(of, known).filter((each) => !each.startsWith('reliability')))
      process.stdout.write(`${line}\n`);
  process.stdout.write(`a query of the library: median ${median(answers.map(({ t }) => t)).toFixed(0)} ms\n`);
}

function median(of: readonly number[]): number {
  return of.toSorted((a, b) => a - b)[of.length >> 1] ?? 0;
}
