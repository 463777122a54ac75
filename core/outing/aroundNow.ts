import { sunAt } from '../bank/sun.js';
import type { Around } from '../capture/around.js';
import type { Prospect } from './prospect.js';
import type { OutingStory } from './story.js';

/** Darker than this a lamp is needed (civil twilight). */
const CIVIL_DUSK_DEG = -6;

/** How it is around a fish that takes now, to be kept with its capture. Example: nothing measured and nobody along gives no companions. */
export function aroundNow(
  { now, position, momentMs, thunder }: Pick<Prospect, 'now' | 'position' | 'momentMs' | 'thunder'>,
  { companions }: Pick<OutingStory, 'companions'>,
): Around {
  return {
    ...(now.waterC !== null && { waterC: now.waterC }),
    ...(now.airC !== null && { airC: now.airC }),
    ...(now.oxygenMgL !== null && { oxygenMgL: now.oxygenMgL }),
    ...(position && sunAt(momentMs, position).altitudeDeg < CIVIL_DUSK_DEG && { dark: true }),
    ...(thunder && { thunder: true }),
    companions,
  };
}
