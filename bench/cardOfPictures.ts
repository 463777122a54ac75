import { mkdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { cameraScene } from '@keeper/standins/camera';
import sharp from 'sharp';

/**
 * Writes so many files as a card has them, one every twenty minutes, some of them broken; answers with where each lies.
 */
export async function cardOf(folder: string, pictures: number, broken = 0): Promise<string[]> {
  mkdirSync(folder, { recursive: true });
  const { rgba, widthPx, heightPx } = cameraScene('card', 'carp-mirror', 'left', 800);
  const scene = await sharp(rgba, { raw: { width: widthPx, height: heightPx, channels: 4 } })
    .removeAlpha()
    .resize(1600, 1200)
    .raw()
    .toBuffer();
  const files: string[] = [];
  for (let i = 0; i < pictures; i += 1) {
    scene.writeUInt32LE(i, 0);
    scene.fill(i % 251, 4, 9000);
    const bytes = await sharp(scene, { raw: { width: 1600, height: 1200, channels: 3 } })
      .jpeg({ quality: 85 })
      .withExif({ IFD2: { DateTimeOriginal: dateOf(i) } })
      .toBuffer();
    const file = join(folder, `IMG_${String(i).padStart(4, '0')}.JPG`);
    writeFileSync(file, broken > 0 && i % Math.ceil(pictures / broken) === 3 ? bytes.subarray(0, 90) : bytes);
    files.push(file);
  }
  return files;
}

/** One picture every twenty minutes. */
function dateOf(i: number): string {
  const at = new Date(Date.UTC(2026, 4, 1) + i * 1_200_000).toISOString();
  return `${at.slice(0, 10).replaceAll('-', ':')} ${at.slice(11, 19)}`;
}
