import type { OutingEvent, OutingEventType, OutingPayloads } from '@keeper/core/domain/outing/event';
import type { SpeciesId } from '@keeper/core/domain/fish/species';
import { createRng } from '@keeper/core/statistics/rng';
import { demoIds } from './ids.js';
import { setupOf } from './rods.js';
import { SWIMS } from './bank.js';

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

/** Every outing of the demo, as its events. */
export function demoOutings(): OutingEvent[] {
  return BLANKS.flatMap(oneOuting);
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
