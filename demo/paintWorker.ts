import { parentPort } from 'node:worker_threads';
import sharp from 'sharp';
import { paintPicture } from '@keeper/painter/paint';
import type { PictureOrder } from '@keeper/painter/pictureOrder';

/** One painting to do, with what the camera writes beside it. */
export interface PaintTask {
  readonly order: PictureOrder;
  readonly takenAtMs: number;
}

/** Paints and develops to JPEG, as an invented camera would have stored it. */
async function develop({ order, takenAtMs }: PaintTask): Promise<Uint8Array> {
  const { rgb, widthPx, heightPx } = paintPicture(order);
  const taken = new Date(takenAtMs).toISOString().replace(/-/g, ':').replace('T', ' ').slice(0, 19);
  return sharp(rgb, { raw: { width: widthPx, height: heightPx, channels: 3 } })
    .jpeg({ quality: 86 })
    .withExif({
      IFD0: { Make: 'Withy', Model: 'Pocket 2' },
      IFD2: { DateTimeOriginal: taken, OffsetTimeOriginal: '+00:00' },
    })
    .toBuffer();
}

parentPort?.on('message', (task: PaintTask) => {
  void develop(task).then((bytes) => parentPort?.postMessage(bytes));
});
