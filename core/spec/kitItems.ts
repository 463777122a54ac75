import type { KitItem, KitKind } from '../domain/kit/kit.js';

/** A thing of the kit of which nothing but its kind is known, and what is to be otherwise. */
export function kitItem(kind: KitKind, change: Partial<KitItem> = {}): KitItem {
  return {
    id: kind,
    kind,
    name: kind,
    sizeMm: null,
    onLanyard: false,
    spare: false,
    toReplace: false,
    charge: null,
    inDateUntil: null,
    tares: [],
    checkedAt: null,
    disinfected: null,
    lastWater: null,
    ...change,
  };
}
