/** Lets a few pieces of work through at a time; the others wait their turn. */
export class Semaphore {
  private free: number;
  private readonly waiting: (() => void)[] = [];

  constructor(most: number) {
    this.free = most;
  }

  async through<T>(work: () => Promise<T>): Promise<T> {
    if (this.free > 0) this.free -= 1;
    // Whoever leaves hands its place over, so that no newcomer slips in between.
    else await new Promise<void>((resolve) => this.waiting.push(resolve));
    try {
      return await work();
    } finally {
      const next = this.waiting.shift();
      if (next) next();
      else this.free += 1;
    }
  }
}
