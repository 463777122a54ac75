import { demoCaptures } from './captures.js';

// Prints, as JSON, which fish each capture of the demo world really shows: the book itself is told of few.
process.stdout.write(
  `${JSON.stringify(Object.fromEntries(demoCaptures().map(({ captureId, fish }) => [captureId, fish.name])))}\n`,
);
