import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { parentPort } from 'node:worker_threads';
import sharp from 'sharp';
import type { PaintedKind } from '@keeper/core/domain/fish/anatomy';
import { describeFlank } from '@keeper/core/recognition/descriptor/flankDescriptor';
import { proposedFish } from '@keeper/core/recognition/finder/proposedFish';
import type { LandmarksPx } from '@keeper/core/domain/fish/landmarks';
import type { Raster } from '@keeper/core/image/raster';
import { readLearned } from '@keeper/core/recognition/learned/learnedModels';
import { scaled } from '@keeper/core/domain/fish/landmarks';
import type { MadeDescriptor, DescriptorOrder } from './descriptorOrder.js';

const learned = readLearned(readFileSync(createRequire(import.meta.url).resolve('@keeper/core/learned.bin')));

/** The print of one picture; null where no flank lies clearly enough in it. */
async function printed({ copy, widthPx, kind, told }: DescriptorOrder): Promise<MadeDescriptor | null> {
  const { data, info } = await sharp(copy)
    .removeAlpha()
    .toColourspace('srgb')
    .raw()
    .toBuffer({ resolveWithObject: true });
  const raster: Raster = { widthPx: info.width, heightPx: info.height, channels: 3, data };
  const by = info.width / widthPx;
  const seen = told ? { landmarks: scaled(told.landmarks, by), side: told.side } : proposed(raster, kind);
  if (!seen) return null;
  const { cells } = describeFlank(raster, seen.landmarks, seen.side, kind, learned);
  return {
    side: seen.side,
    landmarks: scaled(seen.landmarks, 1 / by),
    cells: Buffer.from(cells.buffer, cells.byteOffset, cells.byteLength).toString('base64'),
  };
}

function proposed(raster: Raster, kind: PaintedKind): { landmarks: LandmarksPx; side: 'left' | 'right' } | undefined {
  const fish = proposedFish(raster, learned, kind);
  if (!fish || fish.doubtful) return undefined;
  return { landmarks: fish.landmarks, side: fish.mirrored ? 'right' : 'left' };
}

parentPort?.on('message', (order: DescriptorOrder) => {
  printed(order).then(
    (made) => parentPort?.postMessage({ made }),
    () => parentPort?.postMessage({ made: null }),
  );
});
