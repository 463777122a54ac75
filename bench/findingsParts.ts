import { chanceOfHeavier } from '@keeper/core/findings/chanceOfHeavier';
import { UNTOLD_FISH, type FishTaken } from '@keeper/core/findings/fishingRecord';
import { handlingOutcomes } from '@keeper/core/findings/handlingOutcomes';
import { openStockOf, yearsSeen } from '@keeper/core/findings/openStock';
import { stockOf, type ToldCatch } from '@keeper/core/findings/stock';
import { MISHAPS, tackleOutcomes } from '@keeper/core/findings/tackleOutcomes';
import { tailOf } from '@keeper/core/findings/weightTail';
import { createRng, type Rng } from '@keeper/core/statistics/rng';
import { report, reportBetween } from './figures.js';

const DAY_MS = 24 * 3_600_000;

/** What is said of stocks, tackle, handling and the next trips, over invented fish whose truth is known. */
export function findingsPartsBench(books: number): void {
  stocksBench(books);
  openStocksBench(books);
  tackleBench(books);
  handlingBench(books);
  chancesBench(books);
}

/**
 * A closed water of 60 fish, 40 days of two or three catches; each as likely as another, or some five times as likely.
 */
function stocksBench(books: number): void {
  const draw = (n: number, isUneven: boolean) => {
    const luck = createRng(`stock ${isUneven} ${n}`);
    const weights = Array.from({ length: 60 }, () => (isUneven ? -Math.log(Math.max(1e-9, luck.next())) : 1));
    const catches = Array.from({ length: 40 }, (_, day): ToldCatch[] =>
      Array.from({ length: luck.whole(2, 3) }, () => ({ fishId: `f${pickBy(weights, luck)}`, day: dayOf(day) })),
    );
    return stockOf(catches.flat());
  };
  const even = Array.from({ length: books }, (_, n) => draw(n, false));
  const holds = share(even, ({ schnabel }) => isWithin(60, schnabel?.low, schnabel?.high ?? Infinity));
  reportBetween('stock of 60: Schnabel’s interval holds it', 100 * holds, '%', 90, 97);
  const line = share(even, ({ schumacher }) => isWithin(60, schumacher?.low, schumacher?.high ?? Infinity));
  reportBetween('  Schumacher’s and Eschmeyer’s', 100 * line, '%', 90, 97);
  report('  the warning of uneven fish where they are not', 100 * share(even, ({ isUneven }) => isUneven), '%', 10);
  const uneven = Array.from({ length: books }, (_, n) => draw(n, true));
  report(
    'stock of unevenly caught fish: the warning',
    100 * share(uneven, ({ isUneven }) => isUneven),
    '%',
    80,
    'more',
  );
}

/** Seven years of 40 catches each on 60 fish, of which a fifth goes and is replaced every winter. */
function openStocksBench(books: number): void {
  const found = Array.from({ length: books }, (_, n) => {
    const luck = createRng(`open ${n}`);
    let next = 60;
    let here = Array.from({ length: 60 }, (_, i) => `f${i}`);
    const catches: ToldCatch[] = [];
    for (let year = 2018; year < 2025; year += 1) {
      for (let i = 0; i < 40; i += 1) catches.push({ fishId: luck.pick(here), day: `${year}-06-01` });
      here = here.map((fish) => (luck.next() < 0.2 ? `f${(next += 1)}` : fish));
    }
    return openStockOf(yearsSeen(catches)) ?? [];
  }).flat();
  reportBetween(
    '60 fish, a fifth new each year: Jolly’s and Seber’s interval holds them',
    100 * share(found, ({ low, high }) => isWithin(60, low, high)),
    '%',
    90,
    97,
  );
}

/** Four rigs of 25 takes: all lose an eighth, or one of them loses half. */
function tackleBench(books: number): void {
  const draw = (n: number, worst: number) => {
    const luck = createRng(`tackle ${worst} ${n}`);
    const fish = ['A', 'B', 'C', 'D'].flatMap((rig) =>
      Array.from({ length: 25 }, (): FishTaken => {
        const isLost = luck.next() < (rig === 'A' ? worst : 0.125);
        const told = { hookHold: luck.next() < 0.05 ? ('deep' as const) : ('lip' as const), hookEnd: 'out' as const };
        return { ...UNTOLD_FISH, species: 'carp', rig, ...(isLost ? { outcome: 'lost' as const } : told) };
      }),
    );
    return tackleOutcomes({ fish, outings: [] }, 'rig');
  };
  const isWorse = ({ mishaps }: ReturnType<typeof draw>[number]) => MISHAPS.some((mishap) => mishaps[mishap].isWorse);
  const nulls = Array.from({ length: books }, (_, n) => draw(n, 0.125));
  report('four rigs alike: one is called worse', 100 * share(nulls, (all) => all.some(isWorse)), '%', 5);
  const found = Array.from({ length: books }, (_, n) => draw(n, 0.5));
  const one = share(found, (all) => all.find(({ name }) => name === 'A')?.mishaps.lost.isWorse ?? false);
  report('one rig of four loses half instead of an eighth, 25 takes each: named', 100 * one, '%', 80, 'more');
}

/** A hundred fish whose handling says nothing, or of which each second in the air is held a second longer. */
function handlingBench(books: number): void {
  const draw = (n: number, bySecond: number) => {
    const luck = createRng(`handling ${bySecond} ${n}`);
    const fish = Array.from({ length: 100 }, (_, i): FishTaken => {
      const airMs = 40_000 * Math.exp(0.4 * luck.normal());
      const heldMs = Math.max(10_000, 120_000 + 40_000 * luck.normal() + bySecond * (airMs - 40_000));
      const leaving = luck.next() < 0.15 ? ('slow' as const) : ('strong' as const);
      const handled = { fightMs: 300_000 + 90_000 * luck.normal(), airMs, heldMs, restedMs: 0, openWounds: 0 };
      const more = { gillBeat: 50 + 8 * luck.normal(), leaving, waterC: luck.between(8, 22) };
      const species = luck.pick(['carp', 'pike'] as const);
      const atMs = i * 10 * DAY_MS;
      return { ...UNTOLD_FISH, captureId: `c${i}`, species, atMs, netGrams: 6000, handled: { ...handled, ...more } };
    });
    return handlingOutcomes(fish, createRng(`shuffles ${n}`));
  };
  const some = Math.ceil(books / 2);
  const nulls = Array.from({ length: some }, (_, n) => draw(n, 0));
  const isFound = ({ says }: ReturnType<typeof draw>[number]) => says === 'found';
  report(
    'a hundred fish whose handling says nothing: a finding',
    100 * share(nulls, (all) => all.some(isFound)),
    '%',
    5,
  );
  const found = Array.from({ length: some }, (_, n) => draw(n, 1)).map((all) =>
    all.find(({ strain, show }) => strain === 'air' && show === 'held'),
  );
  report('a second longer held for each in the air: found', 100 * share(found, (each) => each?.says === 'found'), '%');
}

/** Weights of a gamma distribution; how often the interval of a chance holds the one that is so. */
function chancesBench(books: number): void {
  const [trips, goal] = [10, 13_000];
  const above = share(
    Array.from({ length: 400_000 }, (_, n) => n),
    () => weightOf(TRUTH_LUCK) > goal,
  );
  const truth = 1 - Math.exp(-trips * 0.6 * above);
  const held = Array.from({ length: books }, (_, n) => {
    const luck = createRng(`chances ${n}`);
    const outings = Array.from({ length: 150 }, () => {
      const many = poissonOf(0.6, luck);
      return Array.from({ length: many }, () => weightOf(luck));
    });
    const tail = tailOf(outings.flat());
    if (!tail) return null;
    const byOuting = outings.map((of) => of.filter((grams) => grams > tail.fromGrams).length);
    return chanceOfHeavier(tail, byOuting, goal, trips);
  }).flatMap((each) => each ?? []);
  reportBetween(
    `a fish that ${(100 * truth).toFixed(0)} of 100 such ten trips bring: the interval holds it`,
    100 * share(held, ({ low, high }) => isWithin(truth, low, high)),
    '%',
    93,
    97,
  );
  report('  books that say something of it', (100 * held.length) / books, '%');
}

const TRUTH_LUCK = createRng('truth');

/** Gamma of shape 9, mean 7 kg. */
function weightOf(luck: Rng): number {
  let sum = 0;
  for (let i = 0; i < 9; i += 1) sum -= Math.log(Math.max(1e-12, luck.next()));
  return (7000 * sum) / 9;
}

function poissonOf(mean: number, luck: Rng): number {
  let [count, product] = [0, luck.next()];
  while (product > Math.exp(-mean)) {
    count += 1;
    product *= luck.next();
  }
  return count;
}

function pickBy(weights: readonly number[], luck: Rng): number {
  let left = luck.next() * weights.reduce((sum, each) => sum + each, 0);
  return weights.findIndex((weight) => (left -= weight) <= 0);
}

function dayOf(n: number): string {
  return new Date(Date.UTC(2024, 3, 1) + n * DAY_MS).toISOString().slice(0, 10);
}

function isWithin(truth: number, low = Infinity, high = -Infinity): boolean {
  return low <= truth && truth <= high;
}

function share<T>(of: readonly T[], is: (each: T) => boolean): number {
  return of.length === 0 ? 0 : of.filter(is).length / of.length;
}
