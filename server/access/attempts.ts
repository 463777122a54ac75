/** So many wrong ones cost nothing: everybody mistypes. */
export const FREE_ATTEMPTS = 5;
/** The longest that anybody is made to wait. */
export const LONGEST_WAIT_MS = 15 * 60_000;
/** Wrong ones are forgotten after this time without another. */
export const FORGOTTEN_AFTER_MS = 60 * 60_000;
/** So many addresses are remembered; beyond that, the one that was quiet for longest is forgotten. */
const MOST_ADDRESSES = 1000;

interface Row {
  readonly wrong: number;
  readonly lastMs: number;
}

/**
 * Slows down whoever guesses: after five wrong ones each further one may be tried after twice the time, from two
 * seconds to a quarter of an hour. By address, so that nobody shuts out another.
 */
export class Attempts {
  private readonly rows = new Map<string, Row>();

  /** Ms until this address may try again; 0 when it may now. */
  waitMs(address: string, nowMs: number): number {
    const row = this.standing(address, nowMs);
    if (!row || row.wrong < FREE_ATTEMPTS) return 0;
    const pauseMs = Math.min(LONGEST_WAIT_MS, 1000 * 2 ** (row.wrong - FREE_ATTEMPTS + 1));
    return Math.max(0, row.lastMs + pauseMs - nowMs);
  }

  /** Notes a wrong one; how many in a row it is. */
  wrong(address: string, nowMs: number): number {
    const wrong = (this.standing(address, nowMs)?.wrong ?? 0) + 1;
    this.rows.delete(address);
    this.rows.set(address, { wrong, lastMs: nowMs });
    const [oldest] = this.rows.keys();
    if (this.rows.size > MOST_ADDRESSES && oldest !== undefined) this.rows.delete(oldest);
    return wrong;
  }

  right(address: string): void {
    this.rows.delete(address);
  }

  private standing(address: string, nowMs: number): Row | undefined {
    const row = this.rows.get(address);
    return row && nowMs - row.lastMs < FORGOTTEN_AFTER_MS ? row : undefined;
  }
}
