import { z } from "zod";
import { type Line, type LineState, Listeners, TEXT_MOST } from "./line.ts";

const from = z.string().max(60);
const saidSchema = z.discriminatedUnion("say", [
  z.strictObject({ from, say: z.literal(["here", "here-too", "end"]) }),
  z.strictObject({ from, say: z.literal("text"), text: z.string().max(TEXT_MOST) }),
]);
type Said = z.infer<typeof saidSchema>;

/** A line between two windows of one browser. */
export class WindowLine implements Line {
  private readonly channel: BroadcastChannel;
  private readonly own = crypto.randomUUID();
  private readonly texts = new Listeners<string>();
  private readonly states = new Listeners<LineState>();
  private state: LineState = "cut";

  constructor(name: string) {
    this.channel = new BroadcastChannel(`amp-saver line ${name}`);
    this.channel.onmessage = ({ data }: { readonly data: unknown }) => this.hear(data);
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

  private hear(data: unknown): void {
    const read = saidSchema.safeParse(data);
    if (!read.success || read.data.from === this.own) return;
    const said = read.data;
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
