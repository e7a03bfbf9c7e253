/** Whether the other side can be reached now, or the line was closed for good. */
export type LineState = "open" | "cut" | "closed";

/**
 * A line between two devices. Texts arrive in the order they were sent, each once, or not at all: a line that is cut
 * loses what is under way, and says so to both. Every adapter passes the same conformance suite.
 */
export interface Line {
  /** Sends a text; false where the line is not open or the text is too long. */
  send(text: string): boolean;
  /** Calls back with every text; returns how to stop. */
  onText(listener: (text: string) => void): () => void;
  /** Calls back at once and after every change; returns how to stop. */
  onState(listener: (state: LineState) => void): () => void;
  /** Ends it for good, for both sides. */
  close(): void;
}

/** Longest text a line takes, letters. */
export const TEXT_MOST = 1_000_000;

/** Listeners of a line, told in the order they came. */
export class Listeners<T> {
  private readonly all = new Set<(value: T) => void>();

  add(listener: (value: T) => void): () => void {
    this.all.add(listener);
    return () => this.all.delete(listener);
  }

  tell(value: T): void {
    for (const listener of [...this.all]) listener(value);
  }
}
