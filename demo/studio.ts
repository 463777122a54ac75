import { availableParallelism } from 'node:os';
import { Worker } from 'node:worker_threads';
import type { PaintTask } from './paintWorker.js';

/** Paints many pictures on all cores; each is handed over, in whatever order they are done. */
export async function paintAll<T extends PaintTask>(
  tasks: readonly T[],
  onPainted: (task: T, jpeg: Uint8Array) => Promise<void>,
): Promise<void> {
  const queue = [...tasks];
  const painters = Math.min(availableParallelism(), tasks.length, 4);
  await Promise.all(
    Array.from({ length: painters }, async () => {
      const worker = new Worker(new URL('./paintWorker.js', import.meta.url));
      try {
        for (let task = queue.shift(); task; task = queue.shift()) await onPainted(task, await paintOne(worker, task));
      } finally {
        await worker.terminate();
      }
    }),
  );
}

function paintOne(worker: Worker, { order, takenAtMs }: PaintTask): Promise<Uint8Array> {
  return new Promise((resolve, reject) => {
    worker.once('error', reject);
    worker.once('message', (jpeg: Uint8Array) => {
      worker.off('error', reject);
      resolve(jpeg);
    });
    worker.postMessage({ order, takenAtMs });
  });
}
