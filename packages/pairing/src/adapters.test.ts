import { type Channel, ChannelLine } from "./channel-line.ts";
import { lineConformance } from "./conformance.ts";
import { WindowLine } from "./window-line.ts";

const pause = (ms: number): Promise<void> => new Promise((settled) => setTimeout(settled, ms));

/** One end of a data channel as browsers give it: pieces arrive later, in order. */
class FakeChannel implements Channel {
  readyState = "open";
  private readonly listeners: { readonly type: string; readonly listener: (event: Event) => void }[] = [];
  other: FakeChannel | null = null;

  addEventListener(type: string, listener: (event: Event) => void): void {
    this.listeners.push({ type, listener });
  }

  tell(type: string, data?: string): void {
    const event = new MessageEvent(type, { data });
    for (const one of this.listeners) if (one.type === type) one.listener(event);
  }

  send(text: string): void {
    setTimeout(() => this.other?.tell("message", text), 1);
  }

  close(): void {
    this.readyState = "closed";
    const { other } = this;
    if (other?.readyState !== "open") return;
    other.readyState = "closed";
    setTimeout(() => other.tell("close"), 1);
  }
}

lineConformance("over a data channel", async () => {
  const [one, other] = [new FakeChannel(), new FakeChannel()];
  one.other = other;
  other.other = one;
  return { a: new ChannelLine(one), b: new ChannelLine(other), settle: () => pause(100), done: async () => undefined };
});

let names = 0;
lineConformance("between two windows", async () => {
  names += 1;
  const [a, b] = [new WindowLine(`test ${names}`), new WindowLine(`test ${names}`)];
  let states = 0;
  a.onState((state) => (states += state === "open" ? 1 : 0));
  b.onState((state) => (states += state === "open" ? 1 : 0));
  for (let k = 0; k < 100 && states < 2; k++) await pause(10);
  return {
    a,
    b,
    settle: () => pause(200),
    done: async () => {
      a.close();
      b.close();
    },
  };
});
