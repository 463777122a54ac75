import type { FormId, SpeciesId } from '../fish/species.js';
import { isOpenWound, type WoundKind } from '../fish/wound.js';
import type { PutForward } from '../meeting/putForward.js';
import { totalLength, type BodyLength } from '../fish/bodyLength.js';
import { lengthMm } from '../../measure/length.js';
import { gramsOf, type Mass } from '../../measure/mass.js';
import type { PastDate } from '../../measure/pastDate.js';
import type { Origin } from './origin.js';
import { keeperOf, type Angler } from './angler.js';
import type { WeightReading } from './weightReading.js';
import { weighingOf } from './weighingOf.js';
import { clocksAt } from './clocks.js';
import { missingThings } from './missing.js';
import type { Imported } from './imported.js';
import type { HookHold, Loss, RodFacts } from './rodFacts.js';
import type { PictureView } from './pictureReading.js';
import type { EventType, Leaving, PictureRole } from './event.js';
import {
  netOf,
  type CaptureState,
  type HookEnd,
  type Mark,
  type Outcome,
  type PictureOfCapture,
  type MediumInterval,
} from './captureState.js';

/** A picture and how the book shows it. */
export interface PictureOfSummary {
  readonly sha256: string;
  readonly role: PictureRole | null;
  /** As it was laid on the bench; null while it was not. */
  readonly view: PictureView | null;
}

/** One line of the book: enough to list, filter, sort and draw a capture without its events. */
export interface CaptureSummary {
  readonly captureId: string;
  readonly startedAt: string | null;
  /** The moment that its log counts from: what is added to it counts from there. */
  readonly begunAt: string | null;
  readonly zone: string | null;
  /** Only of a fish of the bank is anything known of how it was handled. */
  readonly origin: Origin;
  /** How exactly the day is known of a fish that is remembered; null where the moment is. */
  readonly dated: PastDate | null;
  /** It came in with a sheet; null of all others. */
  readonly imported: Imported | null;
  readonly outcome: Outcome;
  readonly species: SpeciesId | null;
  readonly form: FormId | null;
  readonly kindName: string | null;
  readonly waterId: string | null;
  readonly outingId: string | null;
  readonly swimId: string | null;
  /** Net weight in the unit read; null when not read or still without its tare. */
  readonly net: Mass | null;
  readonly netGrams: number | null;
  /** How it was weighed, as the doubt of the weight is worked out from it. */
  readonly weighing: WeightReading | null;
  /** As it was read, and to where. */
  readonly length: BodyLength | null;
  /** As it is compared: to the tip, tail pinched, whatever was read. */
  readonly lengthMm: number | null;
  /** What it was taken for before it was read. */
  readonly guessGrams: number | null;
  readonly fightMs: number;
  readonly airMs: number;
  readonly longestAirMs: number;
  readonly elapsedMs: number;
  readonly airComplete: boolean;
  readonly spells: readonly MediumInterval[];
  readonly marks: readonly Pick<Mark, 'type' | 'atMs'>[];
  /** The one that stands for the capture first. */
  readonly pictures: readonly PictureOfSummary[];
  readonly amendmentCount: number;
  readonly writtenUp: boolean;
  readonly hookEnd: HookEnd | null;
  readonly hookHold: HookHold | null;
  /** What it took on, and how it was lost, where that was told. */
  readonly rod: RodFacts | null;
  readonly loss: Loss | null;
  readonly leaving: Leaving | null;
  readonly straightBack: boolean;
  /** Who caught it, where it was not the keeper whose device it was begun on. */
  readonly angler: Angler | null;
  /** The keeper whose fish it is; null for a guest's. */
  readonly keeperId: string | null;
  readonly girthMm: number | null;
  /** Where every scale there ended. */
  readonly overScaleGrams: number | null;
  readonly woundCount: number;
  /** The wounds that are open: what the owner of the water should hear of. */
  readonly openWounds: readonly WoundKind[];
  /** A predator was near it. */
  readonly predatorNear: boolean;
  readonly waterC: number | null;
  /** How long it was held upright until it left; null where that was not tapped. */
  readonly heldMs: number | null;
  /** In the water again between two things that were done to it. */
  readonly restedMs: number;
  /** Gill beats a minute, at the last count. */
  readonly gillBeat: number | null;
  /** The known fish that the keeper says it is; null while that is open. */
  readonly fishId: string | null;
  /** Captures that the keeper says show another fish. */
  readonly notSameAs: readonly string[];
  /** The meetings that it was put forward to. */
  readonly putForward: readonly PutForward[];
}

/** What a rest in the water ends with. */
const ENDS_REST: readonly EventType[] = ['rested', 'lifted', 'carried', 'held', 'returned'];

/** A line of the book draws so many marks and spells; more than any fish on a bank has. */
const MOST_DRAWN = 400;

/** Sums a capture up. An open capture is summed up to its last event, so that the value depends on the events alone. */
export function summaryOf(state: CaptureState): CaptureSummary {
  const lastMs = state.marks.at(-1)?.atMs ?? 0;
  const clocks = clocksAt(state, lastMs);
  const net = netOf(state) ?? null;
  const { recovery, endMs } = state;
  const { species, form, kindName, waterId, length, girth, guess, overScale, angler } = state.facts;
  return {
    captureId: state.captureId,
    startedAt: state.startedAt,
    begunAt: state.begunAt,
    zone: state.zone,
    origin: state.origin,
    dated: state.dated,
    imported: state.imported,
    outcome: state.outcome,
    species: species ?? null,
    form: form ?? null,
    kindName: kindName ?? null,
    waterId: waterId ?? null,
    outingId: state.outingId,
    swimId: state.swimId,
    net,
    netGrams: net && gramsOf(net),
    weighing: weighingOf(state) ?? null,
    length: length ?? null,
    lengthMm: length ? totalLength(length, species).totalMm : null,
    guessGrams: guess ? gramsOf(guess) : null,
    fightMs: clocks.fightMs,
    airMs: clocks.airMs,
    longestAirMs: clocks.longestAirMs,
    elapsedMs: clocks.elapsedMs,
    airComplete: state.airComplete,
    spells: state.spells.slice(0, MOST_DRAWN),
    marks: state.marks.slice(0, MOST_DRAWN).map(({ type, atMs }) => ({ type, atMs })),
    pictures: picturesOf(state),
    amendmentCount: state.amendments.length,
    // What went straight back, named and placed, asks for nothing more.
    writtenUp: state.writtenUp || (state.straightBack && missingThings(state).length === 0),
    hookEnd: state.hookEnd,
    hookHold: state.hookHold,
    rod: state.rod,
    loss: state.loss,
    leaving: state.leaving,
    straightBack: state.straightBack,
    angler: angler ?? null,
    keeperId: keeperOf(angler, state.begunBy),
    girthMm: girth ? lengthMm(girth) : null,
    overScaleGrams: overScale ? gramsOf(overScale) : null,
    woundCount: state.wounds.length,
    openWounds: state.wounds.filter(isOpenWound).map(({ kind }) => kind),
    predatorNear: state.signs.includes('predator-near'),
    waterC: state.conditions.waterC ?? null,
    heldMs: recovery.heldMs === null || endMs === null ? null : Math.max(0, endMs - recovery.heldMs),
    restedMs: restedMs(state),
    gillBeat: recovery.gillBeats.at(-1)?.perMinute ?? null,
    fishId: state.identity?.fishId ?? null,
    notSameAs: state.notSameAs,
    putForward: state.putForward,
  };
}

function restedMs({ marks, endMs }: CaptureState): number {
  return marks.reduce((sum, { type, atMs }, i) => {
    if (type !== 'rested') return sum;
    const next = marks.slice(i + 1).find((mark) => ENDS_REST.includes(mark.type))?.atMs ?? endMs;
    return next === null ? sum : sum + Math.max(0, next - atMs);
  }, 0);
}

/**
 * The pictures in their order, but first the one that stands for the capture: the portrait, else the left flank, else
 * the first there is.
 */
function picturesOf({ pictures }: CaptureState): PictureOfSummary[] {
  const byRole = (wanted: PictureRole) => pictures.find(({ role }) => role === wanted);
  const first = byRole('portrait') ?? byRole('left-flank') ?? pictures[0];
  return [...pictures].sort((a, b) => Number(b === first) - Number(a === first)).map(shownInBook);
}

/** A picture as a line of the book has it. Example: one that never lay on the bench has no view. */
export function shownInBook({ sha256, role, reading }: PictureOfCapture): PictureOfSummary {
  return { sha256, role, view: reading?.view ?? null };
}
