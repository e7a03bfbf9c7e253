import { ok } from "@amp-saver/core/quantity";
import { commandSchema, type InstrumentEvent } from "../message.ts";
import type { InstrumentPort, Listener } from "../port.ts";
import type { Bench } from "./bench.ts";
import { EventStream } from "./stream.ts";

/** The bench as instruments, without anything between. The clock is told to it: `advance`. */
export class SimulatedPort implements InstrumentPort {
  readonly bench: Bench;
  private readonly stream = new EventStream();
  private readonly listeners = new Set<(events: readonly InstrumentEvent[]) => void>();

  constructor(bench: Bench, at: string) {
    this.bench = bench;
    this.stream.changes(bench.displays(), at);
  }

  /** Goes on by some seconds and tells what has changed; `at` is the time it says. */
  advance(seconds: number, at: string): void {
    this.bench.advance(seconds);
    const events = this.stream.changes(this.bench.displays(), at);
    if (events.length > 0) for (const tell of this.listeners) tell(events);
  }

  /** What somebody who last heard message `seq` has missed, and everything from then on; returns how to stop. */
  follow(seq: number | null, tell: (events: readonly InstrumentEvent[]) => void): () => void {
    tell(this.stream.since(seq));
    this.listeners.add(tell);
    return () => this.listeners.delete(tell);
  }

  list: InstrumentPort["list"] = () => Promise.resolve(ok(this.bench.instruments()));

  send: InstrumentPort["send"] = (id, command) => {
    const read = commandSchema.safeParse(command);
    return Promise.resolve(read.success ? this.bench.send(id, read.data) : { ok: false, reason: "bad-message", where: "command" });
  };

  listen({ onEvent, onConnection }: Listener): () => void {
    onConnection("open");
    return this.follow(null, (events) => {
      for (const event of events) onEvent(event);
    });
  }
}
