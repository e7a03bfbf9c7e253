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
/** What stands before a piece: more follows, it is the last of a text, or the line is ended for good. */
const MARK = { more: "+", last: ".", end: "!" };

/**
 * A line over data channels, one after the other: long texts go in pieces, the last of them marked. A channel that is
 * lost cuts the line, until another is given to it; nobody but a person ends it.
 */
export class ChannelLine implements Line {
  private channel: Channel | null = null;
  private readonly texts = new Listeners<string>();
  private readonly states = new Listeners<LineState>();
  private state: LineState = "cut";
  private pieces = "";

  constructor(channel: Channel | null) {
    if (channel !== null) this.take(channel);
  }

  /** Goes on over this channel; one of before is given up. */
  take(channel: Channel): void {
    if (this.state === "closed") {
      channel.close();
      return;
    }
    const old = this.channel;
    this.channel = channel;
    this.pieces = "";
    old?.close();
    this.turn("cut");
    const ours = (then: () => void) => () => {
      if (this.channel === channel) then();
    };
    channel.addEventListener(
      "open",
      ours(() => this.turn("open")),
    );
    channel.addEventListener(
      "close",
      ours(() => this.turn("cut")),
    );
    channel.addEventListener("message", (event) => ours(() => this.hear("data" in event ? event.data : null))());
    if (channel.readyState === "open") this.turn("open");
  }

  send(text: string): boolean {
    if (this.state !== "open" || text.length > TEXT_MOST) return false;
    for (let from = 0; from < Math.max(1, text.length); from += PIECE) {
      const mark = from + PIECE >= text.length ? MARK.last : MARK.more;
      if (!this.put(mark + text.slice(from, from + PIECE))) return false;
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
    if (this.state === "open") this.put(MARK.end);
    this.over();
  }

  /** A channel that is going refuses what is sent before it says that it is gone. */
  private put(piece: string): boolean {
    try {
      this.channel?.send(piece);
      return true;
    } catch {
      this.turn("cut");
      return false;
    }
  }

  private over(): void {
    this.channel?.close();
    this.turn("closed");
  }

  private hear(data: unknown): void {
    if (typeof data !== "string") return;
    if (data.startsWith(MARK.end)) {
      this.over();
      return;
    }
    this.pieces += data.slice(1);
    if (this.pieces.length > TEXT_MOST) this.pieces = "";
    if (!data.startsWith(MARK.last)) return;
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
