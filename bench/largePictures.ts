import { createRng } from '@keeper/core/statistics/rng';
import { cameraScene } from '@keeper/standins/camera';
import sharp from 'sharp';

/** Different pictures of 4000 x 3000: one painted scene, enlarged, each with a grain of its own. */
export async function largePictures(count: number, seed = 'ingest'): Promise<Buffer[]> {
  const { rgba, widthPx, heightPx } = cameraScene(seed, 'carp-mirror', 'left', 800);
  const scene = sharp(rgba, { raw: { width: widthPx, height: heightPx, channels: 4 } })
    .removeAlpha()
    .resize(4000, 3000);
  const large = await scene.raw().toBuffer();
  const luck = createRng('grain');
  const made: Buffer[] = [];
  for (let i = 0; i < count; i += 1) {
    for (let at = luck.whole(0, 40); at < large.length; at += luck.whole(7, 60))
      large[at] = Math.min(255, (large[at] ?? 0) + 6);
    made.push(
      await sharp(large, { raw: { width: 4000, height: 3000, channels: 3 } })
        .jpeg({ quality: 88 })
        .toBuffer(),
    );
  }
  return made;
}
