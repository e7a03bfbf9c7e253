import { type Line, type LineState, Listeners, TEXT_MOST } from "./line.ts";

type Said =
  | { readonly from: string; readonly say: "here" | "here-too" | "end" }
  | { readonly from: string; readonly say: "text"; readonly text: string };

/** A line between two windows of one browser. */
export class WindowLine implements Line {
  private readonly channel: BroadcastChannel;
  private readonly own = crypto.randomUUID();
  private readonly texts = new Listeners<string>();
  private readonly states = new Listeners<LineState>();
  private state: LineState = "cut";

  constructor(name: string) {
    this.channel = new BroadcastChannel(`amp-saver line ${name}`);
    this.channel.onmessage = ({ data }: { readonly data: unknown }) => this.hear(data as Said);
    this.post({ from: this.own, say: "here" });
  }

  send(text: string): boolean {
    if (this.state !== "open" || text.length > TEXT_MOST) return false;
    this.post({ from: this.own, say: "text", text });
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
    if (this.state === "closed") return;
    this.post({ from: this.own, say: "end" });
    this.turn("closed");
    this.channel.close();
  }

  private hear(said: Said): void {
    if (said.from === this.own) return;
    if (said.say === "text") {
      this.texts.tell(said.text);
      return;
    }
    if (said.say === "end") {
      this.turn("closed");
      this.channel.close();
      return;
    }
    if (said.say === "here") this.post({ from: this.own, say: "here-too" });
    this.turn("open");
  }

  private post(said: Said): void {
    this.channel.postMessage(said);
  }

  private turn(state: LineState): void {
    if (this.state === state || this.state === "closed") return;
    this.state = state;
    this.states.tell(state);
  }
}
