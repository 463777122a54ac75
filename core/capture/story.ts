import { netWeight, type WeightReading } from '../weighing/reading.js';
import type { Mass } from '../measure/mass.js';
import {
  byTimeThenId,
  FACT_NAMES,
  type CaptureEvent,
  type EventType,
  type FactName,
  type Facts,
  type PictureRole,
} from './event.js';

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
}

/** A correction as it will be read years later: what it was, what it became, when and why. */
export interface Amendment {
  readonly eventId: string;
  readonly at: string;
  readonly field: FactName;
  readonly from: Facts[FactName];
  readonly to: Facts[FactName];
  readonly why: string;
}

export type Outcome = 'open' | 'released' | 'lost' | 'discarded';

/** Everything that one fish's events say, in one value. Both the device and the server tell it with `tellStory`. */
export interface CaptureStory {
  readonly captureId: string;
  readonly startedAt: string | null;
  readonly outcome: Outcome;
  /** When the fish left, in ms since the start; null while it has not. */
  readonly endMs: number | null;
  readonly spells: readonly Spell[];
  readonly marks: readonly Mark[];
  readonly facts: Facts;
  readonly pictures: readonly PictureInStory[];
  readonly amendments: readonly Amendment[];
  readonly writtenUp: boolean;
  /** The outing and the swim of the take, where one was under way. */
  readonly outingId: string | null;
  readonly swimId: string | null;
  /** What was not ready at the take. */
  readonly gaps: readonly string[];
  /** False when something that happens in air was tapped with no lift noted: the air time is then a lower bound. */
  readonly airComplete: boolean;
}

/** The story before anything has happened. */
export function emptyStory(captureId: string): CaptureStory {
  return {
    captureId,
    startedAt: null,
    outcome: 'open',
    endMs: null,
    spells: [],
    marks: [],
    facts: {},
    pictures: [],
    amendments: [],
    writtenUp: false,
    outingId: null,
    swimId: null,
    gaps: [],
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
  return standingEvents(events).reduce(stepStory, emptyStory(captureId));
}

/** The events that count: once each, without the undone ones, in order of time. */
export function standingEvents(events: readonly CaptureEvent[]): CaptureEvent[] {
  const once = new Map(events.map((event) => [event.id, event]));
  const undone = new Set<string>();
  for (const event of once.values()) if (event.type === 'undone') undone.add(event.payload.eventId);
  return [...once.values()].filter((event) => event.type !== 'undone' && !undone.has(event.id)).sort(byTimeThenId);
}

/** One event further. Events must come in order of time; nothing that happens is refused, for it did happen. */
export function stepStory(story: CaptureStory, event: CaptureEvent): CaptureStory {
  const marked = { ...story, marks: [...story.marks, markOf(event)] };
  const atMs = event.elapsedMs;
  switch (event.type) {
    case 'hooked':
      if (story.startedAt !== null) return story;
      return {
        ...marked,
        startedAt: event.at,
        outingId: event.payload.outingId ?? null,
        swimId: event.payload.swimId ?? null,
        gaps: event.payload.gaps ?? [],
        facts: event.payload.waterId ? { ...story.facts, waterId: event.payload.waterId } : story.facts,
        spells: enter('water', story.spells, atMs),
      };
    case 'lifted':
      return { ...marked, spells: enter('air', story.spells, atMs) };
    case 'returned':
      return { ...marked, spells: enter('water', story.spells, atMs) };
    case 'weighed':
    case 'pictured':
      return { ...marked, airComplete: story.airComplete && liftedBefore(story) };
    case 'netted':
    case 'hook-out':
      return marked;
    case 'released':
    case 'lost':
      if (story.endMs !== null) return story;
      return { ...marked, outcome: event.type, endMs: atMs, spells: close(story.spells, atMs) };
    case 'discarded':
      return { ...story, outcome: 'discarded', endMs: story.endMs ?? atMs, spells: close(story.spells, atMs) };
    case 'reading-taken':
      return note(story, event, { weight: event.payload.weight }, 'Read a second time.');
    case 'described':
      return note(story, event, event.payload.facts, 'Noted a second time.');
    case 'amended':
      return note(story, event, event.payload.facts, event.payload.why);
    case 'picture-added':
      if (story.pictures.some((picture) => picture.sha256 === event.payload.sha256)) return story;
      return {
        ...story,
        pictures: [...story.pictures, { sha256: event.payload.sha256, role: event.payload.role ?? null }],
      };
    case 'picture-removed':
      return { ...story, pictures: story.pictures.filter((picture) => picture.sha256 !== event.payload.sha256) };
    case 'written-up':
      return { ...story, writtenUp: true };
    case 'undone':
      return story;
  }
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

/** Sets facts; a fact that already had another value becomes an amendment, whoever wrote it. */
function note(story: CaptureStory, event: CaptureEvent, facts: Facts, why: string): CaptureStory {
  const changed = FACT_NAMES.filter((name) => facts[name] !== undefined && !sameFact(story.facts[name], facts[name]));
  const corrections = changed
    .filter((name) => story.facts[name] !== undefined && !completes(story.facts[name], facts[name]))
    .map((field) => ({ eventId: event.id, at: event.at, field, from: story.facts[field], to: facts[field], why }));
  const picked = Object.fromEntries(changed.map((name) => [name, facts[name]]));
  return { ...story, facts: { ...story.facts, ...picked }, amendments: [...story.amendments, ...corrections] };
}

/** A gross reading that gets its tare is finished, not corrected. */
function completes(from: Facts[FactName], to: Facts[FactName]): boolean {
  if (!isReading(from) || !isReading(to) || from.tare !== undefined) return false;
  return from.method === to.method && sameFact(from.asRead, to.asRead);
}

function isReading(fact: Facts[FactName]): fact is WeightReading {
  return typeof fact === 'object' && fact !== null && 'asRead' in fact;
}

function sameFact(a: Facts[FactName] | Mass, b: Facts[FactName] | Mass): boolean {
  if (a === b) return true;
  if (typeof a !== 'object' || typeof b !== 'object' || a === null || b === null) return false;
  return stable(a) === stable(b);
}

function stable(value: unknown): string {
  return JSON.stringify(value, (_key, inner: unknown) =>
    inner && typeof inner === 'object' && !Array.isArray(inner)
      ? Object.fromEntries(Object.entries(inner).sort(([a], [b]) => (a < b ? -1 : 1)))
      : inner,
  );
}

/** The fish's own weight as the story has it; undefined when none was read or the tare is still missing. */
export function netOf(story: Pick<CaptureStory, 'facts'>): Mass | undefined {
  const answer = story.facts.weight && netWeight(story.facts.weight);
  return answer?.ok ? answer.value : undefined;
}
