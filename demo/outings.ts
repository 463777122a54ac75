import type { OutingEvent, OutingEventType, OutingPayloads } from '@keeper/core/domain/outing/event';
import type { SpeciesId } from '@keeper/core/domain/fish/species';
import { createRng } from '@keeper/core/statistics/rng';
import { demoIds } from './ids.js';
import { setupOf } from './rods.js';
import { HOUR_MS, MINUTE_MS } from '@keeper/core/measure/timeSpan';
import { SWIMS } from './bank.js';
import { aroundAt, BOATHOUSE_OF_FISH, demoCaptures, LAST_DAY_MS, type DemoCapture } from './captures.js';
import { sessionAt, type Session } from './sessions.js';

interface DemoOuting {
  readonly seed: string;
  readonly swim: string;
  readonly fromMs: number;
  readonly hours: number;
  readonly expected: readonly SpeciesId[];
  readonly waterC: number;
  readonly runsDropped: number;
  readonly note: string;
}

/** Days on which nothing was landed; they stand in the book as honestly as the others. */
const BLANKS: readonly DemoOuting[] = [
  {
    seed: 'blank one',
    swim: 'Boathouse end',
    fromMs: Date.UTC(2026, 9, 18, 6),
    hours: 9,
    expected: ['pike'],
    waterC: 11.5,
    runsDropped: 1,
    note: 'One run in the first hour, dropped. Colour in the water after the rain.',
  },
  {
    seed: 'blank two',
    swim: 'Cattle drink',
    fromMs: Date.UTC(2026, 10, 14, 12),
    hours: 6,
    expected: ['barbel'],
    waterC: 8,
    runsDropped: 0,
    note: 'River falling and clear. Not a touch until dark.',
  },
];

/** Every outing of the demo, as its events: two blanks that were told, and the days of the fish with those between. */
export function demoOutings(): OutingEvent[] {
  const captures = demoCaptures();
  const withFish = new Map<string, { session: Session; captures: DemoCapture[] }>();
  for (const capture of captures) {
    const session = sessionAt(capture.fish.waterId, capture.takenAtMs, BOATHOUSE_OF_FISH);
    const there = withFish.get(session.outingId) ?? { session, captures: [] };
    there.captures.push(capture);
    withFish.set(session.outingId, there);
  }
  const blanks = otherBlanks(captures).filter(({ session }) => !withFish.has(session.outingId));
  const days = [...withFish.values()].map(({ session, captures: of }) => {
    return { session, species: of[0]?.fish.species ?? 'carp', taken: of };
  });
  return [...BLANKS.flatMap(oneOuting), ...days.flatMap(oneDay), ...blanks.flatMap(oneDay)];
}

interface Day {
  readonly session: Session;
  readonly species: SpeciesId;
  readonly taken: readonly DemoCapture[];
}

/** For each fish another day without one, at the same time of the year, as often at the one swim as the other. */
function otherBlanks(captures: readonly DemoCapture[]): Day[] {
  const luck = createRng('days without a fish');
  const days = captures.map(({ fish, takenAtMs }) => {
    const hours = luck.pick([-8 * 24, -5 * 24, -3 * 24, 4 * 24, 6 * 24]) + luck.pick([0, 12]);
    return { session: sessionAt(fish.waterId, takenAtMs + hours * HOUR_MS, 0.5), species: fish.species, taken: [] };
  });
  const ids = new Set<string>();
  const isFresh = ({ session }: Day) => session.toMs < LAST_DAY_MS && !ids.has(session.outingId);
  return days.filter((day) => isFresh(day) && ids.add(day.session.outingId));
}

/** A day with its rods, as the keeper tapped it; the weather has nothing to do with the fish. */
function oneDay({ session, species, taken }: Day): OutingEvent[] {
  const { outingId, waterId, swimId, fromMs, toMs, nextId } = session;
  const luck = createRng(`day ${outingId}`);
  const at = (ms: number) => new Date(ms).toISOString();
  const make = <T extends OutingEventType>(type: T, ms: number, payload: OutingPayloads[T]) =>
    ({ id: nextId(), outingId, deviceId: 'demo-phone', at: at(ms), type, payload }) as OutingEvent;
  const { waterC = 12 } = aroundAt(fromMs, luck);
  const weather = {
    pressureHpa: Math.round(1013 + 8 * luck.normal()),
    windMs: Math.round(luck.between(0, 9)),
    cloudOctas: luck.whole(0, 8),
  };
  const setups = [1, 2].map((rod) => {
    const told = taken.map(({ rod: of }) => of).find((of) => of.rod === rod);
    if (!told) return setupOf(species, luck);
    const { rod: _rod, givenS: _given, ...setup } = told;
    return setup;
  });
  const soon = fromMs + 5 * MINUTE_MS;
  const last = toMs - 5 * MINUTE_MS;
  return [
    make('outing-planned', fromMs - 12 * HOUR_MS, {
      waterId,
      fromAt: at(fromMs),
      toAt: at(toMs),
      companions: 0,
      expected: [species],
    }),
    make('swim-taken', fromMs, { swimId }),
    make('condition-taken', soon, { source: 'hand', waterC, depth: 'net-depth', ...weather, when: at(soon) }),
    ...setups.map((setup, i) => make('rod-out', soon + i * MINUTE_MS, { rod: i + 1, setup, when: at(soon) })),
    ...setups.map((_, i) => make('rod-in', last + i * 1000, { rod: i + 1, why: 'packed', when: at(last) })),
    make('outing-ended', toMs, {}),
  ];
}

function oneOuting({ seed, swim, fromMs, hours, expected, waterC, runsDropped, note }: DemoOuting): OutingEvent[] {
  const nextId = demoIds(seed, fromMs);
  const outingId = nextId();
  const at = (minute: number) => new Date(fromMs + minute * 60_000).toISOString();
  const make = <T extends OutingEventType>(type: T, minute: number, payload: OutingPayloads[T]) =>
    ({ id: nextId(), outingId, deviceId: 'demo-phone', at: at(minute), type, payload }) as OutingEvent;
  const luck = createRng(`rods of ${seed}`);
  const rods = [1, 2].map(() => setupOf(expected[0] ?? 'carp', luck));
  const place = SWIMS.find(({ name }) => name === swim) ?? SWIMS[0];
  return [
    make('outing-planned', 0, {
      waterId: place.waterId,
      fromAt: at(0),
      toAt: at(hours * 60),
      companions: 0,
      expected: [...expected],
    }),
    make('swim-taken', 1, { swimId: place.id }),
    make('condition-taken', 9, { source: 'hand', waterC, depth: 'net-depth', when: at(9) }),
    ...rods.map((setup, i) => make('rod-out', 20 + 4 * i, { rod: i + 1, setup, when: at(20 + 4 * i) })),
    ...Array.from({ length: runsDropped }, (_, i) => make('run-dropped', 50 + i * 40, { rod: 1 })),
    ...rods.map((_, i) => make('rod-in', hours * 60 - 10, { rod: i + 1, why: 'packed', when: at(hours * 60 - 10) })),
    make('outing-ended', hours * 60, { note }),
  ];
}
