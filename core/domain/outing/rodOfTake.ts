import type { OutingPayloads } from './event.js';
import { rodsOutAt, type RodSpell } from './rods.js';

/** What telling of a rod changes in its outing. */
export type RodChange =
  | { readonly type: 'rod-in'; readonly payload: OutingPayloads['rod-in'] }
  | { readonly type: 'rod-out'; readonly payload: OutingPayloads['rod-out'] };

/**
 * What it means for the rods of an outing that a fish is said to have taken rod `told`, where `before` was said until
 * then: the rod is out of the water since the take, and the one that was named wrongly never left it. Rods that were
 * not out at the take are left as they are. `takenAt` is ISO 8601. Example: told of the same rod once more changes
 * nothing.
 */
export function rodChanges(
  spells: readonly RodSpell[],
  takenAt: string,
  { before, told }: { readonly before: number | undefined; readonly told: number | undefined },
): RodChange[] {
  if (before === told) return [];
  const out = rodsOutAt(spells, Date.parse(takenAt));
  const wrong = out.find(({ rod }) => rod === before);
  return [
    ...(out.some(({ rod }) => rod === told) && told !== undefined
      ? [{ type: 'rod-in', payload: { rod: told, why: 'fish', when: takenAt } } as const]
      : []),
    ...(wrong ? [{ type: 'rod-out', payload: { rod: wrong.rod, setup: wrong.setup, when: takenAt } } as const] : []),
  ];
}
