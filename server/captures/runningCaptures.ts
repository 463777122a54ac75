import { RunningCapture } from '@keeper/core/domain/capture/runningCapture';
import type { CaptureEvent } from '@keeper/core/domain/capture/event';

/** So many captures are written to at a time, by a household with several rods and desks. */
const MOST_STORIES = 16;
/** Together they hold no more events than this. */
const MOST_EVENTS = 100_000;

/** The states that were added to last, so that a further tap does not read the whole log again. */
export class RunningCaptures {
  /** The one used last stands last. */
  private readonly kept = new Map<string, RunningCapture>();

  constructor(private readonly readLog: (captureId: string) => CaptureEvent[]) {}

  /** The state of a capture as the log has it. */
  of(captureId: string): RunningCapture {
    const state = this.kept.get(captureId) ?? new RunningCapture(captureId, this.readLog(captureId));
    this.kept.delete(captureId);
    this.kept.set(captureId, state);
    this.letGo();
    return state;
  }

  forget(): void {
    this.kept.clear();
  }

  private letGo(): void {
    let events = [...this.kept.values()].reduce((sum, { length }) => sum + length, 0);
    for (const [captureId, state] of this.kept) {
      if (this.kept.size <= 1 || (this.kept.size <= MOST_STORIES && events <= MOST_EVENTS)) return;
      events -= state.length;
      this.kept.delete(captureId);
    }
  }
}
