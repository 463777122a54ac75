import { say } from '../../text/say.js';
import type { PicturedFish } from '@keeper/contract/pictured';
import { speciesName } from '@keeper/core/domain/fish/species';
import { formatMass } from '@keeper/core/measure/formatMass';
import { takenText } from '../../parts/when.js';

/** So many fish are offered, the nearest in time. */
const OFFERED = 30;

/**
 * The fish that were on the bank nearest to a time, of a list that has the newest first. A book has thousands, and a
 * card hundreds of groups: not all are gone over.
 */
export function nearestFish(fish: readonly PicturedFish[], atMs: number): readonly PicturedFish[] {
  const awayMs = (of: PicturedFish | undefined) => (of ? Math.abs(Date.parse(of.startedAt) - atMs) : Infinity);
  let after = begunAfter(fish, atMs);
  let newer = after - 1;
  const nearest: PicturedFish[] = [];
  while (nearest.length < OFFERED && nearest.length < fish.length) {
    const next = awayMs(fish[newer]) <= awayMs(fish[after]) ? fish[newer--] : fish[after++];
    if (next) nearest.push(next);
  }
  return nearest;
}

/** How many of them began after a time. */
function begunAfter(fish: readonly PicturedFish[], atMs: number): number {
  let [low, high] = [0, fish.length];
  while (low < high) {
    const middle = (low + high) >> 1;
    if (Date.parse(fish[middle]?.startedAt ?? '') > atMs) low = middle + 1;
    else high = middle;
  }
  return low;
}

/** Fish to choose from, the nearest to a time first, each as one would call it. */
export function fishOptions(fish: readonly PicturedFish[], atMs: number): { value: string; label: string }[] {
  return nearestFish(fish, atMs).map((each) => {
    const { captureId, species, form, kindName, net } = each;
    const told = [say(speciesName(species, form, kindName)), net && formatMass(net), takenText(each)];
    return { value: captureId, label: told.filter(Boolean).join(', ') };
  });
}
