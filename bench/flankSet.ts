import { mkdir, writeFile } from 'node:fs/promises';
import { availableParallelism } from 'node:os';
import { join } from 'node:path';
import { Worker } from 'node:worker_threads';
import { createRng, type Rng } from '@keeper/core/statistics/rng';
import { LANDMARKS, type LandmarksPx } from '@keeper/core/domain/fish/landmarks';
import { anyPicture, PAINTED_KINDS } from '@keeper/painter/anyPicture';
import { CLEAN, type Nuisance } from '@keeper/painter/nuisance';
import type { PictureOrder } from '@keeper/painter/pictureOrder';
import { speciesName, type FlankRow } from './flankCsv.js';

/** One picture to paint: the order, how strongly its JPEG is pressed, and how far the points are tapped off. */
export interface FlankTask {
  readonly order: PictureOrder;
  readonly quality: number;
}

export interface FlankPainted {
  readonly jpeg: Uint8Array;
  readonly landmarks: LandmarksPx;
}

export interface FlankSetSize {
  readonly seed: string;
  /** Individuals of each kind that are in the gallery. */
  readonly perKind: number;
  /** Share of the queries that show a fish which is not in the gallery. */
  readonly unknown: number;
  readonly widthPx: number;
}

/** Taps are off by this much of the fish's length, each way. */
const TAP_MISS = 0.015 / Math.SQRT2;

/**
 * Paints a gallery and queries of it into a folder, one picture of each fish and one more, as widely varied as the
 * painter can: pose, girth, light, camera, hands, glare, mild blur, JPEG, taps that are off. Gives the rows of both.
 */
export async function paintFlankSet(folder: string, { seed, perKind, unknown, widthPx }: FlankSetSize) {
  await mkdir(folder, { recursive: true });
  const luck = createRng(seed);
  const [gallery, queries]: [FlankRow[], FlankRow[]] = [[], []];
  const jobs: { readonly task: FlankTask; readonly done: (painted: FlankPainted) => Promise<void> }[] = [];
  const add = (
    rows: FlankRow[],
    fish: string,
    individual: string,
    kind: PictureOrder['kind'],
    side: 'left' | 'right',
    photo: string,
  ) => {
    const order = ordered(luck, fish, kind, side, `${seed} ${photo}`, widthPx);
    const taps = LANDMARKS.map(() => ({ x: luck.normal(), y: luck.normal() }));
    const at = rows.push({ photo, individual, species: speciesName(kind), side, landmarks: undefined as never }) - 1;
    jobs.push({
      task: { order, quality: Math.round(luck.between(60, 92)) },
      done: async ({ jpeg, landmarks }) => {
        await writeFile(join(folder, photo), jpeg);
        const lengthPx = Math.hypot(landmarks.fork.x - landmarks.snout.x, landmarks.fork.y - landmarks.snout.y);
        rows[at] = { ...(rows[at] as FlankRow), landmarks: tapped(landmarks, taps, TAP_MISS * lengthPx) };
      },
    });
  };
  for (const kind of PAINTED_KINDS) {
    for (let i = 0; i < perKind; i += 1) {
      const side = luck.pick(['left', 'right'] as const);
      const id = `${kind}-${i}`;
      add(gallery, `${seed} ${id}`, id, kind, side, `g-${id}.jpg`);
      add(queries, `${seed} ${id}`, id, kind, side, `q-${id}.jpg`);
    }
    const strangers = Math.round((perKind * unknown) / (1 - unknown));
    for (let i = 0; i < strangers; i += 1) {
      const side = luck.pick(['left', 'right'] as const);
      const id = `${kind}-stranger-${i}`;
      add(queries, `${seed} ${id}`, id, kind, side, `q-${id}.jpg`);
    }
  }
  await onAllCores(jobs);
  return { gallery, queries };
}

function ordered(
  luck: Rng,
  fish: string,
  kind: PictureOrder['kind'],
  side: 'left' | 'right',
  shot: string,
  widthPx: number,
): PictureOrder {
  const order = anyPicture(luck, shot, { widthPx, heightPx: Math.round(widthPx * 0.75), spoilt: 0, kind, side });
  return {
    ...order,
    fish,
    shot,
    nuisance: { ...CLEAN, ...wrong(luck) },
    girth: luck.between(0.94, 1.06),
  };
}

/** Mildly wrong pictures: what is beyond that is sent away by the verdicts of the bench. */
function wrong(luck: Rng): Partial<Nuisance> {
  const is = (share: number) => luck.next() < share;
  return {
    blur: is(0.3) ? luck.between(0.0015, 0.003) : luck.between(0, 0.0012),
    ...(is(0.15) && { shake: luck.between(0.003, 0.01), shakeRad: luck.between(0, Math.PI) }),
    ...(is(0.3) && { glare: luck.between(0.02, 0.1) }),
    ...(is(0.25) && { handOver: luck.pick(['gill', 'flank'] as const) }),
    ...(is(0.2) && { noseShadow: true }),
    ...(is(0.4) && { clutter: luck.between(0.2, 1) }),
    ...(is(0.4) && { horizonRad: luck.between(-0.2, 0.2) }),
  };
}

function tapped(
  landmarks: LandmarksPx,
  off: readonly { readonly x: number; readonly y: number }[],
  missPx: number,
): LandmarksPx {
  return Object.fromEntries(
    LANDMARKS.map((name, i) => {
      const miss = off[i] ?? { x: 0, y: 0 };
      return [name, { x: landmarks[name].x + missPx * miss.x, y: landmarks[name].y + missPx * miss.y }];
    }),
  ) as unknown as LandmarksPx;
}

async function onAllCores(
  jobs: readonly { task: FlankTask; done: (painted: FlankPainted) => Promise<void> }[],
): Promise<void> {
  const queue = [...jobs];
  await Promise.all(
    Array.from({ length: Math.min(availableParallelism(), 4) }, async () => {
      const worker = new Worker(new URL('./flankPainter.js', import.meta.url));
      for (let job = queue.shift(); job; job = queue.shift()) {
        const { task, done } = job;
        const painted = await new Promise<FlankPainted>((resolve, reject) => {
          worker.once('error', reject);
          worker.once('message', (message: FlankPainted) => {
            worker.off('error', reject);
            resolve(message);
          });
          worker.postMessage(task);
        });
        await done(painted);
      }
      await worker.terminate();
    }),
  );
}
