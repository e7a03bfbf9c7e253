import { type Line, type LineState, Listeners, TEXT_MOST } from "./line.ts";

/** What a data channel between two browsers does, as far as it is used. */
export interface Channel {
  readonly readyState: string;
  send(text: string): void;
  close(): void;
  addEventListener(type: "open" | "close" | "message", listener: (event: Event) => void): void;
}

/** Longest piece of a text: what every browser passes on at once. */
const PIECE = 15_000;

/** A line over a data channel: long texts go in pieces, the last of them marked. */
export class ChannelLine implements Line {
  private readonly channel: Channel;
  private readonly texts = new Listeners<string>();
  private readonly states = new Listeners<LineState>();
  private state: LineState;
  private pieces = "";

  constructor(channel: Channel) {
    this.channel = channel;
    this.state = channel.readyState === "open" ? "open" : "cut";
    channel.addEventListener("open", () => this.turn("open"));
    channel.addEventListener("close", () => this.turn("closed"));
    channel.addEventListener("message", (event) => this.hear("data" in event ? event.data : null));
  }

  send(text: string): boolean {
    if (this.state !== "open" || text.length > TEXT_MOST) return false;
    for (let from = 0; from < Math.max(1, text.length); from += PIECE) {
      const isLast = from + PIECE >= text.length;
      this.channel.send((isLast ? "." : "+") + text.slice(from, from + PIECE));
    }
    return true;
  }

  onText(listener: (text: string) => void): () => void {
    return this.texts.add(listener);
  }

  onState(listener: (state: LineState) => void): () => void {
    listener(this.state);
    return this.states.add(listener);
  }

  close(): void {
    this.channel.close();
    this.turn("closed");
  }

  private hear(data: unknown): void {
    if (typeof data !== "string") return;
    this.pieces += data.slice(1);
    if (this.pieces.length > TEXT_MOST) this.pieces = "";
    if (!data.startsWith(".")) return;
    const text = this.pieces;
    this.pieces = "";
    this.texts.tell(text);
  }

  private turn(state: LineState): void {
    if (this.state === state || this.state === "closed") return;
    this.state = state;
    this.states.tell(state);
  }
}
