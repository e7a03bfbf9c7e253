import { describe, expect, it } from "vitest";
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

  /** The way between the two is gone: both ends notice. */
  lose(): void {
    for (const end of [this, this.other]) {
      if (end === null) continue;
      end.readyState = "closed";
      setTimeout(() => end.tell("close"), 1);
    }
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
  const [a, b] = [new ChannelLine(null), new ChannelLine(null)];
  const join = (): FakeChannel => {
    const [here, there] = [new FakeChannel(), new FakeChannel()];
    here.other = there;
    there.other = here;
    a.take(here);
    b.take(there);
    return here;
  };
  let now = join();
  return {
    a,
    b,
    settle: () => pause(100),
    cut: async () => {
      now.lose();
      await pause(5);
    },
    mend: async () => {
      now = join();
    },
    done: async () => undefined,
  };
});

describe("a line over data channels", () => {
  it("is cut by a channel that refuses before it says that it is gone, and goes on over the next", () => {
    const [one, other] = [new FakeChannel(), new FakeChannel()];
    const line = new ChannelLine(one);
    const states: string[] = [];
    line.onState((state) => states.push(state));
    one.send = () => {
      throw new Error("closing");
    };
    expect(line.send("lost")).toBe(false);
    line.take(other);
    // What the one of before still says is not heard.
    one.tell("close");
    expect(states).toEqual(["open", "cut", "open"]);
  });

  it("that begins with none is cut, and takes none once it is ended", () => {
    const line = new ChannelLine(null);
    expect(line.send("x")).toBe(false);
    line.close();
    const late = new FakeChannel();
    line.take(late);
    expect(late.readyState).toBe("closed");
    expect(line.send("x")).toBe(false);
  });
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
