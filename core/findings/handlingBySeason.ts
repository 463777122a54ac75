import { median } from '../statistics/median.js';
import { proportionOf, type Proportion } from '../statistics/proportion.js';
import type { FishHandled, FishTaken } from './fishingRecord.js';

/** A middle value, and the limits that hold the true one in 19 of 20; the limits are null of too few. */
export interface Middle {
  readonly middle: number;
  readonly low: number | null;
  readonly high: number | null;
  readonly fish: number;
}

/** How a year's fish were handled. */
export interface HandledSeason {
  readonly year: number;
  readonly fight: Middle | null;
  readonly air: Middle | null;
  readonly held: Middle | null;
  readonly gillBeat: Middle | null;
  readonly weakly: Proportion;
}

/** Open wounds when the fish was landed, and of those that were met again, how many had none then. */
export interface WoundsSeen {
  readonly open: Proportion;
  readonly healed: Proportion;
}

const TAIL = 0.025;

/** The keeper's handling year by year, the earliest first. Example: a year without fish of the bank is not there. */
export function handlingBySeason(fish: readonly FishTaken[]): readonly HandledSeason[] {
  const years = new Map<number, FishHandled[]>();
  for (const { handled, atMs } of fish) {
    if (handled === null || atMs === null) continue;
    const year = new Date(atMs).getUTCFullYear();
    years.set(year, [...(years.get(year) ?? []), handled]);
  }
  return [...years]
    .sort(([a], [b]) => a - b)
    .map(([year, of]) => {
      const the = (value: (each: FishHandled) => number | null) => middleOf(of.flatMap((each) => value(each) ?? []));
      const left = of.filter(({ leaving }) => leaving !== null);
      return {
        year,
        fight: the(({ fightMs }) => fightMs),
        air: the(({ airMs }) => airMs),
        held: the(({ heldMs }) => heldMs),
        gillBeat: the(({ gillBeat }) => gillBeat),
        weakly: proportionOf(left.filter(({ leaving }) => leaving !== 'strong').length, left.length),
      };
    });
}

/**
 * The median with the limits of its order statistics (David and Nagaraja 2003, Order Statistics, 7.1): no shape of the
 * values is taken. Null of nothing. Example: of six values the limits are the least and the most; of five there are
 * none.
 */
export function middleOf(values: readonly number[]): Middle | null {
  const middle = median(values);
  if (middle === null) return null;
  const sorted = values.toSorted((a, b) => a - b);
  const out = placesOut(sorted.length);
  const [low, high] = out === 0 ? [null, null] : [sorted[out - 1] ?? null, sorted.at(-out) ?? null];
  return { middle, low, high, fish: values.length };
}

/** The largest place from either end with no more than a fortieth of the binomial outside of it; 0: there is none. */
function placesOut(n: number): number {
  let [chance, sum, place] = [0.5 ** n, 0, 0];
  while (sum + chance <= TAIL && place < n / 2) {
    sum += chance;
    chance *= (n - place) / (place + 1);
    place += 1;
  }
  return place;
}

/** What was seen of open wounds, over the fish that were landed. */
export function woundsSeen(fish: readonly FishTaken[]): WoundsSeen {
  const landed = fish.filter(({ handled }) => handled !== null).toSorted((a, b) => (a.atMs ?? 0) - (b.atMs ?? 0));
  const open = landed.filter(({ handled }) => (handled?.openWounds ?? 0) > 0);
  const again = open.flatMap((each) => {
    const later = landed
      .slice(landed.indexOf(each) + 1)
      .find(({ fishId }) => fishId !== null && fishId === each.fishId);
    return later ? [later] : [];
  });
  const healed = again.filter(({ handled }) => handled?.openWounds === 0);
  return { open: proportionOf(open.length, landed.length), healed: proportionOf(healed.length, again.length) };
}
