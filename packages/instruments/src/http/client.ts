import { fail, ok, type Result } from "@amp-saver/core/quantity";
import { z } from "zod";
import { eventSchema, type Instrument, type InstrumentCommand, instrumentSchema } from "../message.ts";
import { type InstrumentPort, type Listener, PORT_FAILURES, type PortFailure } from "../port.ts";
import type { OpenStream, Stream } from "./stream.ts";

const CLOSED = 2;
const AGAIN_MS = 3000;
const refusalSchema = z.object({ reason: z.literal(PORT_FAILURES) });
const listSchema = z.array(instrumentSchema).max(64);

/** Instruments behind HTTP and server-sent events, as docs/formats/instruments.md says: the stand-ins, or a bridge to real ones. */
export class HttpPort implements InstrumentPort {
  private readonly base: string;
  private readonly open: OpenStream;

  constructor(base: string, open: OpenStream) {
    this.base = base;
    this.open = open;
  }

  async list(): Promise<Result<readonly Instrument[], PortFailure>> {
    try {
      const response = await fetch(this.base, { headers: { accept: "application/json" } });
      if (!response.ok || !(response.headers.get("content-type") ?? "").includes("json")) return fail("unreachable", this.base);
      const read = listSchema.safeParse(await response.json());
      return read.success ? ok(read.data) : fail("bad-message", this.base);
    } catch {
      return fail("unreachable", this.base);
    }
  }

  send(id: string, command: InstrumentCommand): Promise<Result<null, PortFailure>> {
    return post(`${this.base}/${encodeURIComponent(id)}`, command);
  }

  listen({ onEvent, onConnection }: Listener): () => void {
    let stopped = false;
    let timer: ReturnType<typeof setTimeout> | undefined;
    let stream: Stream;
    const start = (): void => {
      stream = this.open(`${this.base}/events`);
      stream.onopen = () => onConnection("open");
      stream.onmessage = ({ data }) => {
        const event = parse(String(data));
        if (event !== null && !stopped) onEvent(event);
      };
      stream.onerror = () => {
        if (stopped) return;
        onConnection("lost");
        if (stream.readyState !== CLOSED) return;
        stream.close();
        timer = setTimeout(start, AGAIN_MS);
      };
    };
    start();
    return () => {
      stopped = true;
      clearTimeout(timer);
      stream.close();
    };
  }
}

/** Sends one message; what the server refuses comes back as a value. */
export async function post(url: string, body: unknown): Promise<Result<null, PortFailure>> {
  try {
    const response = await fetch(url, { method: "POST", headers: { "content-type": "application/json" }, body: JSON.stringify(body) });
    if (response.ok) return ok(null);
    const refusal = refusalSchema.safeParse(await response.json().catch(() => null));
    return fail(refusal.success ? refusal.data.reason : "unreachable", url);
  } catch {
    return fail("unreachable", url);
  }
}

function parse(data: string): z.infer<typeof eventSchema> | null {
  try {
    const read = eventSchema.safeParse(JSON.parse(data));
    return read.success ? read.data : null;
  } catch {
    return null;
  }
}
