import { writeFileSync } from 'node:fs';
import { appendBench } from './append.js';
import { backupBench } from './backup.js';
import { bookAtScaleBench } from './bookAtScale.js';
import { bookBench } from './bookPage.js';
import { bundleBench } from './bundle.js';
import { coldStartBench } from './coldStart.js';
import { demoKnownBench } from './demoKnown.js';
import { figuresSoFar } from './figures.js';
import { finderBench } from './finder.js';
import { findingsBench } from './findings.js';
import { findingsPartsBench } from './findingsParts.js';
import { findingsSpeed } from './findingsSpeed.js';
import { flankBench } from './flank.js';
import { growthBench } from './growth.js';
import { importSheetBench } from './importSheet.js';
import { ingestBench } from './ingest.js';
import { lengthBench } from './length.js';
import { meetingListBench } from './meetingList.js';
import { layoutBench } from './layout.js';
import { offlineStartBench } from './offlineStart.js';
import { picturesBench } from './pictures.js';
import { picturesOnScreenBench } from './picturesOnScreen.js';
import { runScreenBench, tapsBench } from './runScreen.js';
import { slipsBench } from './slips.js';
import { weighBench } from './weigh.js';
import { weighCoverageBench } from './weighCoverage.js';

/** Prints what is measured, each beside its baseline from the same run. One part can be asked for by name. */
const PARTS = {
  weigh: () => {
    weighBench();
    weighCoverageBench(process.argv[3] === undefined ? undefined : Number(process.argv[3]));
  },
  slips: slipsBench,
  growth: growthBench,
  length: lengthBench,
  pictures: picturesBench,
  finder: finderBench,
  ingest: ingestBench,
  screen: picturesOnScreenBench,
  flank: flankBench,
  findings: () => {
    const books = process.argv[3] === undefined ? 1000 : Number(process.argv[3]);
    findingsSpeed();
    findingsPartsBench(books);
    findingsBench(books);
  },
  known: demoKnownBench,
  append: appendBench,
  bundle: bundleBench,
  start: coldStartBench,
  taps: tapsBench,
  layout: layoutBench,
  meeting: meetingListBench,
  offline: offlineStartBench,
  import: importSheetBench,
  book: bookAtScaleBench,
  backup: () => backupBench(Number(process.argv[3] ?? 1)),
} as const;
const WHOLE = [
  coldStartBench,
  appendBench,
  bookBench,
  layoutBench,
  meetingListBench,
  bundleBench,
  runScreenBench,
] as const;

/** `--json FILE` writes the figures down, `--strict` ends with 1 where an aim is missed; the rest is for the parts. */
function takeOptions(args: string[]): { readonly json: string | undefined; readonly strict: boolean } {
  const strictAt = args.indexOf('--strict');
  if (strictAt >= 0) args.splice(strictAt, 1);
  const jsonAt = args.indexOf('--json');
  const [, json] = jsonAt >= 0 ? args.splice(jsonAt, 2) : [];
  return { json, strict: strictAt >= 0 };
}

const { json, strict } = takeOptions(process.argv);
const wanted = process.argv[2];
const isPart = (name: string | undefined): name is keyof typeof PARTS => name !== undefined && name in PARTS;
for (const bench of isPart(wanted) ? [PARTS[wanted]] : WHOLE) await bench();

const figures = figuresSoFar();
const met = figures.filter((figure) => figure.met === true).length;
const missed = figures.filter((figure) => figure.met === false).length;
process.stdout.write(`${met} aims met, ${missed} missed\n`);
if (json !== undefined) writeFileSync(json, `${JSON.stringify(figures, null, 2)}\n`);
if (strict && missed > 0) process.exitCode = 1;
