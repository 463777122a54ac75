import type { FormId, SpeciesId } from '../fish/species.js';
import type { Length } from '../measure/length.js';
import type { WeightReading } from '../weighing/reading.js';

/** Facts about the fish that are written down rather than tapped. `null` in an amendment strikes a fact out. */
export interface Facts {
  species?: SpeciesId | null;
  form?: FormId | null;
  waterId?: string | null;
  weight?: WeightReading | null;
  length?: Length | null;
  note?: string | null;
}

export type FactName = keyof Facts;

export const FACT_NAMES: readonly FactName[] = ['species', 'form', 'waterId', 'weight', 'length', 'note'];

export type PictureRole = 'left-flank' | 'right-flank' | 'portrait' | 'wound' | 'scale' | 'board' | 'release';

export const PICTURE_ROLES: readonly PictureRole[] = [
  'left-flank',
  'right-flank',
  'portrait',
  'wound',
  'scale',
  'board',
  'release',
];

/** What each kind of event carries. */
export interface EventPayloads {
  /** The take: the capture begins. `gaps` is what was not ready then, in words. */
  hooked: { waterId?: string; outingId?: string; swimId?: string; gaps?: readonly string[] };
  netted: Record<string, never>;
  'hook-out': Record<string, never>;
  /** Out of the water. */
  lifted: Record<string, never>;
  /** In the sling, on the scale; the number may follow at once, later, or never. */
  weighed: Record<string, never>;
  'reading-taken': { weight: WeightReading };
  pictured: Record<string, never>;
  /** Back in the water, still held or in the net. */
  returned: Record<string, never>;
  released: Record<string, never>;
  lost: Record<string, never>;
  /** Facts noted for the first time, at the desk. */
  described: { facts: Facts };
  'picture-added': { sha256: string; role?: PictureRole };
  'picture-removed': { sha256: string; why: string };
  /** A correction: the earlier value stays in the log. */
  amended: { facts: Facts; why: string };
  /** The keeper is done writing; what is missing may stay missing. */
  'written-up': Record<string, never>;
  /** Takes back one earlier tap. */
  undone: { eventId: string };
  /** Begun by mistake: no fish, not in the book. */
  discarded: Record<string, never>;
}

export type EventType = keyof EventPayloads;

export const EVENT_TYPES = [
  'hooked',
  'netted',
  'hook-out',
  'lifted',
  'weighed',
  'reading-taken',
  'pictured',
  'returned',
  'released',
  'lost',
  'described',
  'picture-added',
  'picture-removed',
  'amended',
  'written-up',
  'undone',
  'discarded',
] as const satisfies readonly EventType[];

/** What every event carries, whatever happened. */
export interface EventHead {
  /** UUIDv7 made on the device: the same id twice is the same event once. */
  readonly id: string;
  readonly captureId: string;
  readonly deviceId: string;
  /** The device's wall clock, ISO 8601 in UTC. Only the first event's is used for the date of the capture. */
  readonly at: string;
  /** Milliseconds since the capture began, from a monotonic clock. All durations come from this. */
  readonly elapsedMs: number;
}

export type EventOf<T extends EventType> = EventHead & { readonly type: T; readonly payload: EventPayloads[T] };

/** One thing that happened to one fish. Never changed, never deleted. */
export type CaptureEvent = { [T in EventType]: EventOf<T> }[EventType];

/** The order in which a story is told: by elapsed time, ties by id, whatever order the events arrived in. */
export function byTimeThenId(a: CaptureEvent, b: CaptureEvent): number {
  return a.elapsedMs - b.elapsedMs || (a.id < b.id ? -1 : a.id > b.id ? 1 : 0);
}
