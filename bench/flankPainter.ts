import { parentPort } from 'node:worker_threads';
import sharp from 'sharp';
import { paintPicture } from '@keeper/painter/paint';
import type { FlankPainted, FlankTask } from './flankSet.js';

/** Paints pictures of flanks beside the main thread. */
async function painted({ order, quality }: FlankTask): Promise<FlankPainted> {
  const { rgb, widthPx, heightPx, landmarksPx } = paintPicture(order);
  const raw = { width: widthPx, height: heightPx, channels: 3 } as const;
  return { jpeg: await sharp(rgb, { raw }).jpeg({ quality }).toBuffer(), landmarks: landmarksPx };
}

parentPort?.on('message', (task: FlankTask) => {
  void painted(task).then((done) => parentPort?.postMessage(done));
});
