// Teaches the finder of fish anew, from pictures that are painted for it, and writes what it has learned.
// Usage: node painter/dist/teachFinder.js [number of lessons] > core/recognition/finder/fishFinderWeights.ts
import { createRng } from '@keeper/core/statistics/rng';
import { pack } from '@keeper/core/image/packedWeights';
import { lesson } from './lessons.js';
import { trainFinder } from './trainFinder.js';

const say = (line: string) => process.stderr.write(`${line}\n`);
const wanted = Number(process.argv[2] ?? 4200);
const lessons = Array.from({ length: wanted }, (_, i) => {
  if (i % 200 === 0) say(`${i} of ${wanted} painted`);
  return lesson(`lesson ${i}`);
});
const { steps, quality } = trainFinder(lessons, createRng('train'), say);
process.stdout.write(
  [
    "import type { PackedWeights } from './packedWeights.js';",
    '',
    `/** Learned from ${wanted} painted pictures by \`npm run train:finder\`; not written by hand. */`,
    'export const FISH_FINDER_WEIGHTS: {',
    '  readonly steps: readonly PackedWeights[];',
    '  readonly quality: PackedWeights;',
    `} = ${JSON.stringify({ steps: steps.map((step) => pack(step)), quality: pack(quality) })};`,
    '',
  ].join('\n'),
);
