import { type Channel, ChannelLine } from "./channel-line.ts";
import { lineConformance } from "./conformance.ts";
import { WindowLine } from "./window-line.ts";

const pause = (ms: number): Promise<void> => new Promise((settled) => setTimeout(settled, ms));

/** One end of a data channel as browsers give it: pieces arrive later, in order. */
class FakeChannel implements Channel {
  readyState = "open";
  onopen: Channel["onopen"] = null;
  onclose: Channel["onclose"] = null;
  onmessage: Channel["onmessage"] = null;
  other: FakeChannel | null = null;

  send(text: string): void {
    setTimeout(() => this.other?.onmessage?.({ data: text }), 1);
  }

  close(): void {
    this.readyState = "closed";
    const { other } = this;
    if (other?.readyState !== "open") return;
    other.readyState = "closed";
    setTimeout(() => other.onclose?.(undefined as never), 1);
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
