import { MINUTE_MS } from '../measure/timeSpan.js';

/** When a fish of the book was on the bank. */
export interface CaptureSpan {
  readonly captureId: string;
  readonly fromMs: number;
  readonly toMs: number;
  /** Pictures that it has already. */
  readonly has: readonly string[];
  /** Its day by the clocks there, `YYYY-MM-DD`; of a fish that is remembered roughly there is none. */
  readonly day?: string | null;
  /** No time of day is known: only its day can say that a picture is of it. */
  readonly untimed?: boolean;
  readonly grams?: number | null;
}

/** Pictures are taken from shortly before the take, the fight, until some time after the release. */
const BEFORE_MS = 5 * MINUTE_MS;
const AFTER_MS = 20 * MINUTE_MS;

/**
 * When each fish was on the bank, in order, so that a time is looked up without going over all of them.
 * Example: a fish of 06:00 to 06:10 is found at 05:55, and until 06:30.
 */
export class BankTimes {
  private readonly byStart: readonly CaptureSpan[];
  /** The latest end of each and of all that began before it. */
  private readonly latestEndMs: number[] = [];
  private readonly had: ReadonlySet<string>;
  private readonly byDay = new Map<string, CaptureSpan[]>();

  constructor(captures: readonly CaptureSpan[]) {
    this.byStart = captures.filter(({ untimed }) => !untimed).sort((a, b) => a.fromMs - b.fromMs);
    for (const span of captures) {
      if (!span.day) continue;
      const there = this.byDay.get(span.day);
      if (there) there.push(span);
      else this.byDay.set(span.day, [span]);
    }
    this.had = new Set(captures.flatMap(({ has }) => has));
    let latest = -Infinity;
    for (const { toMs } of this.byStart) {
      latest = Math.max(latest, toMs);
      this.latestEndMs.push(latest);
    }
  }

  /** Whether one of them has a picture already. */
  has(sha256: string): boolean {
    return this.had.has(sha256);
  }

  /** The fish that was on the bank at a time; where two might be, the one whose middle is nearer. */
  at(atMs: number): CaptureSpan | undefined {
    let found: CaptureSpan | undefined;
    for (let i = this.begunBy(atMs + BEFORE_MS) - 1; i >= 0; i -= 1) {
      if ((this.latestEndMs[i] ?? 0) < atMs - AFTER_MS) break;
      const span = this.byStart[i];
      if (!span || span.toMs < atMs - AFTER_MS) continue;
      if (!found || distance(span, atMs) < distance(found, atMs)) found = span;
    }
    return found;
  }

  /** The fish of a day; those alone of which no time is known, where a time is. */
  onDay(day: string, { untimed }: { readonly untimed: boolean }): readonly CaptureSpan[] {
    const there = this.byDay.get(day) ?? [];
    return untimed ? there.filter((span) => span.untimed) : there;
  }

  /** How many had begun by a time. */
  private begunBy(atMs: number): number {
    let [low, high] = [0, this.byStart.length];
    while (low < high) {
      const middle = (low + high) >> 1;
      if ((this.byStart[middle]?.fromMs ?? 0) <= atMs) low = middle + 1;
      else high = middle;
    }
    return low;
  }
}

function distance({ fromMs, toMs }: CaptureSpan, atMs: number): number {
  return Math.abs(atMs - (fromMs + toMs) / 2);
}
