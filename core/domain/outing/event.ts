import type { CaptureEvent } from '../capture/event.js';
import type { Layout } from '../water/plan.js';
import type { MatFace } from './careDeed.js';
import type { WeatherHour } from './weather.js';
import type { SpeciesId } from '../fish/species.js';
import type { Loss, RodSetup } from '../capture/rodFacts.js';
import type { RodInReason } from './rods.js';

/** What lasts longer is more than one outing. */
export const LONGEST_OUTING_MS = 14 * 24 * 3_600_000;

/** Where a water temperature was taken. */
export const WATER_DEPTHS = ['surface', 'net-depth', 'bottom'] as const;
export type WaterDepth = (typeof WATER_DEPTHS)[number];

export const CONDITION_SOURCES = ['hand', 'probe', 'service'] as const;
export type ConditionSource = (typeof CONDITION_SOURCES)[number];

/** What was measured or seen at one moment; only what was measured is given. */
export interface Condition {
  readonly source: ConditionSource;
  readonly waterC?: number;
  readonly depth?: WaterDepth;
  readonly airC?: number;
  readonly cloudOctas?: number;
  readonly windMs?: number;
  readonly windFromDeg?: number;
  /** Reduced to sea level. */
  readonly pressureHpa?: number;
  readonly oxygenMgL?: number;
}

export const CARE_KINDS = ['soaked', 'turned', 'bucket-changed'] as const;
export type CareKind = (typeof CARE_KINDS)[number];

/** What each kind of event of an outing carries. */
export interface OutingPayloads {
  /**
   * The plan, at first and whenever it is changed. `companions` counts further pairs of hands. `joiningId`: it changed
   * with two waters made one.
   */
  'outing-planned': {
    waterId: string;
    fromAt: string;
    toAt: string;
    companions: number;
    expected: readonly SpeciesId[];
    joiningId?: string;
  };
  'swim-taken': { swimId: string };
  /** A swim that was named wrongly, or under another name: wherever it stands in this outing, it is the other. */
  'swim-amended': { from: string; to: string; joiningId?: string };
  'condition-taken': Condition & { when: string };
  'forecast-taken': { hours: readonly WeatherHour[] };
  'care-done': { kind: CareKind; face?: MatFace; when: string };
  'laid-out': { layout: Layout };
  /** One thing of the list of readiness, found in order or not any more. */
  'item-checked': { item: string; done: boolean };
  /**
   * A rod cast: how it fishes, whole. Cast anew, it fishes so from then on. The swim is that of the moment, or the one
   * that is named where the time was put right later.
   */
  'rod-out': { rod: number; setup: RodSetup; when: string; swimId?: string };
  /** A rod out of the water. */
  'rod-in': { rod: number; why: RodInReason; when: string };
  /** A run that came to nothing, on a rod where it was named. */
  'run-dropped': { rod?: number; when?: string };
  /** A bite that was struck at and missed. */
  'bite-missed': { rod?: number; when?: string };
  /** A fish that was on and got away before anything was tapped of it. */
  'fish-lost': Loss & { rod?: number; when?: string };
  /** How a fish that was lost on a rod got away, and what it has on it: told after the tap, at leisure. */
  'lost-how': Loss & { of: string };
  'outing-ended': { note?: string };
  /** A plan that came to nothing: no outing, and no blank. */
  'outing-called-off': { note?: string };
  /** Takes back one earlier event. */
  'taken-back': { eventId: string };
}

export type OutingEventType = keyof OutingPayloads;

export const OUTING_EVENT_TYPES = [
  'outing-planned',
  'swim-taken',
  'swim-amended',
  'condition-taken',
  'forecast-taken',
  'care-done',
  'laid-out',
  'item-checked',
  'rod-out',
  'rod-in',
  'run-dropped',
  'bite-missed',
  'fish-lost',
  'lost-how',
  'outing-ended',
  'outing-called-off',
  'taken-back',
] as const satisfies readonly OutingEventType[];

/** What every event of an outing carries. */
export interface OutingEventHead {
  /** UUIDv7 made on the device: the same id twice is the same event once. */
  readonly id: string;
  readonly outingId: string;
  readonly deviceId: string;
  /** The device's wall clock, ISO 8601 in UTC. */
  readonly at: string;
}

export type OutingEventOf<T extends OutingEventType> = OutingEventHead & {
  readonly type: T;
  readonly payload: OutingPayloads[T];
};

/** One thing that was planned, measured or done on an outing. Never changed, never deleted. */
export type OutingEvent = { [T in OutingEventType]: OutingEventOf<T> }[OutingEventType];

/** What is in a log: of captures and of outings alike. */
export type LoggedEvent = CaptureEvent | OutingEvent;

/** The capture or outing that an event is about. */
export function subjectOf(event: LoggedEvent): string {
  return 'captureId' in event ? event.captureId : event.outingId;
}
