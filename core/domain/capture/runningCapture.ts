import { byTimeThenId, type CaptureEvent } from './event.js';
import { effectiveOf, isAboutOthers, withTimesAmended } from './effectiveEvents.js';
import { isReadable } from './readableEvent.js';
import type { CaptureState, TimeAmendment } from './captureState.js';
import { CaptureDraft } from './captureDraft.js';

/**
 * The state of a capture that goes on as its events come in. One that comes after all others costs no more than itself;
 * one that says something of others, or comes late, has the whole told again.
 */
export class RunningCapture {
  private readonly ids = new Set<string>();
  private readonly readable: CaptureEvent[] = [];
  private readonly setAside: CaptureState['setAside'][number][] = [];
  /** Ids that something was said of, perhaps before they came. */
  private readonly spokenOf = new Set<string>();
  private draft: CaptureDraft;
  private timeAmendments: readonly TimeAmendment[] = [];
  private last: CaptureEvent | undefined;
  private isStale = false;

  constructor(
    private readonly captureId: string,
    events: readonly CaptureEvent[],
  ) {
    this.draft = new CaptureDraft(captureId);
    // Told when it is looked at: events may come in any order.
    this.isStale = true;
    for (const event of events) this.add(event);
  }

  /** How many events it is told from. */
  get length(): number {
    return this.ids.size;
  }

  /** Adds one event; one whose id is known changes nothing, and one that cannot be read is set aside. */
  add(event: CaptureEvent): void {
    const { id, type } = event;
    if (this.ids.has(id)) return;
    this.ids.add(id);
    if (!isReadable(event)) {
      this.setAside.push({ eventId: id, type });
      return;
    }
    this.readable.push(event);
    const isSpokenOf = this.spokenOf.has(id);
    if (event.type === 'undone' || event.type === 'time-amended') this.spokenOf.add(event.payload.eventId);
    const comesLast = this.last === undefined || byTimeThenId(this.last, event) < 0;
    if (this.isStale || !comesLast || isSpokenOf || isAboutOthers(event)) {
      this.isStale = true;
      return;
    }
    this.draft.apply(event);
    this.last = event;
  }

  /** The state so far. What it holds goes on with the next event: it is for looking at now, not for keeping. */
  state(): CaptureState {
    if (this.isStale) this.tellAnew();
    return { ...this.draft.state(), timeAmendments: this.timeAmendments, setAside: this.setAside };
  }

  private tellAnew(): void {
    const { events, amended } = withTimesAmended(effectiveOf(this.readable));
    this.draft = new CaptureDraft(this.captureId);
    for (const event of events) this.draft.apply(event);
    this.timeAmendments = amended;
    this.last = events.at(-1);
    this.isStale = false;
  }
}
