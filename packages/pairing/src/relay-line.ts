import { z } from "zod";
import { type Line, type LineState, Listeners, TEXT_MOST } from "./line.ts";

/** How often a lost stream is asked for again, ms. */
const AGAIN_MS = 700;
/** Failures in a row after which it is asked whether the room is there at all. */
const ASK_AFTER = 3;

/** What a browser gives for a stream of events. */
export interface Stream {
  addEventListener(type: "message" | "error", listener: (event: Event) => void): void;
  close(): void;
}

/** What a room tells a seat. */
const toldSchema = z.object({
  seat: z.string().max(60).optional(),
  there: z.boolean().optional(),
  text: z.string().max(TEXT_MOST).optional(),
  ended: z.boolean().optional(),
});
const REFUSALS = ["no-such-room", "full", "too-many", "too-many-guesses", "unreachable"] as const;
const answerSchema = z.union([z.object({ code: z.string().max(60) }), z.object({ reason: z.literal(REFUSALS) })]);

/** Why no room is opened or entered. */
export type RelayRefusal = (typeof REFUSALS)[number];

/** Opens a room on the server that served this page; its code is the only way in. */
export async function openRoom(base: string): Promise<{ readonly code: string } | RelayRefusal> {
  const response = await fetch(base, { method: "POST", headers: { "content-type": "application/json" }, body: "{}" }).catch(() => null);
  if (response === null) return "unreachable";
  const answer = answerSchema.safeParse(await response.json().catch(() => null));
  if (!answer.success) return "unreachable";
  return "code" in answer.data ? answer.data : answer.data.reason;
}

/** Why one cannot go into a room; null where one can. */
export async function askRoom(base: string, code: string): Promise<RelayRefusal | null> {
  const response = await fetch(`${base}/${encodeURIComponent(code)}`).catch(() => null);
  if (response === null) return "unreachable";
  if (response.ok) return null;
  const answer = answerSchema.safeParse(await response.json().catch(() => null));
  return answer.success && "reason" in answer.data ? answer.data.reason : "unreachable";
}

/** A line over the server that served this page: what comes by a stream, what goes by posts, one after the other. */
export class RelayLine implements Line {
  private readonly room: string;
  private readonly streamOf: (url: string) => Stream;
  private readonly texts = new Listeners<string>();
  private readonly states = new Listeners<LineState>();
  private readonly seats = new Listeners<string>();
  private state: LineState = "cut";
  private stream: Stream | null = null;
  private seat: string | null = null;
  private going: Promise<void> = Promise.resolve();
  private timer: ReturnType<typeof setTimeout> | undefined;
  /** What sent before a cut is not sent after it. */
  private cuts = 0;

  constructor(base: string, code: string, seat: string | null, streamOf: (url: string) => Stream) {
    this.room = `${base}/${encodeURIComponent(code)}`;
    this.streamOf = streamOf;
    this.seat = seat;
    this.listen();
  }

  send(text: string): boolean {
    if (this.state !== "open" || text.length > TEXT_MOST) return false;
    const before = this.cuts;
    this.going = this.going.then(async () => {
      if (this.cuts !== before) return;
      const sent = await fetch(`${this.room}/${this.seat}`, {
        method: "POST",
        headers: { "content-type": "application/json" },
        body: JSON.stringify({ text }),
      }).catch(() => null);
      if (sent?.ok !== true && this.cuts === before) this.again();
    });
    return true;
  }

  onText(listener: (text: string) => void): () => void {
    return this.texts.add(listener);
  }

  onState(listener: (state: LineState) => void): () => void {
    listener(this.state);
    return this.states.add(listener);
  }

  /** Calls back with the seat in the room, by which it is found again; returns how to stop. */
  onSeat(listener: (seat: string) => void): () => void {
    if (this.seat !== null) listener(this.seat);
    return this.seats.add(listener);
  }

  close(): void {
    if (this.state === "closed") return;
    if (this.seat !== null) void fetch(`${this.room}/${this.seat}`, { method: "DELETE" }).catch(() => null);
    this.over();
  }

  private listen(): void {
    this.stream = this.streamOf(`${this.room}/events${this.seat === null ? "" : `?seat=${encodeURIComponent(this.seat)}`}`);
    const { stream } = this;
    stream.addEventListener("message", (event) => {
      const told = toldSchema.safeParse(JSON.parse("data" in event ? String(event.data) : "null"));
      if (told.success && this.stream === stream) this.hear(told.data);
    });
    stream.addEventListener("error", () => {
      if (this.stream === stream) this.again();
    });
  }

  private failures = 0;

  private hear(told: z.infer<typeof toldSchema>): void {
    this.failures = 0;
    if (told.seat !== undefined) {
      this.seat = told.seat;
      this.seats.tell(told.seat);
    }
    if (told.there !== undefined) this.turn(told.there ? "open" : "cut");
    if (told.text !== undefined) this.texts.tell(told.text);
    if (told.ended === true) this.over();
  }

  private again(): void {
    this.stream?.close();
    this.turn("cut");
    if (this.state === "closed") return;
    clearTimeout(this.timer);
    this.failures += 1;
    this.timer = setTimeout(() => void this.lookAgain(), AGAIN_MS);
  }

  /** A room that is gone is not waited for; a server that is silent is. */
  private async lookAgain(): Promise<void> {
    if (this.failures % ASK_AFTER === 0) {
      const room = await fetch(this.room).catch(() => null);
      if (room?.status === 404) return this.over();
    }
    if (this.state !== "closed") this.listen();
    return undefined;
  }

  private over(): void {
    clearTimeout(this.timer);
    this.stream?.close();
    this.turn("closed");
  }

  private turn(state: LineState): void {
    if (this.state === state || this.state === "closed") return;
    if (state !== "open") this.cuts += 1;
    this.state = state;
    this.states.tell(state);
  }
}
