/** Who may ask the workers next: whatever of an earlier rank is at work goes first, so that the answer looked at is there soonest. */
class Queue {
  private readonly inside = new Map<symbol, number>();
  private waiting: (() => void)[] = [];

  enter(ticket: symbol, rank: number): void {
    this.inside.set(ticket, rank);
  }

  leave(ticket: symbol): void {
    if (!this.inside.delete(ticket)) return;
    const woken = this.waiting;
    this.waiting = [];
    for (const wake of woken) wake();
  }

  /** Waits until nothing of an earlier rank is at work. */
  async turn(rank: number): Promise<void> {
    while ([...this.inside.values()].some((other) => other < rank)) await new Promise<void>((wake) => this.waiting.push(wake));
  }
}

/** The one queue before the workers. */
export const queue = new Queue();
