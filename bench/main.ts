import { appendBench } from './append.js';
import { bookBench } from './bookPage.js';
import { bundleBench } from './bundle.js';
import { coldStartBench } from './coldStart.js';
import { layoutBench } from './layout.js';
import { runScreenBench } from './runScreen.js';

/** Prints what is measured, each beside its baseline from the same run. */
await coldStartBench();
await appendBench();
await bookBench();
await layoutBench();
bundleBench();
await runScreenBench();
