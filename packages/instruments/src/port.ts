import type { Result } from "@amp-saver/core/quantity";
import type { Instrument, InstrumentCommand, InstrumentEvent } from "./message.ts";

/** Why an instrument did not do as asked. */
export const PORT_FAILURES = ["unreachable", "no-such-instrument", "not-for-this-kind", "bad-message", "too-large", "too-many"] as const;
export type PortFailure = (typeof PORT_FAILURES)[number];

/** Whether messages come in: for a moment they may not, and are then caught up with. */
export type Connection = "open" | "lost";

export interface Listener {
  readonly onEvent: (event: InstrumentEvent) => void;
  readonly onConnection: (connection: Connection) => void;
}

/** Where instruments are asked and listened to. Every adapter passes the same conformance suite. */
export interface InstrumentPort {
  list(): Promise<Result<readonly Instrument[], PortFailure>>;
  send(id: string, command: InstrumentCommand): Promise<Result<null, PortFailure>>;
  /** Tells each instrument's display at once and at every change; returns how to stop. */
  listen(listener: Listener): () => void;
}
