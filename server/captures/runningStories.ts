import { RunningStory } from '@keeper/core/domain/capture/runningCapture';
import type { CaptureEvent } from '@keeper/core/domain/capture/event';

/** So many captures are written to at a time, by a household with several rods and desks. */
const MOST_STORIES = 16;
/** Together they hold no more events than this. */
const MOST_EVENTS = 100_000;

/** The stories that were added to last, so that a further tap does not read the whole log again. */
export class RunningStories {
  /** The one used last stands last. */
  private readonly kept = new Map<string, RunningStory>();

  constructor(private readonly readLog: (captureId: string) => CaptureEvent[]) {}

  /** The story of a capture as the log has it. */
  of(captureId: string): RunningStory {
    const story = this.kept.get(captureId) ?? new RunningStory(captureId, this.readLog(captureId));
    this.kept.delete(captureId);
    this.kept.set(captureId, story);
    this.letGo();
    return story;
  }

  forget(): void {
    this.kept.clear();
  }

  private letGo(): void {
    let events = [...this.kept.values()].reduce((sum, { length }) => sum + length, 0);
    for (const [captureId, story] of this.kept) {
      if (this.kept.size <= 1 || (this.kept.size <= MOST_STORIES && events <= MOST_EVENTS)) return;
      events -= story.length;
      this.kept.delete(captureId);
    }
  }
}
