import { idMaker } from '@keeper/core/domain/capture/eventId';
import { createRng } from '@keeper/core/statistics/rng';

/** Makes ids that are the same each time the world is made: filling it twice enters nothing twice. */
export function demoIds(seed: string, atMs: number): () => string {
  const luck = createRng(`${seed} ids`);
  return idMaker({
    wallMs: () => atMs,
    randomBytes: (length) => Uint8Array.from({ length }, () => luck.whole(0, 255)),
  });
}
