import type { CaptureConditions } from '@keeper/core/domain/capture/conditions';
import type { CaptureEvent, EventPayloads, EventType } from '@keeper/core/domain/capture/event';
import type { Length } from '@keeper/core/measure/length';
import { convertMass, gramsOf, type Mass } from '@keeper/core/measure/mass';
import type { RodFacts } from '@keeper/core/domain/capture/rodFacts';
import type { WeightReading } from '@keeper/core/domain/capture/weightReading';
import { createRng, type Rng } from '@keeper/core/statistics/rng';
import { DIAL_SCALES, GREEN_SLING } from './bank.js';
import { lengthOn, weightGrams, type DemoFish } from './fish.js';
import { demoIds } from './ids.js';
import { rodOf } from './rods.js';
import { sessionAt } from './sessions.js';
import { STOCK } from './waters.js';
import { YEAR_MS } from '@keeper/core/measure/timeSpan';

/** One capture of the demo book with the fish that it really was, for the painter. */
export interface DemoCapture {
  readonly captureId: string;
  readonly fish: DemoFish;
  readonly takenAtMs: number;
  /** Ms after the take at which a picture was tapped; null when none was. */
  readonly picturedMs: number | null;
  readonly events: readonly CaptureEvent[];
  /** What it took on. */
  readonly rod: RodFacts;
  /** Makes one more event of this capture, always the same one for the same order of asking. */
  readonly make: MakeEvent;
}

type MakeEvent = <T extends EventType>(type: T, elapsedMs: number, payload: EventPayloads[T]) => CaptureEvent;

/** The book opens in this spring. */
const FIRST_SPRING_MS = Date.UTC(2024, 3, 1);
const DEVICE = 'demo-phone';

/** About how a season goes: when each species is fished for, in months, and how often. */
const SEASONS: readonly {
  readonly species: DemoFish['species'];
  readonly months: readonly number[];
  readonly each: number;
}[] = [
  { species: 'carp', months: [3, 4, 5, 6, 7, 8, 9], each: 12 },
  { species: 'barbel', months: [5, 6, 7, 8, 9], each: 7 },
  { species: 'pike', months: [9, 10, 11], each: 5 },
  { species: 'wels', months: [6, 7, 8], each: 3 },
];
/** Of the fish of a water with two swims so many came at the first. */
export const BOATHOUSE_OF_FISH = 0.8;
export const LAST_DAY_MS = Date.UTC(2026, 10, 21);

/** Every capture of the demo, oldest first: about eighty over three seasons. */
export function demoCaptures(): DemoCapture[] {
  const luck = createRng('the keeper goes fishing');
  const takes: { fish: DemoFish; atMs: number; lost: boolean }[] = [];
  for (const year of [2024, 2025, 2026]) {
    for (const { species, months, each } of SEASONS) {
      const swimming = STOCK.filter((fish) => fish.species === species);
      for (let i = 0; i < each; i += 1) {
        const hour = species === 'wels' ? luck.pick([21, 22, 23]) : luck.pick([4, 5, 6, 7, 18, 19, 20]);
        const atMs = Date.UTC(year, luck.pick(months), luck.whole(1, 28), hour, luck.whole(0, 59), luck.whole(0, 59));
        // Some fish are caught again and again, others once in a lifetime.
        const fish = luck.next() < 0.45 ? luck.pick(swimming.slice(0, 4)) : luck.pick(swimming);
        takes.push({ fish, atMs, lost: luck.next() < 0.07 });
      }
    }
  }
  return takes
    .filter(({ atMs }) => atMs < LAST_DAY_MS)
    .sort((a, b) => a.atMs - b.atMs)
    .map(({ fish, atMs, lost }, i, all) => oneCapture(fish, atMs, lost, { fromEnd: all.length - 1 - i, number: i }));
}

interface Place {
  readonly fromEnd: number;
  readonly number: number;
}

function oneCapture(fish: DemoFish, takenAtMs: number, lost: boolean, place: Place): DemoCapture {
  const seed = `capture ${place.number}`;
  const luck = createRng(seed);
  const nextId = demoIds(seed, takenAtMs);
  const captureId = nextId();
  const make: MakeEvent = <T extends EventType>(type: T, elapsedMs: number, payload: EventPayloads[T]) =>
    ({
      id: nextId(),
      captureId,
      deviceId: DEVICE,
      at: new Date(takenAtMs + elapsedMs).toISOString(),
      elapsedMs: Math.round(elapsedMs),
      type,
      payload,
    }) as CaptureEvent;
  const { outingId, swimId } = sessionAt(fish.waterId, takenAtMs, BOATHOUSE_OF_FISH);
  const around = aroundAt(takenAtMs, luck);
  const hooked = make('hooked', 0, { zone: 'Europe/London', waterId: fish.waterId, outingId, swimId, around });
  const told = rodOf(fish.species, createRng(`rod of ${seed}`));
  const rod = make('rod-told', 1000, told);
  const base = { captureId, fish, takenAtMs, make, rod: told };
  if (lost) return { ...base, picturedMs: null, events: [...lostFish(hooked, make, luck), rod] };
  const { events, ...landed } = landedFish(hooked, make, luck, fish, takenAtMs, place);
  return { ...base, ...landed, events: [...events, rod] };
}

function lostFish(hooked: CaptureEvent, make: MakeEvent, luck: Rng): CaptureEvent[] {
  const lostMs = luck.between(20_000, 420_000);
  const why = luck.pick([
    'Hook pulled under the rod tip. Point was turned.',
    'Found the snag by the sunken willow.',
    'Simply off. Nothing to see on hook or link.',
  ]);
  return [
    hooked,
    make('lost', lostMs, {}),
    make('described', lostMs + 1_800_000, { facts: { note: why } }),
    make('written-up', lostMs + 1_800_100, {}),
  ];
}

type PlainTap =
  | 'netted'
  | 'hook-out'
  | 'hook-cut'
  | 'zeroed'
  | 'lifted'
  | 'looked-over'
  | 'weighed'
  | 'pictured'
  | 'rested'
  | 'held'
  | 'released';

/** About how warm water and air are on a day of the year in that valley. */
export function aroundAt(takenAtMs: number, luck: Rng): CaptureConditions {
  const day = new Date(takenAtMs);
  const summer = Math.sin((2 * Math.PI * (day.getUTCMonth() + day.getUTCDate() / 31 - 4)) / 12);
  const tenth = (value: number) => Math.round(value * 10) / 10;
  const waterC = tenth(12.5 + 7.5 * summer + luck.normal());
  return { waterC, airC: tenth(waterC + 2 * luck.normal()), companions: luck.next() < 0.2 ? 1 : 0 };
}

/** Something on one flank, cleaned and sealed where it was open. */
function woundFound(make: MakeEvent, luck: Rng, atMs: number): CaptureEvent[] {
  const kind = luck.pick(['hook-hold', 'scales-lifted', 'torn-fin', 'healed', 'ulcer'] as const);
  const side = kind === 'hook-hold' ? 'mouth' : luck.pick(['left', 'right'] as const);
  const hundredth = (low: number, high: number) => Math.round(luck.between(low, high) * 100) / 100;
  const at =
    side === 'mouth' ? { u: 0.5, v: hundredth(0.7, 0.8) } : { u: hundredth(0.35, 0.8), v: hundredth(-0.06, 0.08) };
  const noted = make('wound-noted', atMs + 1500, { wound: { kind, side, at, sizeMm: luck.pick([5, 20] as const) } });
  if (kind === 'healed' || luck.next() < 0.4) return [noted];
  const treated = (what: 'antiseptic' | 'sealant', laterMs: number) =>
    make('treated', atMs + laterMs, { with: what, woundId: noted.id });
  return [noted, treated('antiseptic', 3500), treated('sealant', 6000)];
}

/** Minutes of fight by species, from least to most. */
const FIGHT_MIN: Partial<Record<DemoFish['species'], readonly [number, number]>> = {
  carp: [4, 15],
  pike: [2, 6],
  barbel: [3, 8],
  wels: [10, 34],
};

function landedFish(
  hooked: CaptureEvent,
  make: MakeEvent,
  luck: Rng,
  fish: DemoFish,
  takenAtMs: number,
  { fromEnd, number }: Place,
): Pick<DemoCapture, 'events' | 'picturedMs'> {
  const second = 1000;
  const years = (takenAtMs - FIRST_SPRING_MS) / YEAR_MS;
  const events = [hooked];
  let now = 0;
  const after = (least: number, most: number) => (now += luck.between(least, most) * second);
  const tap = (type: PlainTap) => events.push(make(type, now, {}));

  const [least, most] = FIGHT_MIN[fish.species] ?? [3, 8];
  after(least * 60, most * 60);
  tap('netted');
  after(15, 80);
  tap(fish.species === 'pike' && luck.next() < 0.3 ? 'hook-cut' : 'hook-out');
  after(10, 60);
  // Once it was forgotten; what came of it stands in the book and wants looking at.
  const forgotten = fromEnd === FORGOTTEN_FROM_END;
  if (!forgotten) tap('zeroed');
  after(20, 90);
  // Once in the book the lift was forgotten: an odd entry, and it stays one.
  if (number !== 17) tap('lifted');
  after(3, 8);
  const found = luck.next() < 0.3;
  if (found || luck.next() < 0.85) tap('looked-over');
  if (found) events.push(...woundFound(make, luck, now));
  after(8, 18);
  tap('weighed');
  after(4, 10);
  const read = readScale(fish, years, luck, number);
  const weighing = createRng(`weighing ${number}`);
  const reading = withKit(forgotten ? slingOn(read) : read);
  if (weighing.next() < 0.5) events.push(make('described', now, { facts: { guess: guessOf(read, weighing) } }));
  // Of the last but one the number was left for the desk.
  const weighed = luck.next() > 0.06 && fromEnd !== 1;
  if (weighed) events.push(make('reading-taken', now, { weight: reading }));
  const rests = luck.next() < 0.55;
  if (rests) {
    after(3, 8);
    tap('rested');
    after(30, 120);
    tap('lifted');
  }
  const pictured = luck.next() > 0.1;
  let picturedMs: number | null = null;
  if (pictured) {
    after(8, 18);
    tap('pictured');
    picturedMs = now;
  }
  after(5, number === 31 ? 140 : 22);
  tap('held');
  const helped = luck.between(60, 420);
  const heldMs = now;
  const during = (share: number) => heldMs + share * helped * second;
  events.push(make('gill-beat', during(0.3), { perMinute: luck.whole(38, 64) }));
  for (const [i, sign] of (['gills', 'fins', 'upright', 'kick'] as const).entries())
    if (luck.next() < 0.8) events.push(make('recovering', during(0.4 + 0.15 * i), { sign }));
  now = during(1);
  tap('released');
  const leaving = luck.pick(['strong', 'strong', 'strong', 'slow', 'lost-sight'] as const);
  events.push(make('left-as', now + 4 * second, { leaving }));
  if (weighed && (forgotten || weighing.next() < 0.3)) {
    const zeroed = reading.method === 'zeroed' && reading.asRead.unit === 'oz';
    const count = forgotten ? SLING_OZ : weighing.whole(-1, 3);
    if (zeroed) events.push(make('sling-hung', now + 95 * second, { shown: { unit: 'oz', count } }));
  }

  // The newest two still wait for their paperwork.
  if (fromEnd > 1) {
    const length: Length = { unit: 'quarter-in', count: Math.floor(lengthOn(fish, years) / 6.35) };
    const later = now + luck.between(900, 9000) * second;
    const note = luck.next() < 0.4 ? luck.pick(NOTES[fish.species] ?? ['']) : undefined;
    const facts = {
      species: fish.species,
      ...(fish.form && { form: fish.form }),
      ...(luck.next() < 0.7 && { length }),
      ...(note && { note }),
    };
    events.push(make('described', later, { facts }), make('written-up', later + 100, {}));
    if (weighed && number % 23 === 5) events.push(slingForgotten(make, later + 86_400_000, reading));
  }
  return { events, picturedMs };
}

/** Read down to the ounce; on the pit's club scale in kilograms, and now and then with the tare taken off by sum. */
function readScale(fish: DemoFish, years: number, luck: Rng, number: number): WeightReading {
  const grams = Math.round(weightGrams(fish, years) * (1 + 0.012 * luck.normal()));
  if (number % 13 === 4) return { asRead: { unit: 'g', count: Math.floor(grams / 20) * 20 }, method: 'zeroed' };
  const net = convertMass({ unit: 'g', count: grams }, 'oz');
  if (number % 7 !== 3) return { asRead: net, method: 'zeroed' };
  const tare: Mass = { unit: 'oz', count: luck.whole(24, 31) };
  return { asRead: { unit: 'oz', count: net.count + tare.count }, method: 'gross-minus-tare', tare };
}

/** The one whose scale was not zeroed, counted from the newest. */
const FORGOTTEN_FROM_END = 3;
const SLING_OZ = 27;

function slingOn(reading: WeightReading): WeightReading {
  const count = reading.asRead.count + (reading.asRead.unit === 'g' ? 765 : SLING_OZ);
  return { asRead: { ...reading.asRead, count }, method: 'zeroed' };
}

/** With the keeper's own scale and sling; the club's scale in kilograms is none of theirs. */
function withKit(reading: WeightReading): WeightReading {
  const own = reading.asRead.unit === 'oz' ? { scalesId: DIAL_SCALES, slingId: GREEN_SLING } : { slingId: GREEN_SLING };
  return { ...reading, way: 'set', support: 'hung', ...own };
}

/** An eye that sees large ones too large. */
function guessOf({ asRead }: WeightReading, luck: Rng): Mass {
  const share = 1 + 0.09 * luck.normal() + (gramsOf(asRead) > 10_000 ? 0.08 : -0.02);
  const step = asRead.unit === 'g' ? 500 : 8;
  return { unit: asRead.unit, count: Math.round((asRead.count * share) / step) * step };
}

function slingForgotten(make: MakeEvent, elapsedMs: number, reading: WeightReading): CaptureEvent {
  const lighter: Mass = { ...reading.asRead, count: reading.asRead.count - (reading.asRead.unit === 'g' ? 700 : 25) };
  return make('amended', elapsedMs, {
    facts: { weight: { ...reading, asRead: lighter } },
    why: 'The scale had not been zeroed with the wet sling on; hung it again at home and took that off.',
  });
}

const NOTES: Partial<Record<DemoFish['species'], readonly string[]>> = {
  carp: [
    'Single bait to a shower of bubbles under the alders. Kept deep all the way.',
    'Hook hold in the bottom lip, small. Cleaned, then sealed.',
    'Two lifted scales on the left flank, old and dry. Otherwise spotless.',
    'First light, mist on the water. Took on the drop.',
  ],
  pike: [
    'Deadbait on the bottom, run picked up at once. Hooked in the scissors.',
    'Lean and long. Away with a sheet of spray.',
  ],
  barbel: [
    'Held her head upstream for six minutes before she would go.',
    'Rod round the moment it settled. Hook fell out in the net.',
  ],
  wels: ['A slow weight, then half an hour of arguing. Never off the ground for the picture.'],
};
