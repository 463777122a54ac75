import { MINUTE_MS } from '../measure/timeSpan.js';
import { proportionOf, type Proportion } from '../statistics/proportion.js';
import type { Rng } from '../statistics/rng.js';
import { falseDiscoveryRates } from './falseDiscovery.js';
import { MOST_FALSE } from './findings.js';
import type { FishHandled, FishTaken } from './fishingRecord.js';
import { halvesOf, rankTest, shiftBetweenHalves, strataOf, type Pair, type Shift } from './rankTest.js';

/** What may tell on a fish. */
export const STRAINS = ['fight', 'air', 'rest', 'warmth', 'weight', 'season'] as const;
export type Strain = (typeof STRAINS)[number];

/** How it shows: times in ms, beats a minute, and how many left weakly or came back. */
export const SHOWS = ['air', 'held', 'gillBeat', 'weakly', 'back'] as const;
export type Show = (typeof SHOWS)[number];

/** How one thing goes with another over the keeper's own fish. */
export interface HandlingFinding {
  readonly strain: Strain;
  readonly show: Show;
  readonly says: 'found' | 'nothing' | 'open';
  readonly fish: number;
  /** What parts the halves, where all are of one kind; else null. */
  readonly middle: number | null;
  readonly p: number;
  /** By how much more it shows in the upper half; null of what is or is not. */
  readonly shift: Shift | null;
  /** How many of each half, of what is or is not. */
  readonly halves: { readonly lower: Proportion; readonly upper: Proportion } | null;
}

/** With fewer fish of which both are told nothing is asked (our choice). */
export const LEAST_HANDLED = 20;
/** So many must have left weakly or come back, and as many not. */
export const LEAST_OF_EACH = 5;
/** Less than this is no difference that anybody would change a habit for (our choice). */
const MATTERS: Readonly<Record<'air' | 'held' | 'gillBeat', number>> = {
  air: 10_000,
  held: MINUTE_MS / 2,
  gillBeat: 8,
};
/** With more, the newest of them: what a keeper does changes. */
const MOST_FISH = 400;

/** Trivial, or settled before the fish was on the bank. */
const ASKED: Readonly<Record<Show, readonly Strain[]>> = {
  air: ['season', 'weight'],
  held: ['fight', 'air', 'rest', 'warmth', 'weight', 'season'],
  gillBeat: ['fight', 'air', 'rest', 'warmth', 'weight'],
  weakly: ['fight', 'air', 'rest', 'warmth', 'weight', 'season'],
  back: ['fight', 'air', 'warmth'],
};

/**
 * What the keeper's handling does, each strain beside each way in which it shows, kind by kind: those that are surely
 * so first. Of several questions the share of false answers is held (Benjamini and Hochberg 1995). Coming back is
 * compared within one kind and year, since a fish of last month had no time to. Example: of fewer than twenty fish
 * nothing is asked.
 */
export function handlingOutcomes(fish: readonly FishTaken[], luck: Rng): readonly HandlingFinding[] {
  const cameBack = fishThatCameBack(fish);
  const handled = fish.filter(({ handled: how, species }) => how !== null && species !== null).slice(-MOST_FISH);
  const asked = SHOWS.flatMap((show) =>
    ASKED[show].flatMap((strain) => {
      const pairs = handled.flatMap((each) => pairOf(each, strain, show, cameBack) ?? []);
      return isEnough(pairs, show) ? [{ strain, show, pairs, ...rankTest(pairs, luck) }] : [];
    }),
  );
  const falseRates = falseDiscoveryRates(asked.map(({ p }) => p));
  const findings = asked.map(({ strain, show, pairs, p }, i): HandlingFinding => {
    const kinds = strataOf(pairs.map((pair) => ({ ...pair, stratum: pair.stratum.split(' ')[0] ?? '' })));
    const shift = isCount(show) ? null : shiftBetweenHalves(pairs);
    const isSure = (falseRates[i] ?? 1) <= MOST_FALSE;
    return {
      strain,
      show,
      says: isSure ? 'found' : shift && isNothing(shift, show) ? 'nothing' : 'open',
      fish: pairs.length,
      middle: kinds.length === 1 ? middleOf(pairs) : null,
      p,
      shift,
      halves: isCount(show) ? sharesOf(pairs) : null,
    };
  });
  return findings.sort((a, b) => ORDER[a.says] - ORDER[b.says] || a.p - b.p);
}

const ORDER = { found: 0, nothing: 1, open: 2 } as const;

function pairOf(fish: FishTaken, strain: Strain, show: Show, cameBack: ReadonlySet<string>): Pair | null {
  const { handled, species, atMs } = fish;
  if (handled === null) return null;
  const x = strainOf(strain, fish, handled);
  const y = showOf(show, fish, handled, cameBack);
  if (x === null || y === null) return null;
  const year = show === 'back' && atMs !== null ? ` ${new Date(atMs).getUTCFullYear()}` : '';
  return { x, y, stratum: `${species ?? ''}${year}` };
}

function strainOf(strain: Strain, { netGrams, atMs }: FishTaken, handled: FishHandled): number | null {
  switch (strain) {
    case 'fight':
      return handled.fightMs;
    case 'air':
      return handled.airMs;
    case 'rest':
      return handled.restedMs;
    case 'warmth':
      return handled.waterC;
    case 'weight':
      return netGrams;
    case 'season':
      return atMs === null ? null : new Date(atMs).getUTCFullYear();
  }
}

function showOf(show: Show, fish: FishTaken, handled: FishHandled, cameBack: ReadonlySet<string>): number | null {
  switch (show) {
    case 'air':
      return handled.airMs;
    case 'held':
      return handled.heldMs;
    case 'gillBeat':
      return handled.gillBeat;
    case 'weakly':
      return handled.leaving === null ? null : Number(handled.leaving !== 'strong');
    case 'back':
      return fish.fishId === null ? null : Number(cameBack.has(fish.captureId));
  }
}

/** Captures after which the same fish was caught again. */
function fishThatCameBack(fish: readonly FishTaken[]): ReadonlySet<string> {
  const last = new Map<string, FishTaken>();
  const back = new Set<string>();
  for (const each of fish.toSorted((a, b) => (a.atMs ?? 0) - (b.atMs ?? 0))) {
    if (each.fishId === null) continue;
    const before = last.get(each.fishId);
    if (before) back.add(before.captureId);
    last.set(each.fishId, each);
  }
  return back;
}

function isCount(show: Show): boolean {
  return show === 'weakly' || show === 'back';
}

function isEnough(pairs: readonly Pair[], show: Show): boolean {
  const { lower, upper } = halvesOf(pairs);
  if (pairs.length < LEAST_HANDLED || lower.length === 0 || upper.length === 0) return false;
  const yes = pairs.filter(({ y }) => y > 0).length;
  return !isCount(show) || (yes >= LEAST_OF_EACH && pairs.length - yes >= LEAST_OF_EACH);
}

function isNothing({ low, high }: Shift, show: Show): boolean {
  const matters = show === 'air' || show === 'held' || show === 'gillBeat' ? MATTERS[show] : 0;
  return low > -matters && high < matters;
}

function middleOf(pairs: readonly Pair[]): number {
  return Math.max(...halvesOf(pairs).lower.map(({ x }) => x));
}

function sharesOf(pairs: readonly Pair[]) {
  const halves = strataOf(pairs).map(halvesOf);
  const share = (of: readonly Pair[]) => proportionOf(of.filter(({ y }) => y > 0).length, of.length);
  return { lower: share(halves.flatMap(({ lower }) => lower)), upper: share(halves.flatMap(({ upper }) => upper)) };
}
