import type { BodyLength } from '../fish/bodyLength.js';
import type { FormId, SpeciesId } from '../fish/species.js';
import type { Treatment, Wound } from '../fish/wound.js';
import type { Length } from '../../measure/length.js';
import type { Mass } from '../../measure/mass.js';
import { FIRST_YEAR, LAST_YEAR } from '../../measure/moment.js';
import type { PastDate } from '../../measure/pastDate.js';
import type { PictureReading } from './pictureReading.js';
import type { ReadingWay, WeightReading } from './weightReading.js';
import type { CaptureConditions } from './conditions.js';
import type { GapTold } from './gapTold.js';
import type { HookHold, Loss, RodFacts } from './rodFacts.js';
import type { Sign } from './sign.js';
import type { PutForward } from '../meeting/putForward.js';
import type { Angler } from './angler.js';
import type { Imported } from './imported.js';
import type { Origin } from './origin.js';

/**
 * When a fish was taken, as it was put right: the moment, or how exactly the day is known of one that is remembered.
 */
export interface Taken {
  /** ISO 8601 in UTC; where only a day or less is known, the moment that stands for it. */
  readonly at: string;
  readonly dated?: PastDate;
}

/** Facts about the fish that are written down rather than tapped. `null` in an amendment strikes a fact out. */
export interface Facts {
  species?: SpeciesId | null;
  form?: FormId | null;
  /** What it is, where the book has no name for its kind. */
  kindName?: string | null;
  waterId?: string | null;
  /** The swim and the outing, where they are not those of the take. */
  swimId?: string | null;
  outingId?: string | null;
  /** When it was, where the take was noted on a wrong day. */
  taken?: Taken;
  weight?: WeightReading | null;
  length?: BodyLength | null;
  girth?: Length | null;
  /** What the keeper took it for before it was read. */
  guess?: Mass | null;
  /** Where every scale there ended: it weighs at least this. */
  overScale?: Mass | null;
  /** Who caught it, where it was not the keeper whose device it was begun on. */
  angler?: Angler | null;
  note?: string | null;
}

export type FactName = keyof Facts;

export const FACT_NAMES: readonly FactName[] = [
  'species',
  'form',
  'kindName',
  'waterId',
  'swimId',
  'outingId',
  'taken',
  'weight',
  'length',
  'girth',
  'guess',
  'overScale',
  'angler',
  'note',
];

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

/** How a fish was when it left; or that it was found dead afterwards. */
export const LEAVINGS = ['strong', 'slow', 'helped-again', 'lost-sight', 'not-recovered', 'found-dead'] as const;
export type Leaving = (typeof LEAVINGS)[number];

/** What is looked for while a fish is held upright. */
export const RECOVERY_SIGNS = ['gills', 'fins', 'upright', 'kick'] as const;
export type RecoverySign = (typeof RECOVERY_SIGNS)[number];

export const INTERRUPTIONS = ['second-rod', 'phone', 'handed-over', 'other'] as const;
export type Interruption = (typeof INTERRUPTIONS)[number];

/**
 * What the keeper says of who a fish is: one that is known, one that was never seen before, not sure yet; or only that
 * it is another one than that it was compared with, which leaves open who it is.
 */
export const IDENTITIES = ['same', 'new', 'unsure', 'different'] as const;

export interface Identified {
  readonly says: (typeof IDENTITIES)[number];
  /** The known fish that it is; null while nobody is sure. */
  readonly fishId: string | null;
  /** What it was compared with, and what the comparison said: the evidence of that day. */
  readonly by?: {
    readonly sha256: string;
    readonly captureId: string;
    readonly otherSha: string;
    readonly score: number;
    readonly probability: number;
  };
  /**
   * Several captures decided in one go, such as two fish that are one: they are shown as one decision and taken back
   * together.
   */
  readonly decisionId?: string;
  /** Why, in the keeper's words or the application's, such as "Merged into Notch". */
  readonly why?: string;
}

/** What each kind of event carries. */
export interface EventPayloads {
  /** The take: the capture begins. `gaps` is what was not ready then, in words. */
  hooked: {
    waterId?: string;
    outingId?: string;
    swimId?: string;
    gaps?: readonly string[];
    around?: CaptureConditions;
    /** The time zone of the place, an IANA name: its clocks show the local time years later. */
    zone?: string;
    /**
     * The page was begun at the desk, from pictures or from memory or a notebook: nothing was tapped beside this fish,
     * and its times say nothing of how it was handled. Not there for a fish of the bank.
     */
    from?: Exclude<Origin, 'bank'>;
    /** How exactly the day is known of a fish that is remembered. */
    dated?: PastDate;
    /** Whose device it was begun on; not there for the first keeper's. */
    keeperId?: string;
    /** It came in with a sheet. */
    imported?: Imported;
  };
  netted: Record<string, never>;
  /** The clip undone or the line snipped to get it off the rig; the hook is still in. */
  'off-rig': Record<string, never>;
  'hook-out': Record<string, never>;
  /** The hook was cut and taken out in pieces. */
  'hook-cut': Record<string, never>;
  /** Where the hook sat. */
  'hook-held': { hold: HookHold };
  /** The line was cut close and the hook left in. */
  'line-cut': Record<string, never>;
  /** The fish got rid of the hook by itself, in the net. */
  'hook-shed': Record<string, never>;
  /** Something was seen of the fish. */
  seen: { sign: Sign };
  'looked-over': Record<string, never>;
  'wound-noted': { wound: Wound };
  /** Something was applied, to one wound or to all. */
  treated: { with: Treatment; woundId?: string };
  /** Water poured over it, or it was dipped. */
  wetted: Record<string, never>;
  /** The scale was set to zero with the wet sling on. */
  zeroed: Record<string, never>;
  /** Out of the water. */
  lifted: Record<string, never>;
  /** In the sling, on the scale; the number may follow at once, later, or never. */
  weighed: Record<string, never>;
  'reading-taken': { weight: WeightReading };
  /** On the board; the number may follow. `in: 'water'`: on a floating one, without a lift. */
  measured: { in?: 'water' };
  /** `in: 'water'`: half of it under, without a lift. */
  pictured: { in?: 'water' };
  /** In the water again, in net or sling, to rest before the next thing. */
  rested: Record<string, never>;
  /** On the way to where it is let go, in the zipped sling. */
  carried: Record<string, never>;
  dropped: Record<string, never>;
  /** In the water, held upright until it goes. */
  held: Record<string, never>;
  /** The empty wet sling, hung again once the fish is away; below zero where a zeroed scale shows it lighter. */
  'sling-hung': { shown: Mass; way?: ReadingWay };
  /** The keeper was asked whether an entry adds up, and stands by it. */
  'entry-kept': { note?: string };
  /** Gill beats a minute, tapped along. */
  'gill-beat': { perMinute: number };
  recovering: { sign: RecoverySign };
  /** Back in the water, still held or in the net. */
  returned: Record<string, never>;
  /** `straight`: away at once, by choice neither weighed nor pictured. */
  released: { straight?: boolean };
  lost: Record<string, never>;
  /** How it was lost, and what it has on it since. */
  'loss-told': Loss;
  /** What it took on: each telling takes the place of the one before. */
  'rod-told': RodFacts;
  /** How it left. One that did not recover did not leave. */
  'left-as': { leaving: Leaving };
  interrupted: { why: Interruption };
  'taken-up': Record<string, never>;
  /**
   * Begun before the device had read its outings: the one that was under way, where, and how it was around the fish at
   * the take.
   */
  'outing-bound': { outingId: string; swimId?: string; waterId?: string; around?: CaptureConditions };
  /** Nothing was tapped for long: what the keeper says became of the fish. */
  'gap-told': GapTold;
  /** The time of an earlier tap put right: the tap keeps its own, and what was said of it. */
  'time-amended': { eventId: string; toMs: number; why: string };
  /** Begun twice: what was tapped here has been taken over by another capture. */
  merged: { into: string };
  /** Facts noted for the first time, at the desk. */
  described: { facts: Facts };
  'picture-added': { sha256: string; role?: PictureRole };
  /** `movedTo`: it shows the fish of another capture, which has it now. */
  'picture-removed': { sha256: string; why: string; movedTo?: string };
  /** Its bytes and every copy of them are deleted for good; that it was there is all that stays. */
  'picture-deleted': { sha256: string; why: string };
  /**
   * What was made out of a picture: its part, landmarks, view, a length. Only what is named changes; null takes it
   * away.
   */
  'picture-read': { sha256: string; role?: PictureRole } & PictureReading;
  /** Who it is, as the keeper says; the last that stands counts, and each stays in the log with what spoke for it. */
  identified: Identified;
  /** Put forward to a meeting with one of its pictures. */
  'put-forward': Omit<PutForward, 'at'>;
  /** A correction: the earlier value stays in the log. `joiningId`: it came with two waters or swims made one. */
  amended: { facts: Facts; why: string; joiningId?: string };
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
  'off-rig',
  'hook-out',
  'hook-cut',
  'line-cut',
  'hook-shed',
  'hook-held',
  'seen',
  'lifted',
  'looked-over',
  'wound-noted',
  'treated',
  'wetted',
  'zeroed',
  'weighed',
  'reading-taken',
  'sling-hung',
  'entry-kept',
  'measured',
  'pictured',
  'rested',
  'returned',
  'carried',
  'dropped',
  'held',
  'gill-beat',
  'recovering',
  'released',
  'lost',
  'loss-told',
  'rod-told',
  'left-as',
  'interrupted',
  'taken-up',
  'outing-bound',
  'gap-told',
  'time-amended',
  'merged',
  'described',
  'picture-added',
  'picture-removed',
  'picture-deleted',
  'picture-read',
  'identified',
  'put-forward',
  'amended',
  'written-up',
  'undone',
  'discarded',
] as const satisfies readonly EventType[];

/**
 * An old fish may be written about for as long as the book knows years: what was caught first, up to what can be dated
 * last.
 */
export const LAST_ELAPSED_MS = (LAST_YEAR - FIRST_YEAR + 1) * 366 * 24 * 3_600_000;

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

/** The order in which a log is replayed: by elapsed time, ties by id, whatever order the events arrived in. */
export function byTimeThenId(a: CaptureEvent, b: CaptureEvent): number {
  return a.elapsedMs - b.elapsedMs || (a.id < b.id ? -1 : a.id > b.id ? 1 : 0);
}
