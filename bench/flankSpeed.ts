import sharp from 'sharp';
import { createRng } from '@keeper/core/statistics/rng';
import { prepareDescriptor, type PreparedDescriptor } from '@keeper/core/recognition/descriptor/compareDescriptors';
import { describeFlank } from '@keeper/core/recognition/descriptor/flankDescriptor';
import { proposedFish } from '@keeper/core/recognition/finder/proposedFish';
import { whoIsThis, type KnownFlank } from '@keeper/core/recognition/identity/whoIsThis';
import type { Raster } from '@keeper/core/image/raster';
import { anyPicture } from '@keeper/painter/anyPicture';
import { paintPicture } from '@keeper/painter/paint';
import { learnedModels } from './learnedModels.js';
import { quantile, report, timed } from './figures.js';
import { readPicture } from './readPicture.js';

const KIND = 'carp-mirror';
/**
 * Fish that are painted, each twice; the rest of a large register is made of their prints, turned tail to head and
 * moved round by some cells.
 */
const PAINTED = 16;
const PICTURES = 8;

/**
 * How long the answer takes against a thousand and ten thousand flanks of one kind and side, and a print from a 12 MP
 * JPEG, on one core.
 */
export async function flankSpeedBench(): Promise<void> {
  const luck = createRng('flank speed');
  const shot = (fish: string, name: string) => {
    const order = { ...anyPicture(luck, name, { ...SIZE, spoilt: 0.2, kind: KIND, side: 'left' }), fish };
    return paintPicture(order);
  };
  const [known, asked]: [PreparedDescriptor[], PreparedDescriptor[]] = [[], []];
  const large: Buffer[] = [];
  for (let i = 0; i < PAINTED; i += 1) {
    for (const [list, name] of [
      [known, 'known'],
      [asked, 'asked'],
    ] as const) {
      const { rgb, widthPx, heightPx, landmarksPx } = shot(`fish ${i}`, `${name} ${i}`);
      const raster: Raster = { widthPx, heightPx, channels: 3, data: rgb };
      list.push(prepareDescriptor(describeFlank(raster, landmarksPx, 'left', KIND, learned)));
      if (list === asked && large.length < PICTURES) large.push(await twelveMegapixels(raster));
    }
  }
  for (const [flanks, aimMs] of [
    [1_000, 150],
    [10_000, 1_000],
  ] as const) {
    const register = registerOf(known, flanks);
    const times: number[] = [];
    for (const each of asked) times.push(await timed(() => whoIsThis(each, register)));
    report(`a flank compared with ${flanks} of its side and kind, median`, quantile(times, 0.5), 'ms', aimMs);
    report(`a flank compared with ${flanks} of its side and kind, 95 %`, quantile(times, 0.95), 'ms');
  }
  const times: number[] = [];
  for (const jpeg of large) times.push(await timed(() => printOf(jpeg)));
  report('a 12 MP JPEG decoded, its fish found, its print made, median', quantile(times, 0.5), 'ms', 400);
}

const learned = learnedModels();
const SIZE = { widthPx: 720, heightPx: 540 } as const;

function registerOf(painted: readonly PreparedDescriptor[], flanks: number): KnownFlank[] {
  return Array.from({ length: flanks }, (_, i) => {
    const { print } = painted[i % painted.length] as PreparedDescriptor;
    if (i < painted.length) return { fishId: `${i}`, ready: painted[i] as PreparedDescriptor };
    const by = 37 * i;
    const cells = print.cells.map((_cell, at) => print.cells.at(-1 - ((at + by) % print.cells.length)) as number);
    return { fishId: `${i}`, ready: prepareDescriptor({ ...print, cells }) };
  });
}

function twelveMegapixels({ widthPx, heightPx, data }: Raster): Promise<Buffer> {
  return sharp(Buffer.from(data), { raw: { width: widthPx, height: heightPx, channels: 3 } })
    .resize(4000, 3000)
    .jpeg({ quality: 90 })
    .toBuffer();
}

async function printOf(jpeg: Buffer): Promise<void> {
  const { raster } = await readPicture(jpeg);
  const fish = proposedFish(raster, learned, KIND);
  if (fish) describeFlank(raster, fish.landmarks, 'left', KIND, learned);
}
