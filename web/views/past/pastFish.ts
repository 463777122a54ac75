import type { CaptureEvent, Facts } from '@keeper/core/domain/capture/event';
import { momentStandingFor, type PastDate } from '@keeper/core/measure/pastDate';
import { deviceId, newId } from '../../data/device.js';
import { makeEvent } from '../../data/record.js';
import { ofKeeper } from '../../data/whose.js';

/** A fish that is remembered, as the page was filled in. */
export interface PastFish {
  readonly dated: PastDate;
  readonly waterId: string | undefined;
  readonly facts: Facts;
  readonly rig: string;
  readonly bait: string;
}

/** A page of the book as its entries: it has a day and what is remembered, and no clocks. */
export interface PastPage {
  readonly captureId: string;
  readonly startedAt: string;
  readonly events: readonly CaptureEvent[];
}

/** The entries that make a page of a remembered fish. Nothing of it waits to be written up. */
export function pageOf({ dated, waterId, facts, rig, bait }: PastFish): PastPage {
  const captureId = newId();
  const startedAt = momentStandingFor(dated);
  const head = { captureId, deviceId: deviceId(), at: startedAt, elapsedMs: 0 };
  const ofRod = { ...(rig.trim() && { rig: rig.trim() }), ...(bait.trim() && { bait: bait.trim() }) };
  const events: CaptureEvent[] = [
    {
      ...head,
      id: newId(),
      type: 'hooked',
      payload: { from: 'memory', dated, ...ofKeeper(), ...(waterId && { waterId }) },
    },
    { ...head, id: newId(), type: 'released', payload: {} },
  ];
  if (Object.keys(facts).length > 0) events.push(makeEvent(captureId, startedAt, 'described', { facts }));
  if (Object.keys(ofRod).length > 0) events.push(makeEvent(captureId, startedAt, 'rod-told', ofRod));
  events.push(makeEvent(captureId, startedAt, 'written-up', {}));
  return { captureId, startedAt, events };
}
