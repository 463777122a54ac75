import { useMemo, useRef, useState } from 'react';
import type { CaptureEvent, EventPayloads, EventType } from '@keeper/core/domain/capture/event';
import { replay } from '@keeper/core/domain/capture/replay';
import { runContextIn } from '@keeper/core/rehearse/judge';
import type { Scenario } from '@keeper/core/rehearse/scenario';
import { deviceClock, newId } from '../../data/device.js';
import { useSettings } from '../../data/queries.js';
import type { RunDesk } from '../run/runDesk.js';

const CAPTURE = 'rehearsal';

/**
 * The same desk as beside a fish, with a log that nobody keeps. The fight is over when it begins; `tapped` once the
 * keeper has done something.
 */
export function usePractice(scenario: Scenario): RunDesk & { readonly tapped: boolean } {
  const [begunMs] = useState(() => deviceClock.monotonicMs());
  const elapsed = () => Math.round(scenario.fightMs + deviceClock.monotonicMs() - begunMs);
  const [events, setEvents] = useState<readonly CaptureEvent[]>(() => [
    makeEvent('hooked', 0, { around: scenario.conditions }),
    ...(scenario.zeroed ? [makeEvent('zeroed', 1, {})] : []),
  ]);
  // Two taps within one drawing of the screen must both be in the log.
  const log = useRef(events);
  const [given] = useState(events.length);
  const state = useMemo(() => replay(CAPTURE, events), [events]);
  const { bank, stopSchool } = useSettings();
  const context = useMemo(() => runContextIn(scenario, bank, stopSchool), [scenario, bank, stopSchool]);
  return {
    state,
    events,
    context,
    elapsed,
    tapped: events.length > given,
    tap: (type, payload) => {
      log.current = [...log.current, makeEvent(type, elapsed(), payload)];
      setEvents(log.current);
      return Promise.resolve(true);
    },
  };
}

function makeEvent<T extends EventType>(type: T, elapsedMs: number, payload: EventPayloads[T]): CaptureEvent {
  const head = { id: newId(), captureId: CAPTURE, deviceId: 'rehearsal', at: new Date().toISOString() };
  return { ...head, elapsedMs, type, payload } as CaptureEvent;
}
