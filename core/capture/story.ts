import { netWeight, type ReadingWay } from '../weighing/reading.js';
import { isOpenWound, type Treatment, type Wound } from '../fish/wound.js';
import type { Mass } from '../measure/mass.js';
import type { PictureReading } from '../picture/pictureReading.js';
import type { Around } from './around.js';
import {
  byTimeThenId,
  type CaptureEvent,
  type EventPayloads,
  type EventType,
  type Facts,
  type Identified,
  type Interruption,
  type Leaving,
  type PictureRole,
  type RecoverySign,
} from './event.js';
import type { GapTold } from './gapTold.js';
import { noteFacts, type Amendment } from './facts.js';
import { withSign, type Sign } from './sign.js';

/** A stretch of time that the fish spent in one place. `toMs` is null while it lasts. */
export interface Spell {
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

export interface PictureInStory {
  readonly sha256: string;
  readonly role: PictureRole | null;
  /** What was made out of it on the bench; not there before it lay there. */
  readonly reading?: PictureReading;
}

/** A wound with what was applied to it. */
export interface WoundInStory extends Wound {
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

/** Everything that one fish's events say, in one value. Both the device and the server tell it with `tellStory`. */
export interface CaptureStory {
  readonly captureId: string;
  readonly startedAt: string | null;
  /** The time zone of the place, where the device said it. */
  readonly zone: string | null;
  /** The last tap beside the fish, in ms since the take. */
  readonly lastTapMs: number;
  readonly outcome: Outcome;
  /** When the fish left, in ms since the start; null while it has not. */
  readonly endMs: number | null;
  readonly spells: readonly Spell[];
  readonly marks: readonly Mark[];
  readonly facts: Facts;
  readonly pictures: readonly PictureInStory[];
  readonly amendments: readonly Amendment[];
  readonly timeAmendments: readonly TimeAmendment[];
  readonly writtenUp: boolean;
  /** The outing and the swim of the take, where one was under way. */
  readonly outingId: string | null;
  readonly swimId: string | null;
  /** What was not ready at the take. */
  readonly gaps: readonly string[];
  readonly around: Around;
  /** What was seen of the fish and still holds. */
  readonly signs: readonly Sign[];
  readonly hookEnd: HookEnd | null;
  readonly wounds: readonly WoundInStory[];
  /** When it was last wetted, lifted out of or put into water. */
  readonly lastWetMs: number | null;
  readonly recovery: Recovery;
  readonly leaving: Leaving | null;
  /** What the scale showed with the empty wet sling on it afterwards. */
  readonly slingAfter: Mass | null;
  readonly slingAfterWay: ReadingWay | null;
  /** The keeper stood by the entry as it is, with a note perhaps; null when never asked, or when it has changed since. */
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
  /** Captures whose fish the keeper said is another one. */
  readonly notSameAs: readonly string[];
  /** False when something that happens in air was tapped with no lift noted: the air time is then a lower bound. */
  readonly airComplete: boolean;
}

/** The story before anything has happened. */
export function emptyStory(captureId: string): CaptureStory {
  return {
    captureId,
    startedAt: null,
    zone: null,
    lastTapMs: 0,
    outcome: 'open',
    endMs: null,
    spells: [],
    marks: [],
    facts: {},
    pictures: [],
    amendments: [],
    timeAmendments: [],
    writtenUp: false,
    outingId: null,
    swimId: null,
    gaps: [],
    around: {},
    signs: [],
    hookEnd: null,
    wounds: [],
    lastWetMs: null,
    recovery: { heldMs: null, gillBeats: [], signs: [] },
    leaving: null,
    slingAfter: null,
    slingAfterWay: null,
    entryKept: null,
    interruptions: [],
    devices: [],
    mergedInto: null,
    identity: null,
    notSameAs: [],
    airComplete: true,
  };
}

/**
 * Tells one capture's story from its events, in whatever order and however often each arrived.
 * Repeated ids count once; undone events and the undoing are left out.
 *
 * Example: hooked at 0, lifted at 300 000 and returned at 340 000 gives spells of water, 40 s of air, and water since.
 */
export function tellStory(captureId: string, events: readonly CaptureEvent[]): CaptureStory {
  const { events: standing, amended } = withTimesAmended(standingEvents(events));
  return { ...standing.reduce(stepStory, emptyStory(captureId)), timeAmendments: amended };
}

/** Moves taps to the times that they were put right to, the latest correction of each counting, and puts all in order again. */
function withTimesAmended(standing: readonly CaptureEvent[]): {
  readonly events: readonly CaptureEvent[];
  readonly amended: readonly TimeAmendment[];
} {
  const byId = new Map(standing.map((event) => [event.id, event]));
  const times = new Map<string, number>();
  const amended: TimeAmendment[] = [];
  for (const event of standing) {
    if (event.type !== 'time-amended') continue;
    const { eventId, toMs, why } = event.payload;
    const of = byId.get(eventId);
    if (!of || of.type === 'hooked') continue;
    const fromMs = times.get(eventId) ?? of.elapsedMs;
    amended.push({ eventId: event.id, at: event.at, of: { eventId, type: of.type }, fromMs, toMs, why });
    times.set(eventId, toMs);
  }
  if (times.size === 0) return { events: standing, amended };
  const moved = standing.map((event) => {
    const elapsedMs = times.get(event.id);
    return elapsedMs === undefined ? event : { ...event, elapsedMs };
  });
  return { events: moved.sort(byTimeThenId), amended };
}

/** The events that count: once each, without the undone ones, in order of time. */
export function standingEvents(events: readonly CaptureEvent[]): CaptureEvent[] {
  const once = new Map(events.map((event) => [event.id, event]));
  const undone = new Set<string>();
  for (const event of once.values()) if (event.type === 'undone') undone.add(event.payload.eventId);
  return [...once.values()].filter((event) => event.type !== 'undone' && !undone.has(event.id)).sort(byTimeThenId);
}

/** What is done at the desk says nothing of whether somebody still stands beside the fish. */
const AT_THE_DESK: readonly EventType[] = [
  ...(['described', 'amended', 'picture-added', 'picture-removed', 'picture-read', 'identified'] as const),
  ...(['outing-bound', 'written-up', 'entry-kept', 'time-amended', 'gap-told', 'undone'] as const),
];

/** One event further. Events must come in order of time; nothing that happens is refused, for it did happen. */
export function stepStory(before: CaptureStory, event: CaptureEvent): CaptureStory {
  const story = {
    ...before,
    ...(!before.devices.includes(event.deviceId) && { devices: [...before.devices, event.deviceId] }),
    ...(before.endMs === null && !AT_THE_DESK.includes(event.type) && { lastTapMs: event.elapsedMs }),
  };
  const marked = { ...story, marks: [...story.marks, markOf(event)] };
  const atMs = event.elapsedMs;
  switch (event.type) {
    case 'hooked':
      if (story.startedAt !== null) return story;
      return {
        ...marked,
        startedAt: event.at,
        zone: event.payload.zone ?? null,
        outingId: event.payload.outingId ?? null,
        swimId: event.payload.swimId ?? null,
        gaps: event.payload.gaps ?? [],
        around: event.payload.around ?? {},
        facts: event.payload.waterId ? { ...story.facts, waterId: event.payload.waterId } : story.facts,
        spells: enter('water', story.spells, atMs),
      };
    case 'lifted':
      return { ...marked, lastWetMs: atMs, spells: enter('air', story.spells, atMs) };
    case 'returned':
    case 'rested':
      return { ...marked, lastWetMs: atMs, spells: enter('water', story.spells, atMs) };
    case 'held':
      return {
        ...marked,
        lastWetMs: atMs,
        spells: enter('water', story.spells, atMs),
        recovery: { ...story.recovery, heldMs: story.recovery.heldMs ?? atMs },
      };
    case 'weighed':
    case 'measured':
    case 'pictured':
      return { ...marked, airComplete: story.airComplete && liftedBefore(story) };
    case 'netted':
    case 'off-rig':
    case 'looked-over':
    case 'carried':
    case 'zeroed':
    case 'dropped':
      return marked;
    case 'wetted':
      return { ...marked, lastWetMs: atMs };
    case 'hook-out':
    case 'hook-cut':
    case 'line-cut':
    case 'hook-shed':
      return { ...marked, hookEnd: HOOK_ENDS[event.type] };
    case 'seen':
      return { ...story, signs: withSign(story.signs, event.payload.sign) };
    case 'wound-noted':
      return { ...story, wounds: [...story.wounds, { ...event.payload.wound, woundId: event.id, treatedWith: [] }] };
    case 'treated':
      return { ...marked, wounds: treat(story.wounds, event.payload) };
    case 'sling-hung':
      return { ...story, slingAfter: event.payload.shown, slingAfterWay: event.payload.way ?? null };
    case 'entry-kept':
      return { ...story, entryKept: { note: event.payload.note ?? null } };
    case 'gill-beat': {
      const gillBeats = [...story.recovery.gillBeats, { atMs, perMinute: event.payload.perMinute }];
      return { ...story, recovery: { ...story.recovery, gillBeats } };
    }
    case 'recovering': {
      const { sign } = event.payload;
      if (story.recovery.signs.some((each) => each.sign === sign)) return story;
      return { ...story, recovery: { ...story.recovery, signs: [...story.recovery.signs, { atMs, sign }] } };
    }
    case 'released':
    case 'lost':
      if (story.endMs !== null) return story;
      return { ...marked, outcome: event.type, endMs: atMs, spells: close(story.spells, atMs) };
    case 'left-as': {
      const { leaving } = event.payload;
      const ended = { ...story, leaving, endMs: story.endMs ?? atMs, spells: close(story.spells, atMs) };
      if (story.outcome !== 'open' && story.outcome !== 'released' && story.outcome !== 'died') return story;
      return { ...ended, outcome: isDeath(leaving) ? 'died' : 'released' };
    }
    case 'interrupted':
      return { ...story, interruptions: [...story.interruptions, { atMs, why: event.payload.why, endMs: null }] };
    case 'outing-bound': {
      const { outingId, swimId, waterId } = event.payload;
      if (story.outingId !== null) return story;
      const facts = waterId && story.facts.waterId === undefined ? { ...story.facts, waterId } : story.facts;
      return { ...story, outingId, swimId: story.swimId ?? swimId ?? null, facts };
    }
    case 'gap-told':
      return tellGap(story, event.payload, atMs);
    case 'time-amended':
      return story;
    case 'taken-up':
      return {
        ...story,
        interruptions: story.interruptions.map((each) => (each.endMs === null ? { ...each, endMs: atMs } : each)),
      };
    case 'merged':
      return {
        ...story,
        outcome: 'merged',
        mergedInto: event.payload.into,
        endMs: story.endMs ?? atMs,
        spells: close(story.spells, atMs),
      };
    case 'discarded':
      return { ...story, outcome: 'discarded', endMs: story.endMs ?? atMs, spells: close(story.spells, atMs) };
    case 'reading-taken':
      return noteFacts(story, event, { weight: event.payload.weight }, 'Read a second time.');
    case 'described':
      return noteFacts(story, event, event.payload.facts, 'Noted a second time.');
    case 'amended':
      return noteFacts(story, event, event.payload.facts, event.payload.why);
    case 'picture-added':
      if (story.pictures.some((picture) => picture.sha256 === event.payload.sha256)) return story;
      return {
        ...story,
        pictures: [...story.pictures, { sha256: event.payload.sha256, role: event.payload.role ?? null }],
      };
    case 'picture-removed':
      return { ...story, pictures: story.pictures.filter((picture) => picture.sha256 !== event.payload.sha256) };
    case 'picture-read':
      return { ...story, pictures: story.pictures.map((picture) => readAnew(picture, event.payload)) };
    case 'identified':
      return event.payload.says === 'different'
        ? { ...story, notSameAs: event.payload.by ? [...story.notSameAs, event.payload.by.captureId] : story.notSameAs }
        : { ...story, identity: { ...event.payload, eventId: event.id } };
    case 'written-up':
      return { ...story, writtenUp: true };
    case 'undone':
      return story;
  }
}

/** Whether a fish that left so is dead. */
export function isDeath(leaving: Leaving | null): boolean {
  return leaving === 'not-recovered' || leaving === 'found-dead';
}

/**
 * What is known of a fish that was left alone for long. Where it is still here the clocks go on. Else it went back: when that is known its time
 * in the air ends there; when not, what was tapped is all that is known of it, and the air time is a lower bound.
 */
function tellGap(story: CaptureStory, { says, fromMs, backMs }: GapTold, atMs: number): CaptureStory {
  if (story.endMs !== null || says === 'still-here') return { ...story, lastTapMs: Math.max(story.lastTapMs, atMs) };
  const spell = story.spells.at(-1);
  const endMs = Math.max(spell?.fromMs ?? 0, backMs ?? fromMs);
  return {
    ...story,
    outcome: 'released',
    endMs,
    spells: close(story.spells, endMs),
    airComplete: story.airComplete && (backMs !== undefined || spell?.medium !== 'air'),
  };
}

const HOOK_ENDS = { 'hook-out': 'out', 'hook-cut': 'cut', 'line-cut': 'left-in', 'hook-shed': 'shed' } as const;

/** Applies a treatment to one wound, or to every open one. */
function treat(wounds: readonly WoundInStory[], payload: { with: Treatment; woundId?: string }): WoundInStory[] {
  return wounds.map((wound) =>
    (payload.woundId ? wound.woundId === payload.woundId : isOpenWound(wound))
      ? { ...wound, treatedWith: [...wound.treatedWith, payload.with] }
      : wound,
  );
}

function markOf(event: CaptureEvent): Mark {
  return { eventId: event.id, type: event.type, atMs: event.elapsedMs };
}

function close(spells: readonly Spell[], atMs: number): Spell[] {
  return spells.map((spell) => (spell.toMs === null ? { ...spell, toMs: atMs } : spell));
}

function enter(medium: Spell['medium'], spells: readonly Spell[], atMs: number): readonly Spell[] {
  const last = spells.at(-1);
  // After the release nothing reopens the clock; a second lift while in the air is the same spell.
  if (last && (last.toMs !== null || last.medium === medium)) return spells;
  return [...close(spells, atMs), { medium, fromMs: atMs, toMs: null }];
}

function liftedBefore(story: CaptureStory): boolean {
  return story.spells.some((spell) => spell.medium === 'air');
}

/** The fish's own weight as the story has it; undefined when none was read or the tare is still missing. */
export function netOf(story: Pick<CaptureStory, 'facts'>): Mass | undefined {
  const answer = story.facts.weight && netWeight(story.facts.weight);
  return answer?.ok ? answer.value : undefined;
}

function readAnew(picture: PictureInStory, { sha256, role, ...made }: EventPayloads['picture-read']): PictureInStory {
  if (picture.sha256 !== sha256) return picture;
  return { ...picture, role: role ?? picture.role, reading: { ...picture.reading, ...made } };
}
