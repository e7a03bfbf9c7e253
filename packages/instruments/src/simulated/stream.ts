import type { Display, InstrumentEvent } from "../message.ts";

/** Most messages that are kept for those who come back. */
const KEPT = 400;

/** Turns displays into numbered messages, one for each change, and gives those missed to whoever comes back. */
export class EventStream {
  private readonly latest = new Map<string, string>();
  private readonly shown = new Map<string, InstrumentEvent>();
  private kept: InstrumentEvent[] = [];
  private seq = 0;

  /** Messages for what has changed since the last time. */
  changes(displays: ReadonlyMap<string, Display>, at: string): readonly InstrumentEvent[] {
    const events: InstrumentEvent[] = [];
    for (const [id, display] of displays) {
      const text = JSON.stringify(display);
      if (this.latest.get(id) === text) continue;
      this.latest.set(id, text);
      this.seq += 1;
      const event = { seq: this.seq, id, at, display };
      this.shown.set(id, event);
      events.push(event);
    }
    this.kept = [...this.kept, ...events].slice(-KEPT);
    return events;
  }

  /** What somebody who last heard message `seq` has missed; the latest of every instrument where that is too long ago. */
  since(seq: number | null): readonly InstrumentEvent[] {
    const first = this.kept[0]?.seq ?? 1;
    if (seq !== null && seq <= this.seq && seq >= first - 1) return this.kept.filter((e) => e.seq > seq);
    return [...this.shown.values()].toSorted((a, b) => a.seq - b.seq);
  }
}
