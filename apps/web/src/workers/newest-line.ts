import type { Answer } from "./worker-queue.ts";

/** The newest answer to a question and whether a newer one is on its way. */
export interface Newest<A> {
  readonly answer: A | undefined;
  readonly busy: boolean;
  /** Key of the question that was answered. */
  readonly answered: string | null;
  /** What went wrong with the newest question, in words to copy; null where nothing did. */
  readonly failed: string | null;
}

export const NOTHING_ASKED: Newest<never> = { answer: undefined, busy: false, answered: null, failed: null };

/**
 * Answers the newest of the questions put to it: one at a time, and of those that came meanwhile only the last.
 * The last answer stays until the next is there; one that could not be had takes its place and says why.
 */
export class NewestLine<Q, A> {
  private state: Newest<A> = NOTHING_ASKED;
  private next: { readonly key: string; readonly question: Q } | null = null;
  private wanted: string | null = null;
  private asking: AbortController | null = null;

  private readonly ask: (question: Q, signal: AbortSignal) => Promise<Answer<A>>;
  private readonly tell: (state: Newest<A>) => void;

  constructor(ask: (question: Q, signal: AbortSignal) => Promise<Answer<A>>, tell: (state: Newest<A>) => void) {
    this.ask = ask;
    this.tell = tell;
  }

  /** Says that an answer is coming; it is asked with `serve`. What still waits to be asked gives way. */
  want(key: string, question: Q): void {
    this.wanted = key;
    this.next = { key, question };
    this.asking?.abort();
    if (!this.state.busy) this.set({ ...this.state, busy: true });
  }

  /** Nothing is asked any more. */
  forget(): void {
    this.wanted = null;
    this.next = null;
    this.asking?.abort();
    this.set(NOTHING_ASKED);
  }

  /** Asks what is wanted, unless a question is with a worker: that is answered first. */
  async serve(): Promise<void> {
    if (this.asking !== null) return;
    while (this.next !== null) {
      const { key, question } = this.next;
      this.next = null;
      this.asking = new AbortController();
      const answer = await this.ask(question, this.asking.signal);
      this.asking = null;
      if (this.wanted === null) return;
      const busy = this.next !== null || this.wanted !== key;
      if (answer.ok) this.set({ answer: answer.value, busy, answered: key, failed: null });
      else if (answer.reason !== "cancelled") this.set({ answer: undefined, busy, answered: key, failed: answer.where });
    }
  }

  private set(state: Newest<A>): void {
    this.state = state;
    this.tell(state);
  }
}
