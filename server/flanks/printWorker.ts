import { parentPort } from 'node:worker_threads';
import sharp from 'sharp';
import { flankPrint } from '@keeper/core/flank/flankPrint';
import { findFish, isDoubtful, type LandmarksPx } from '@keeper/core/picture/findFish';
import { fishFinderModel } from '@keeper/core/picture/fishFinderModel';
import { planesOf, shrunkRaster, type Raster } from '@keeper/core/picture/raster';
import { scaled } from '@keeper/core/picture/verdict';
import type { MadePrint, PrintOrder } from './printOrder.js';

const FIND_PX = 256;

/** The print of one picture; null where no flank lies clearly enough in it. */
async function printed({ copy, widthPx, kind, told }: PrintOrder): Promise<MadePrint | null> {
  const { data, info } = await sharp(copy)
    .removeAlpha()
    .toColourspace('srgb')
    .raw()
    .toBuffer({ resolveWithObject: true });
  const raster: Raster = { widthPx: info.width, heightPx: info.height, channels: 3, data };
  const by = info.width / widthPx;
  const seen = told ? { landmarks: scaled(told.landmarks, by), side: told.side } : proposed(raster);
  if (!seen) return null;
  const { cells } = flankPrint(raster, seen.landmarks, seen.side, kind);
  return {
    ...{ side: seen.side, landmarks: scaled(seen.landmarks, 1 / by) },
    cells: Buffer.from(cells.buffer, cells.byteOffset, cells.byteLength).toString('base64'),
  };
}

function proposed(raster: Raster): { landmarks: LandmarksPx; side: 'left' | 'right' } | undefined {
  const small = shrunkRaster(raster, FIND_PX);
  const found = findFish(planesOf(small), fishFinderModel());
  if (!found || isDoubtful(found)) return undefined;
  return {
    landmarks: scaled(found.landmarks, raster.widthPx / small.widthPx),
    side: found.mirrored ? 'right' : 'left',
  };
}

parentPort?.on('message', (order: PrintOrder) => {
  printed(order).then(
    (made) => parentPort?.postMessage({ made }),
    () => parentPort?.postMessage({ made: null }),
  );
});
