import type { Layout } from '../water/plan.js';
import type { CareDeed } from './careDeed.js';
import type { WeatherHour } from './weather.js';
import type { SpeciesId } from '../fish/species.js';
import type { Condition, OutingEvent, OutingEventType } from './event.js';
import { rodSpells, type RodSign, type RodSpell, type RodTap } from './rods.js';
import { swimsFished, type SwimFished } from './swimFished.js';
import { isReadableOfOuting } from './readableOutingEvent.js';

/** A condition with its moment. */
export interface TakenCondition extends Condition {
  readonly eventId: string;
  readonly atMs: number;
}

/** Everything that one outing's events say. Both the device and the server tell it with `replayOuting`. */
export interface OutingState {
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
  /** How each rod fished, and when. */
  readonly rods: readonly RodSpell[];
  /** Runs dropped, bites missed and fish lost. */
  readonly signs: readonly RodSign[];
  readonly endedAt: string | null;
  /** The event that ended it or called it off: taken back, the outing goes on. */
  readonly endedBy: string | null;
  /** It never took place. */
  readonly calledOff: boolean;
  readonly note: string | null;
  /** The newest events that still stand, for taking one back. */
  readonly lastEvent: Pick<OutingEvent, 'id' | 'type'> | null;
  /** What stands in the log and cannot be read here; it is kept there, and counts for nothing. */
  readonly setAside: readonly { readonly eventId: string; readonly type: string }[];
}

function emptyOuting(outingId: string) {
  return {
    outingId,
    waterId: null as string | null,
    fromMs: 0,
    toMs: 0,
    companions: 0,
    expected: [] as readonly SpeciesId[],
    swims: [] as OutingState['swims'][number][],
    conditions: [] as TakenCondition[],
    forecast: null as OutingState['forecast'],
    deeds: [] as OutingState['deeds'][number][],
    layout: null as Layout | null,
    checked: new Set<string>(),
    rodTaps: [] as RodTap[],
    signs: [] as RodSign[],
    amendedSwims: new Map<string, string>(),
    endedAt: null as string | null,
    endedBy: null as string | null,
    calledOff: false,
    note: null as string | null,
    lastEvent: null as OutingState['lastEvent'],
  };
}

type OutingDraft = ReturnType<typeof emptyOuting>;

/**
 * Replays one outing's events into its state, in whatever order and however often each arrived. Events count by the
 * moment they were made, ties by id; what cannot be read is set aside. Example: checked, then found wanting, leaves the
 * item out of `checked`.
 */
export function replayOuting(outingId: string, events: readonly OutingEvent[]): OutingState {
  const once = new Map(events.map((event) => [event.id, event]));
  const setAside = [...once.values()].filter((event) => !isReadableOfOuting(event));
  for (const { id } of setAside) once.delete(id);
  const gone = new Set<string>();
  for (const event of once.values()) if (event.type === 'taken-back') gone.add(event.payload.eventId);
  const draft = emptyOuting(outingId);
  const standing = [...once.values()].filter((event) => event.type !== 'taken-back' && !gone.has(event.id));
  for (const event of standing.sort(byMomentThenId)) applyToOuting(draft, event);
  nameSwims(draft);
  const { rodTaps, amendedSwims: _amended, ...told } = draft;
  return {
    ...told,
    runsDropped: draft.signs.filter(({ kind }) => kind === 'run-dropped').length,
    rods: rodSpells(rodTaps, draft.endedAt === null ? null : Date.parse(draft.endedAt)),
    signs: draft.signs.sort((a, b) => a.atMs - b.atMs),
    conditions: draft.conditions.sort((a, b) => a.atMs - b.atMs),
    checked: [...draft.checked],
    setAside: setAside.map(({ id, type }) => ({ eventId: id, type })),
  };
}

function byMomentThenId(a: OutingEvent, b: OutingEvent): number {
  return a.at === b.at ? (a.id < b.id ? -1 : 1) : a.at < b.at ? -1 : 1;
}

function applyToOuting(draft: OutingDraft, event: OutingEvent): void {
  draft.lastEvent = { id: event.id, type: event.type };
  switch (event.type) {
    case 'outing-planned': {
      const { waterId, fromAt, toAt, companions, expected } = event.payload;
      Object.assign(draft, { waterId, fromMs: Date.parse(fromAt), toMs: Date.parse(toAt), companions, expected });
      break;
    }
    case 'swim-taken':
      // Another swim has another ground: what was laid out and checked there says nothing here.
      if (draft.swims.length > 0) {
        draft.layout = null;
        draft.checked.clear();
        draft.rodTaps.push({ eventId: event.id, kind: 'moved', atMs: Date.parse(event.at) });
      }
      draft.swims.push({ swimId: event.payload.swimId, at: event.at });
      break;
    case 'swim-amended': {
      const { from, to } = event.payload;
      // What was amended before to the one that is amended now goes with it.
      for (const [was, is] of draft.amendedSwims) if (is === from) draft.amendedSwims.set(was, to);
      draft.amendedSwims.set(from, to);
      break;
    }
    case 'condition-taken': {
      const { when, ...condition } = event.payload;
      draft.conditions.push({ ...condition, eventId: event.id, atMs: Date.parse(when) });
      break;
    }
    case 'forecast-taken':
      draft.forecast = { takenAt: event.at, hours: event.payload.hours };
      break;
    case 'care-done': {
      const { kind, face, when } = event.payload;
      const atMs = Date.parse(when);
      const deed: CareDeed = kind === 'turned' ? { kind, atMs, face: face ?? 'up' } : { kind, atMs };
      draft.deeds.push({ ...deed, eventId: event.id });
      break;
    }
    case 'laid-out':
      draft.layout = event.payload.layout;
      break;
    case 'item-checked': {
      const { item, done } = event.payload;
      // Taken out first: what is checked again stands last.
      draft.checked.delete(item);
      if (done) draft.checked.add(item);
      break;
    }
    case 'rod-out': {
      const { rod, setup, when, swimId = swimOf(draft) } = event.payload;
      draft.rodTaps.push({ eventId: event.id, kind: 'out', rod, setup, swimId, atMs: Date.parse(when) });
      break;
    }
    case 'rod-in': {
      const { rod, why, when } = event.payload;
      draft.rodTaps.push({ eventId: event.id, kind: 'in', rod, why, atMs: Date.parse(when) });
      break;
    }
    case 'run-dropped':
    case 'bite-missed':
    case 'fish-lost': {
      const { rod, when, ...loss } = event.payload;
      const atMs = Date.parse(when ?? event.at);
      draft.signs.push({ ...loss, eventId: event.id, kind: event.type, rod: rod ?? null, swimId: swimOf(draft), atMs });
      break;
    }
    case 'lost-how': {
      const { of, ...loss } = event.payload;
      const at = draft.signs.findIndex(({ eventId }) => eventId === of);
      const sign = draft.signs[at];
      if (sign?.kind === 'fish-lost') draft.signs[at] = { ...sign, ...loss };
      break;
    }
    case 'outing-called-off':
    case 'outing-ended':
      draft.calledOff = event.type === 'outing-called-off';
      draft.endedAt = event.at;
      draft.endedBy = event.id;
      draft.note = event.payload.note ?? null;
      break;
    case 'taken-back':
      break;
  }
}

/** Puts the swims that were amended in the place of those that were named. */
function nameSwims(draft: OutingDraft): void {
  const { amendedSwims } = draft;
  if (amendedSwims.size === 0) return;
  const named = (id: string) => amendedSwims.get(id) ?? id;
  const orNone = (id: string | null) => (id === null ? null : named(id));
  draft.swims = draft.swims.map((each) => ({ ...each, swimId: named(each.swimId) }));
  draft.signs = draft.signs.map((each) => ({ ...each, swimId: orNone(each.swimId) }));
  draft.rodTaps = draft.rodTaps.map((tap) => (tap.kind === 'out' ? { ...tap, swimId: orNone(tap.swimId) } : tap));
}

/** Where one is. */
function swimOf({ swims }: Pick<OutingState, 'swims'>): string | null {
  return swims.at(-1)?.swimId ?? null;
}

/**
 * The newest value of one kind of measurement, not later than a moment. Example: `newest(state, 'waterC', now)?.value`.
 */
export function newest<K extends 'waterC' | 'airC' | 'oxygenMgL' | 'pressureHpa' | 'cloudOctas' | 'windMs'>(
  { conditions }: Pick<OutingState, 'conditions'>,
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
  /** It never took place. */
  readonly calledOff: boolean;
  readonly expected: readonly SpeciesId[];
  readonly companions: number;
  readonly runsDropped: number;
  /** What each of its swims comes to, in the order in which they were fished. */
  readonly fished: readonly SwimFished[];
  readonly note: string | null;
}

export function summaryOfOuting(state: OutingState): OutingSummary {
  const { outingId, waterId, fromMs, toMs, endedAt, calledOff, expected, companions, runsDropped, note } = state;
  const swimId = state.swims.at(-1)?.swimId ?? null;
  return {
    outingId,
    waterId,
    swimId,
    fromMs,
    toMs,
    endedAt,
    calledOff,
    expected,
    companions,
    runsDropped,
    fished: swimsFished(state),
    note,
  };
}

/** Events that the keeper taps and may want to take back at once. */
const TAPPED: readonly OutingEventType[] = [
  'condition-taken',
  'care-done',
  'rod-out',
  'rod-in',
  'run-dropped',
  'bite-missed',
  'fish-lost',
  'lost-how',
  'outing-ended',
  'outing-called-off',
];

/** The last tap of an outing that can be taken back. */
export function lastOutingTap(state: OutingState): OutingState['lastEvent'] {
  return state.lastEvent && TAPPED.includes(state.lastEvent.type) ? state.lastEvent : null;
}

/**
 * Some hours beside the plan still belong to an outing: fish are caught before it begins and after it should have
 * ended.
 */
export const OUTING_SLACK_MS = 6 * 3_600_000;

/** Whether an outing is under way by the wall clock. Example: an hour before it should begin it is. */
export function isUnderWay(
  { fromMs, toMs, endedAt }: Pick<OutingState, 'fromMs' | 'toMs' | 'endedAt'>,
  wallMs: number,
): boolean {
  return endedAt === null && wallMs > fromMs - OUTING_SLACK_MS && wallMs < toMs + OUTING_SLACK_MS;
}

/** Whether its time is over, with the hours that still belong to it. Then nothing about it is advice any more. */
export function isPast({ toMs }: Pick<OutingState, 'toMs'>, wallMs: number): boolean {
  return wallMs >= toMs + OUTING_SLACK_MS;
}

/**
 * The moment that an outing is looked at: now while it is under way, else its beginning.
 * Example: on the evening before, the plan shows the morning.
 */
export function outingMoment(outing: Pick<OutingState, 'fromMs' | 'toMs' | 'endedAt'>, wallMs: number): number {
  const { fromMs, toMs } = outing;
  return isUnderWay(outing, wallMs) ? Math.min(Math.max(wallMs, fromMs), toMs) : fromMs;
}
