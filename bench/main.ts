import { appendBench } from './append.js';
import { bookBench } from './bookPage.js';
import { bundleBench } from './bundle.js';
import { coldStartBench } from './coldStart.js';

/** Prints what is measured, each beside its baseline from the same run. */
await coldStartBench();
await appendBench();
await bookBench();
bundleBench();
