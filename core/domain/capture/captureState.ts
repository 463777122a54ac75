import { netWeight, type ReadingWay } from './weightReading.js';
import type { Treatment, Wound } from '../fish/wound.js';
import type { Mass } from '../../measure/mass.js';
import type { PastDate } from '../../measure/pastDate.js';
import type { PictureReading } from './pictureReading.js';
import type { CaptureConditions } from './conditions.js';
import type { EventType, Facts, Identified, Interruption, Leaving, PictureRole, RecoverySign } from './event.js';
import type { Amendment } from './facts.js';
import type { Imported } from './imported.js';
import type { HookHold, Loss, RodFacts } from './rodFacts.js';
import type { PutForward } from '../meeting/putForward.js';
import type { Origin } from './origin.js';
import type { Sign } from './sign.js';

/** A stretch of time that the fish spent in one place. `toMs` is null while it lasts. */
export interface MediumInterval {
  readonly medium: 'water' | 'air';
  readonly fromMs: number;
  readonly toMs: number | null;
}

/** A tap that shows on the waterline. */
export interface Mark {
  readonly eventId: string;
  readonly type: EventType;
  readonly atMs: number;
}

export interface PictureOfCapture {
  readonly sha256: string;
  readonly role: PictureRole | null;
  /** What was made out of it on the bench; not there before it lay there. */
  readonly reading?: PictureReading;
}

/** A wound with what was applied to it. */
export interface WoundOfCapture extends Wound {
  readonly woundId: string;
  readonly treatedWith: readonly Treatment[];
}

/** How the hook came away from the fish, or did not. */
export type HookEnd = 'out' | 'cut' | 'left-in' | 'shed';

/** What was seen while it was held upright, in ms since the take. */
export interface Recovery {
  readonly heldMs: number | null;
  readonly gillBeats: readonly { readonly atMs: number; readonly perMinute: number }[];
  readonly signs: readonly { readonly atMs: number; readonly sign: RecoverySign }[];
}

/** `died`: it did not recover. `merged`: it was begun twice, and another capture tells of it. */
export type Outcome = 'open' | 'released' | 'lost' | 'died' | 'merged' | 'discarded';

/** The time of a tap that was put right: what it was, what it became, when and why. */
export interface TimeAmendment {
  readonly eventId: string;
  readonly at: string;
  /** The tap whose time it is. */
  readonly of: { readonly eventId: string; readonly type: EventType };
  readonly fromMs: number;
  readonly toMs: number;
  readonly why: string;
}

/** What a fish took on, told again: what it was, what it became, and when. */
export interface RodCorrection {
  readonly eventId: string;
  readonly at: string;
  readonly from: RodFacts;
  readonly to: RodFacts;
}

/** A picture that was taken from a fish: out of the book, over to another fish, or deleted for good. */
export interface PictureGone {
  readonly eventId: string;
  readonly at: string;
  readonly sha256: string;
  readonly why: string;
  readonly movedTo: string | null;
  readonly deleted: boolean;
}

/** Everything that one fish's events say, in one value. Both the device and the server tell it with `replay`. */
export interface CaptureState {
  readonly captureId: string;
  /** When it was taken: as the log has it, or as that was put right since. */
  readonly startedAt: string | null;
  /** The moment that its log counts from, which no correction moves. */
  readonly begunAt: string | null;
  /** The time zone of the place, where the device said it. */
  readonly zone: string | null;
  /** Only of a fish of the bank is anything known of how it was handled. */
  readonly origin: Origin;
  /** How exactly the day is known of a fish that is remembered; null where the moment is. */
  readonly dated: PastDate | null;
  /** It came in with a sheet; null of all others. */
  readonly imported: Imported | null;
  /** The keeper whose device it was begun on; null where the log names none. */
  readonly begunBy: string | null;
  /** The last tap beside the fish, in ms since the take. */
  readonly lastTapMs: number;
  readonly outcome: Outcome;
  /** When the fish left, in ms since the start; null while it has not. */
  readonly endMs: number | null;
  readonly spells: readonly MediumInterval[];
  readonly marks: readonly Mark[];
  readonly facts: Facts;
  readonly pictures: readonly PictureOfCapture[];
  readonly amendments: readonly Amendment[];
  readonly timeAmendments: readonly TimeAmendment[];
  /** What it took on, where that was told another way once the fish was away. */
  readonly rodCorrections: readonly RodCorrection[];
  readonly picturesGone: readonly PictureGone[];
  readonly writtenUp: boolean;
  /** The outing and the swim of the take, where one was under way. */
  readonly outingId: string | null;
  readonly swimId: string | null;
  /** What was not ready at the take. */
  readonly gaps: readonly string[];
  readonly conditions: CaptureConditions;
  /** What was seen of the fish and still holds. */
  readonly signs: readonly Sign[];
  readonly hookEnd: HookEnd | null;
  /** Where the hook sat, where that was tapped. */
  readonly hookHold: HookHold | null;
  /** What it took on; null where nothing was told of the rod. */
  readonly rod: RodFacts | null;
  /** How it was lost, where that was told. */
  readonly loss: Loss | null;
  readonly wounds: readonly WoundOfCapture[];
  /** When it was last wetted, lifted out of or put into water. */
  readonly lastWetMs: number | null;
  readonly recovery: Recovery;
  readonly leaving: Leaving | null;
  /** It went straight back, by choice: no weight and no picture are missing. */
  readonly straightBack: boolean;
  /** What the scale showed with the empty wet sling on it afterwards. */
  readonly slingAfter: Mass | null;
  readonly slingAfterWay: ReadingWay | null;
  /**
   * The keeper stood by the entry as it is, with a note perhaps; null when never asked, or when it has changed since.
   */
  readonly entryKept: { readonly note: string | null } | null;
  readonly interruptions: readonly {
    readonly atMs: number;
    readonly why: Interruption;
    readonly endMs: number | null;
  }[];
  /** Every device that something was tapped on. */
  readonly devices: readonly string[];
  readonly mergedInto: string | null;
  /** Who it is, as the keeper said last; null when nobody was asked. */
  readonly identity: (Identified & { readonly eventId: string }) | null;
  /** The meetings that it was put forward to. */
  readonly putForward: readonly PutForward[];
  /** Captures whose fish the keeper said is another one. */
  readonly notSameAs: readonly string[];
  /** False when something that happens in air was tapped with no lift noted: the air time is then a lower bound. */
  readonly airComplete: boolean;
  /**
   * What stands in the log and cannot be read here: from a newer version, or damaged. It is kept there, and counts for
   * nothing.
   */
  readonly setAside: readonly { readonly eventId: string; readonly type: string }[];
}

/** A capture before anything has happened. */
export function emptyCapture(captureId: string): CaptureState {
  return {
    captureId,
    startedAt: null,
    begunAt: null,
    zone: null,
    origin: 'bank',
    dated: null,
    imported: null,
    begunBy: null,
    lastTapMs: 0,
    outcome: 'open',
    endMs: null,
    spells: [],
    marks: [],
    facts: {},
    pictures: [],
    amendments: [],
    timeAmendments: [],
    rodCorrections: [],
    picturesGone: [],
    writtenUp: false,
    outingId: null,
    swimId: null,
    gaps: [],
    conditions: {},
    signs: [],
    hookEnd: null,
    hookHold: null,
    rod: null,
    loss: null,
    wounds: [],
    lastWetMs: null,
    recovery: { heldMs: null, gillBeats: [], signs: [] },
    leaving: null,
    straightBack: false,
    slingAfter: null,
    slingAfterWay: null,
    entryKept: null,
    interruptions: [],
    devices: [],
    mergedInto: null,
    identity: null,
    putForward: [],
    notSameAs: [],
    airComplete: true,
    setAside: [],
  };
}

/** Whether a fish that left so is dead. */
export function isDeath(leaving: Leaving | null): boolean {
  return leaving === 'not-recovered' || leaving === 'found-dead';
}

/** The fish's own weight as the capture has it; undefined when none was read or the tare is still missing. */
export function netOf(state: Pick<CaptureState, 'facts'>): Mass | undefined {
  const answer = state.facts.weight && netWeight(state.facts.weight);
  return answer?.ok ? answer.value : undefined;
}
