import { proposedFish } from '@keeper/core/recognition/finder/proposedFish';
import { findFish } from '@keeper/core/recognition/finder/findFish';
import { planesOf } from '@keeper/core/image/raster';
import { anyPicture, PAINTED_KINDS } from '@keeper/painter/anyPicture';
import { createRng } from '@keeper/core/statistics/rng';
import { lesson } from '@keeper/painter/lessons';
import { errorOf } from '@keeper/painter/trainFinder';
import { learnedModels } from './learnedModels.js';
import { quantile, report } from './figures.js';

const PICTURES = 500;

/**
 * How far the six points that the finder proposes lie from the truth, on painted pictures that it has not learned from.
 */
export function finderBench(): void {
  const byKind = new Map<string, number[]>(PAINTED_KINDS.map((kind) => [kind, []]));
  const led: number[] = [];
  const learned = learnedModels();
  let [none, doubted, wrong, wrongAndDoubted] = [0, 0, 0, 0];
  const times: number[] = [];
  for (let i = 0; i < PICTURES; i += 1) {
    const name = `unseen by the finder ${i}`;
    const { kind } = anyPicture(createRng(name), name);
    const { raster, landmarks } = lesson(name);
    const planes = planesOf(raster);
    const began = performance.now();
    const found = findFish(planes, learned.finder);
    times.push(performance.now() - began);
    if (!found) {
      none += 1;
      continue;
    }
    const error = errorOf(found.landmarks, landmarks);
    byKind.get(kind)?.push(error);
    led.push(errorOf(proposedFish(raster, learned, kind)?.landmarks ?? found.landmarks, landmarks));
    const doubt = found.quality < 0.45 || found.spread > 0.06;
    doubted += doubt ? 1 : 0;
    wrong += error > 0.1 ? 1 : 0;
    wrongAndDoubted += doubt && error > 0.1 ? 1 : 0;
  }
  const percent = (share: number) => `${(100 * share).toFixed(1)} %`;
  const row = (name: string, errors: readonly number[]) =>
    process.stdout.write(
      `${name.padEnd(16)}${String(errors.length).padStart(5)} found   median ${percent(quantile(errors, 0.5))}   90th ${percent(quantile(errors, 0.9))}   within 3 % ${percent(errors.filter((error) => error <= 0.03).length / errors.length)}\n`,
    );
  process.stdout.write(
    `${PICTURES} painted pictures of unseen seeds, no tap; mean error of the six points in lengths of the fish\n`,
  );
  for (const [kind, errors] of byKind) row(kind, errors);
  const all = [...byKind.values()].flat();
  row('all', all);
  row('kind known', led);
  report('mean error of the six points, median over all kinds', 100 * quantile(all, 0.5), '%', 3);
  process.stdout.write(
    `no fish found ${none}; doubted and asks for a look ${doubted}; off by more than 10 %: ${wrong}, of them doubted ${wrongAndDoubted}; ${quantile(times, 0.5).toFixed(0)} ms each\n`,
  );
}
