import { appendBench } from './append.js';
import { bookBench } from './bookPage.js';
import { bundleBench } from './bundle.js';
import { coldStartBench } from './coldStart.js';
import { demoKnownBench } from './demoKnown.js';
import { finderBench } from './finder.js';
import { flankBench } from './flank.js';
import { growthBench } from './growth.js';
import { ingestBench } from './ingest.js';
import { lengthBench } from './length.js';
import { layoutBench } from './layout.js';
import { picturesBench } from './pictures.js';
import { picturesOnScreenBench } from './picturesOnScreen.js';
import { runScreenBench } from './runScreen.js';
import { slipsBench } from './slips.js';
import { weighBench } from './weigh.js';
import { weighCoverageBench } from './weighCoverage.js';

/** Prints what is measured, each beside its baseline from the same run. One part can be asked for by name. */
const PARTS = {
  weigh: () => {
    weighBench();
    weighCoverageBench();
  },
  ...{ slips: slipsBench, growth: growthBench, length: lengthBench },
  ...{ pictures: picturesBench, finder: finderBench, ingest: ingestBench, screen: picturesOnScreenBench },
  ...{ flank: flankBench, known: demoKnownBench },
} as const;
const WHOLE = [coldStartBench, appendBench, bookBench, layoutBench, bundleBench, runScreenBench] as const;

const wanted = process.argv[2];
const isPart = (name: string | undefined): name is keyof typeof PARTS => name !== undefined && name in PARTS;
for (const bench of isPart(wanted) ? [PARTS[wanted]] : WHOLE) await bench();
