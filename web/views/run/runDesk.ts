import type { CaptureEvent, EventPayloads, EventType } from '@keeper/core/domain/capture/event';
import type { RunContext } from '@keeper/core/care/run/runContext';
import type { CaptureState } from '@keeper/core/domain/capture/captureState';

/** Keeps a tap; resolves to whether it is on the device. */
export type Tap = <T extends EventType>(type: T, payload: EventPayloads[T]) => Promise<boolean>;

/** What the run works on: a fish of the book, or one that is only played through. */
export interface RunDesk {
  readonly state: CaptureState;
  readonly events: readonly CaptureEvent[];
  readonly context: RunContext;
  readonly tap: Tap;
  /** Elapsed ms since the take, now. */
  readonly elapsed: () => number;
}
