import { type Line, type LineState, Listeners, TEXT_MOST } from "./line.ts";

/** One end of a line in memory. */
class End implements Line {
  readonly texts = new Listeners<string>();
  private readonly states = new Listeners<LineState>();
  state: LineState = "open";
  /** Texts under way to this end. */
  readonly inbox: string[] = [];
  other: End | null = null;

  send(text: string): boolean {
    if (this.state !== "open" || this.other === null || text.length > TEXT_MOST) return false;
    this.other.inbox.push(text);
    return true;
  }

  onText(listener: (text: string) => void): () => void {
    return this.texts.add(listener);
  }

  onState(listener: (state: LineState) => void): () => void {
    listener(this.state);
    return this.states.add(listener);
  }

  turn(state: LineState): void {
    if (this.state === state || this.state === "closed") return;
    this.state = state;
    if (state !== "open") this.inbox.length = 0;
    this.states.tell(state);
  }

  close(): void {
    this.turn("closed");
    this.other?.turn("closed");
  }
}

/** Two ends of a line in memory; texts arrive one by one when they are let through. */
export interface MemoryLines {
  readonly a: Line;
  readonly b: Line;
  /** Lets the next text to one side arrive; false where none is under way. */
  readonly arrive: (side: "a" | "b") => boolean;
  /** Cuts the line and loses what is under way, or mends it. */
  readonly cut: () => void;
  readonly mend: () => void;
}

/** Makes the two ends of a line in memory. */
export function memoryLines(): MemoryLines {
  const [a, b] = [new End(), new End()];
  a.other = b;
  b.other = a;
  const both = (state: LineState): void => {
    a.turn(state);
    b.turn(state);
  };
  return {
    a,
    b,
    arrive: (side) => {
      const end = side === "a" ? a : b;
      const text = end.inbox.shift();
      if (text === undefined) return false;
      end.texts.tell(text);
      return true;
    },
    cut: () => both("cut"),
    mend: () => both("open"),
  };
}
