// Teaches anew how a flank's frame settles on a picture, from pictures that are painted for it, and writes what it has
// learned.
// Usage: node painter/dist/teachFrame.js carp|pike|barbel|wels [number of lessons] >
// core/recognition/landmarks/carpFrameWeights.ts
import { createRng } from '@keeper/core/statistics/rng';
import { speciesOf } from '@keeper/core/domain/fish/anatomy';
import type { StepWeights } from '@keeper/core/recognition/landmarks/refineFrame';
import { pack } from '@keeper/core/image/packedWeights';
import { PAINTED_KINDS } from './anyPicture.js';
import { frameLesson } from './frameLesson.js';
import { trainFrame } from './trainFrame.js';

const say = (line: string) => process.stderr.write(`${line}\n`);
/** Three kinds of carp share a build, and a catfish shows little to settle on: both need more pictures. */
const LESSONS: Readonly<Record<string, number>> = { carp: 1500, pike: 900, barbel: 900, wels: 2400 };
const [species = 'carp', count] = process.argv.slice(2);
const kinds = PAINTED_KINDS.filter((kind) => speciesOf(kind) === species);
if (kinds.length === 0) throw new RangeError(`The brush knows no ${species}.`);
const wanted = Number(count ?? LESSONS[species]);
const lessons = Array.from({ length: wanted }, (_, i) => {
  if (i % 200 === 0) say(`${i} of ${wanted} painted`);
  return frameLesson(`flank of a ${species}, ${i}`, kinds[i % kinds.length] ?? 'carp-common');
});
const { far, near, bend } = trainFrame(lessons, createRng(`frame of a ${species}`), say);
const packed = (step: readonly StepWeights[]) =>
  step.map((weights) => ({ ...pack(weights.subarray(0, -1), 1), constant: Number(weights.at(-1)?.toFixed(7)) }));
process.stdout.write(
  [
    "import type { PackedSettleModel } from './packedSteps.js';",
    '',
    `/** Learned from ${wanted} painted pictures by \`npm run train:frame\`; not written by hand. */`,
    `export const ${species.toUpperCase()}_FRAME_WEIGHTS: PackedSettleModel = ${JSON.stringify({ far: packed(far), near: packed(near), bend: packed(bend) })};`,
    '',
  ].join('\n'),
);
