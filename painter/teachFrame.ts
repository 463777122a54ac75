// Teaches anew how a flank's frame settles on a picture, from pictures that are painted for it, and writes what it has
// learned to its output, for core/recognition/learned/learned.bin.
// Usage: node painter/dist/teachFrame.js carp|pike|barbel|wels [number of lessons]
import { createRng } from '@keeper/core/statistics/rng';
import { speciesOf } from '@keeper/core/domain/fish/anatomy';
import { SPECIES_IDS } from '@keeper/core/domain/fish/species';
import { namedFrame } from '@keeper/core/recognition/learned/learnedModels';
import { writeWeights } from '@keeper/core/recognition/learned/weightsFile';
import { PAINTED_KINDS } from './anyPicture.js';
import { frameLesson } from './frameLesson.js';
import { trainFrame } from './trainFrame.js';

const say = (line: string) => process.stderr.write(`${line}\n`);
/** Three kinds of carp share a build, and a catfish shows little to settle on: both need more pictures. */
const LESSONS: Readonly<Record<string, number>> = { carp: 1500, pike: 900, barbel: 900, wels: 2400 };
const [name = 'carp', count] = process.argv.slice(2);
const species = SPECIES_IDS.find((id) => id === name);
if (!species) throw new RangeError(`${name} is no species.`);
const kinds = PAINTED_KINDS.filter((kind) => speciesOf(kind) === species);
if (kinds.length === 0) throw new RangeError(`The brush knows no ${species}.`);
const wanted = Number(count ?? LESSONS[species]);
const lessons = Array.from({ length: wanted }, (_, i) => {
  if (i % 200 === 0) say(`${i} of ${wanted} painted`);
  return frameLesson(`flank of a ${species}, ${i}`, kinds[i % kinds.length] ?? 'carp-common');
});
const learned = trainFrame(lessons, createRng(`frame of a ${species}`), say);
process.stdout.write(writeWeights(namedFrame(species, learned)));
