// Teaches the finder of fish anew, from pictures that are painted for it, and writes what it has learned to its
// output, for core/recognition/learned/learned.bin.
// Usage: node painter/dist/teachFinder.js [number of lessons]
import { createRng } from '@keeper/core/statistics/rng';
import { namedFinder } from '@keeper/core/recognition/learned/learnedModels';
import { writeWeights } from '@keeper/core/recognition/learned/weightsFile';
import { lesson } from './lessons.js';
import { trainFinder } from './trainFinder.js';

const say = (line: string) => process.stderr.write(`${line}\n`);
const wanted = Number(process.argv[2] ?? 4200);
const lessons = Array.from({ length: wanted }, (_, i) => {
  if (i % 200 === 0) say(`${i} of ${wanted} painted`);
  return lesson(`lesson ${i}`);
});
process.stdout.write(writeWeights(namedFinder(trainFinder(lessons, createRng('train'), say))));
