import { plainToInstance } from 'class-transformer';
import { validateSync } from 'class-validator';
import type { FieldProblem } from './errors.js';
import { AppendEventsDto } from './events.js';
import { MOST_EVENTS } from './limits.js';
import { whyMisshapen } from './shape.js';
import { fieldProblems, STRICT } from './validation.js';

/** So many events are looked at before it is asked whether they were good: a bad batch costs no more than that. */
const AT_A_TIME = 10;

export type EventBatch =
  | { readonly ok: true; readonly events: AppendEventsDto['events'] }
  | { readonly ok: false; readonly problems: readonly FieldProblem[] };

/**
 * Reads a batch of events, checking each against the class of its type, up to the first few that are not good.
 *
 * @example readEventBatch({ events: [] }) // { ok: false, problems: [{ field: 'events', … }] }
 */
export function readEventBatch(body: unknown): EventBatch {
  const why = whyMisshapen(body);
  if (why) return { ok: false, problems: [{ field: '', sentence: why }] };
  const given = (body ?? {}) as { events?: unknown };
  if (Array.isArray(given.events) && given.events.length > MOST_EVENTS) {
    return { ok: false, problems: [{ field: 'events', sentence: `Send at most ${MOST_EVENTS} events at once.` }] };
  }
  if (!Array.isArray(given.events) || given.events.length === 0) {
    return { ok: false, problems: problemsAt(0, { ...given, events: [] }).problems };
  }
  const events: AppendEventsDto['events'] = [];
  for (let at = 0; at < given.events.length; at += AT_A_TIME) {
    const part = problemsAt(at, { ...given, events: given.events.slice(at, at + AT_A_TIME) });
    if (part.problems.length > 0) return { ok: false, problems: part.problems };
    events.push(...part.batch.events);
  }
  return { ok: true, events };
}

/** A part of a batch, and what is wrong with it, told of the batch that it was cut out of. */
function problemsAt(at: number, part: object): { batch: AppendEventsDto; problems: FieldProblem[] } {
  const batch = plainToInstance(AppendEventsDto, part);
  const problems = fieldProblems(validateSync(batch, STRICT)).map(({ field, sentence }) => ({
    field: field.replace(/^events\.(\d+)/, (_all, index: string) => `events.${at + Number(index)}`),
    sentence,
  }));
  return { batch, problems };
}
