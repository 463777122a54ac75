import type { Layout } from '../bank/plan.js';
import type { CareDeed } from '../care/outlook.js';
import type { WeatherHour } from '../care/weather.js';
import type { SpeciesId } from '../fish/species.js';
import type { Condition, OutingEvent, OutingEventType } from './event.js';

/** A condition with its moment. */
export interface TakenCondition extends Condition {
  readonly eventId: string;
  readonly atMs: number;
}

/** Everything that one outing's events say. Both the device and the server tell it with `tellOuting`. */
export interface OutingStory {
  readonly outingId: string;
  readonly waterId: string | null;
  readonly fromMs: number;
  readonly toMs: number;
  readonly companions: number;
  readonly expected: readonly SpeciesId[];
  /** The swims in the order in which they were taken; the last one is where one is. */
  readonly swims: readonly { readonly swimId: string; readonly at: string }[];
  readonly conditions: readonly TakenCondition[];
  readonly forecast: { readonly takenAt: string; readonly hours: readonly WeatherHour[] } | null;
  readonly deeds: readonly (CareDeed & { readonly eventId: string })[];
  readonly layout: Layout | null;
  readonly checked: readonly string[];
  readonly runsDropped: number;
  readonly endedAt: string | null;
  readonly note: string | null;
  /** The newest events that still stand, for taking one back. */
  readonly lastEvent: Pick<OutingEvent, 'id' | 'type'> | null;
}

function emptyOuting(outingId: string): OutingStory {
  return {
    ...{ outingId, waterId: null, fromMs: 0, toMs: 0, companions: 0, expected: [], swims: [], conditions: [] },
    ...{
      forecast: null,
      deeds: [],
      layout: null,
      checked: [],
      runsDropped: 0,
      endedAt: null,
      note: null,
      lastEvent: null,
    },
  };
}

/**
 * Tells one outing's story from its events, in whatever order and however often each arrived. Events count by the moment they were made,
 * ties by id. Example: checked, then found wanting, leaves the item out of `checked`.
 */
export function tellOuting(outingId: string, events: readonly OutingEvent[]): OutingStory {
  const once = new Map(events.map((event) => [event.id, event]));
  const gone = new Set<string>();
  for (const event of once.values()) if (event.type === 'taken-back') gone.add(event.payload.eventId);
  return [...once.values()]
    .filter((event) => event.type !== 'taken-back' && !gone.has(event.id))
    .sort((a, b) => (a.at === b.at ? (a.id < b.id ? -1 : 1) : a.at < b.at ? -1 : 1))
    .reduce(stepOuting, emptyOuting(outingId));
}

function stepOuting(before: OutingStory, event: OutingEvent): OutingStory {
  const story = { ...before, lastEvent: { id: event.id, type: event.type } };
  switch (event.type) {
    case 'outing-planned': {
      const { waterId, fromAt, toAt, companions, expected } = event.payload;
      return { ...story, waterId, fromMs: Date.parse(fromAt), toMs: Date.parse(toAt), companions, expected };
    }
    case 'swim-taken':
      // Another swim has another ground: what was laid out and checked there says nothing here.
      return {
        ...story,
        swims: [...story.swims, { swimId: event.payload.swimId, at: event.at }],
        ...(story.swims.length > 0 && { layout: null, checked: [] }),
      };
    case 'condition-taken': {
      const { when, ...condition } = event.payload;
      const taken = { ...condition, eventId: event.id, atMs: Date.parse(when) };
      return { ...story, conditions: [...story.conditions, taken].sort((a, b) => a.atMs - b.atMs) };
    }
    case 'forecast-taken':
      return { ...story, forecast: { takenAt: event.at, hours: event.payload.hours } };
    case 'care-done': {
      const { kind, face, when } = event.payload;
      const atMs = Date.parse(when);
      const deed: CareDeed = kind === 'turned' ? { kind, atMs, face: face ?? 'up' } : { kind, atMs };
      return { ...story, deeds: [...story.deeds, { ...deed, eventId: event.id }] };
    }
    case 'laid-out':
      return { ...story, layout: event.payload.layout };
    case 'item-checked': {
      const { item, done } = event.payload;
      const others = story.checked.filter((each) => each !== item);
      return { ...story, checked: done ? [...others, item] : others };
    }
    case 'run-dropped':
      return { ...story, runsDropped: story.runsDropped + 1 };
    case 'outing-ended':
      return { ...story, endedAt: event.at, note: event.payload.note ?? null };
    case 'taken-back':
      return story;
  }
}

/** The newest value of one kind of measurement, not later than a moment. Example: `newest(story, 'waterC', now)?.value`. */
export function newest<K extends 'waterC' | 'airC' | 'oxygenMgL' | 'pressureHpa' | 'cloudOctas' | 'windMs'>(
  { conditions }: Pick<OutingStory, 'conditions'>,
  kind: K,
  atMs = Infinity,
): { readonly value: number; readonly condition: TakenCondition } | null {
  const found = conditions.findLast((condition) => condition.atMs <= atMs && condition[kind] !== undefined);
  const value = found?.[kind];
  return found && value !== undefined ? { value, condition: found } : null;
}

/** What a list of outings shows of each, made from its events alone. */
export interface OutingSummary {
  readonly outingId: string;
  readonly waterId: string | null;
  readonly swimId: string | null;
  readonly fromMs: number;
  readonly toMs: number;
  readonly endedAt: string | null;
  readonly expected: readonly SpeciesId[];
  readonly companions: number;
  readonly runsDropped: number;
  readonly note: string | null;
}

export function summaryOfOuting(story: OutingStory): OutingSummary {
  const { outingId, waterId, fromMs, toMs, endedAt, expected, companions, runsDropped, note } = story;
  const swimId = story.swims.at(-1)?.swimId ?? null;
  return { outingId, waterId, swimId, fromMs, toMs, endedAt, expected, companions, runsDropped, note };
}

/** Events that the keeper taps and may want to take back at once. */
const TAPPED: readonly OutingEventType[] = ['condition-taken', 'care-done', 'run-dropped', 'outing-ended'];

/** The last tap of an outing that can be taken back. */
export function lastOutingTap(story: OutingStory): OutingStory['lastEvent'] {
  return story.lastEvent && TAPPED.includes(story.lastEvent.type) ? story.lastEvent : null;
}

/** Some hours beside the plan still belong to an outing: fish are caught before it begins and after it should have ended. */
export const OUTING_SLACK_MS = 6 * 3_600_000;

/** Whether an outing is under way by the wall clock. Example: an hour before it should begin it is. */
export function isUnderWay(
  { fromMs, toMs, endedAt }: Pick<OutingStory, 'fromMs' | 'toMs' | 'endedAt'>,
  wallMs: number,
): boolean {
  return endedAt === null && wallMs > fromMs - OUTING_SLACK_MS && wallMs < toMs + OUTING_SLACK_MS;
}

/**
 * The moment that an outing is looked at: now while it is under way, else its beginning.
 * Example: on the evening before, the plan shows the morning.
 */
export function outingMoment(outing: Pick<OutingStory, 'fromMs' | 'toMs' | 'endedAt'>, wallMs: number): number {
  const { fromMs, toMs } = outing;
  return isUnderWay(outing, wallMs) ? Math.min(Math.max(wallMs, fromMs), toMs) : fromMs;
}
