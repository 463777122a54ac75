import { dataText } from './text.en-GB.js';
import type { CaptureEvent, Identified } from '@keeper/core/domain/capture/event';
import { newId } from './device.js';
import { makeEvent, record } from './record.js';
import type { Register } from './known.js';

/** A catch as far as it is said who it is. */
export interface Catch {
  readonly captureId: string;
  readonly begunAt: string | null;
  readonly fishId: string | null;
}

type By = Identified['by'];

/**
 * Says that two catches are of one fish, as one decision: a fish begins with the other where neither was known, and
 * where both were known as two fish, all catches of the smaller become catches of the larger. Gives the events, so that
 * they can be taken back.
 */
export async function saySameFish(
  one: Catch,
  other: Catch,
  register: Register,
  by: By,
): Promise<readonly CaptureEvent[]> {
  const decisionId = newId();
  const say = ({ captureId, begunAt }: Omit<Catch, 'fishId'>, payload: Identified) =>
    makeEvent(captureId, begunAt, 'identified', { ...payload, decisionId, ...(by && { by }) });
  const events = eventsOf(one, other, register, say);
  await record(events);
  return events;
}

function eventsOf(
  one: Catch,
  other: Catch,
  register: Register,
  say: (of: Omit<Catch, 'fishId'>, payload: Identified) => CaptureEvent,
): CaptureEvent[] {
  if (one.fishId && one.fishId === other.fishId) return [];
  if (one.fishId && other.fishId) {
    const count = (fishId: string) => register.find(fishId)?.captures.length ?? 0;
    const swap = count(other.fishId) > count(one.fishId);
    const [into, from] = swap ? [other.fishId, one.fishId] : [one.fishId, other.fishId];
    const why = dataText.isThisFish({ from: register.nameOf(from), into: register.nameOf(into) });
    return (register.find(from)?.captures ?? []).map((each) => say(each, { says: 'same', fishId: into, why }));
  }
  if (one.fishId) return [say(other, { says: 'same', fishId: one.fishId })];
  if (other.fishId) return [say(one, { says: 'same', fishId: other.fishId })];
  const fishId = newId();
  return [say(other, { says: 'new', fishId }), say(one, { says: 'same', fishId })];
}

/** Says that two catches are of two fish, whoever they are. */
export async function sayTwoFish(one: Catch, by: By): Promise<readonly CaptureEvent[]> {
  const event = makeEvent(one.captureId, one.begunAt, 'identified', {
    says: 'different',
    fishId: null,
    decisionId: newId(),
    ...(by && { by }),
  });
  await record([event]);
  return [event];
}

/** Takes back what was said; the log keeps that it was. */
export async function takeBack(
  said: readonly Pick<CaptureEvent, 'id' | 'captureId'>[],
  begunAt: (captureId: string) => string | null,
): Promise<void> {
  await record(said.map(({ id, captureId }) => makeEvent(captureId, begunAt(captureId), 'undone', { eventId: id })));
}
