import { anchorAt, elapsedSince, type Anchor, type DeviceClock } from '@keeper/core/domain/capture/stopwatch';

/** Keeps the elapsed time of captures on this device, over reloads and sleep. */
export class RunClock {
  private readonly anchors = new Map<string, Anchor>();

  constructor(
    private readonly clock: DeviceClock,
    private readonly storage: Pick<Storage, 'getItem' | 'setItem'>,
  ) {}

  /** Begins counting at the take. */
  start(captureId: string): void {
    this.anchors.set(captureId, anchorAt(this.clock, 0));
    this.renew(captureId);
  }

  /** Elapsed ms of a capture. One that this device never counted is taken from the wall clock of its take. */
  elapsed(captureId: string, startedAt: string | null): number {
    let anchor = this.anchors.get(captureId);
    if (!anchor) {
      const kept = this.kept(captureId);
      const wallMs = startedAt ? Date.parse(startedAt) : this.clock.wallMs();
      const elapsedMs = elapsedSince(kept ?? { timelineId: '', elapsedMs: 0, monotonicMs: 0, wallMs }, this.clock);
      anchor = anchorAt(this.clock, elapsedMs);
      this.anchors.set(captureId, anchor);
    }
    return elapsedSince(anchor, this.clock);
  }

  /** Writes the running count down, so that a reload has only a short gap to span. Called every second of a run. */
  renew(captureId: string): void {
    const anchor = this.anchors.get(captureId);
    if (!anchor) return;
    const now = anchorAt(this.clock, elapsedSince(anchor, this.clock));
    this.storage.setItem(storageKey(captureId), JSON.stringify(now));
  }

  /** The page is hidden: from here on the device may sleep. */
  hidden(): void {
    this.reanchor(false);
  }

  /** The page is seen again: sleep that the monotonic clock missed is counted now. */
  shown(): void {
    this.reanchor(true);
  }

  private reanchor(wasHidden: boolean): void {
    for (const [captureId, anchor] of this.anchors) {
      this.anchors.set(captureId, anchorAt(this.clock, elapsedSince(anchor, this.clock, wasHidden)));
      this.renew(captureId);
    }
  }

  private kept(captureId: string): Anchor | undefined {
    const text = this.storage.getItem(storageKey(captureId));
    return text ? (JSON.parse(text) as Anchor) : undefined;
  }
}

function storageKey(captureId: string): string {
  return `keeper.clock.${captureId}`;
}
