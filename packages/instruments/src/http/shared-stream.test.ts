import { afterEach, describe, expect, it } from "vitest";
import { HttpPort } from "./client.ts";
import { type Sharing, shareStream } from "./shared-stream.ts";
import type { Stream } from "./stream.ts";

/** Locks as a browser gives them to its tabs: one holder of a name, the others in line. */
function lockOffice(): Sharing["locks"] {
  const lines = new Map<string, { readonly work: () => unknown; readonly done: (value: never) => void }[]>();
  const serve = async (name: string): Promise<void> => {
    const [first] = lines.get(name) ?? [];
    if (first === undefined) return;
    first.done((await first.work()) as never);
    lines.set(name, (lines.get(name) ?? []).slice(1));
    void serve(name);
  };
  return {
    request: (name: string, { signal }, work: () => unknown) =>
      new Promise<never>((done, fail) => {
        const waiting = { work, done };
        const line = [...(lines.get(name) ?? []), waiting];
        lines.set(name, line);
        signal.addEventListener("abort", () => {
          const now = lines.get(name) ?? [];
          if (now.indexOf(waiting) > 0) {
            lines.set(
              name,
              now.filter((w) => w !== waiting),
            );
            fail(new DOMException("left", "AbortError"));
          }
        });
        if (line.length === 1) void serve(name);
      }),
    query: async () => ({ held: [], pending: [...lines].flatMap(([name, line]) => line.slice(1).map(() => ({ name }))) }),
  };
}

interface Tab {
  readonly heard: string[];
  readonly hide: () => void;
  readonly close: () => void;
}

/** A browser whose tabs listen to one server that counts its streams. */
function browser() {
  const locks = lockOffice();
  const streams = new Set<Stream>();
  let most = 0;
  const open = (): Stream => {
    const stream: Stream = { onopen: null, onmessage: null, onerror: null, readyState: 1, close: () => void streams.delete(stream) };
    streams.add(stream);
    most = Math.max(most, streams.size);
    setTimeout(() => stream.onopen?.());
    return stream;
  };
  const tab = (): Tab => {
    const heard: string[] = [];
    let hide: () => void = () => undefined;
    const port = new HttpPort(
      "/i",
      shareStream({
        locks,
        channel: (name) => {
          const between = new BroadcastChannel(name);
          return {
            onWord: (hear) => {
              between.onmessage = ({ data }: { readonly data: Parameters<typeof hear>[0] }) => hear(data);
            },
            postMessage: (word) => between.postMessage(word),
            close: () => between.close(),
          };
        },
        open,
        onHidden: (listener) => {
          hide = listener;
          return () => undefined;
        },
      }),
    );
    const close = port.listen({ onEvent: ({ id }) => heard.push(id), onConnection: (now) => heard.push(now) });
    tabs.push(close);
    return { heard, hide: () => hide(), close };
  };
  const send = (id: string): void => {
    const display = { kind: "multimeter", range: "volts", unit: "V", value: 120, beeps: false };
    for (const stream of streams) stream.onmessage?.({ data: JSON.stringify({ seq: 1, id, at: "2026-05-14T15:20:00.000Z", display }) });
  };
  const breakOff = (): void => {
    for (const stream of streams) stream.onerror?.();
  };
  return { tab, send, streams: () => streams.size, most: () => most, breakOff };
}

const tabs: (() => void)[] = [];
afterEach(() => {
  for (const close of tabs.splice(0)) close();
});

const settle = async (ready: () => boolean): Promise<void> => {
  for (let k = 0; k < 400 && !ready(); k++) await new Promise((next) => setTimeout(next, 5));
  expect(ready()).toBe(true);
};

describe("one stream for all tabs of a browser", () => {
  it("serves twenty tabs with one connection, and a late one hears the latest of each instrument", async () => {
    const { tab, send, streams } = browser();
    const many = Array.from({ length: 20 }, tab);
    await settle(() => many.every((t) => t.heard.includes("open")));
    send("meter");
    await settle(() => many.every((t) => t.heard.includes("meter")));
    const late = tab();
    await settle(() => late.heard.includes("open") && late.heard.includes("meter"));
    expect(streams()).toBe(1);
  });

  it("goes on with the next tab when the one that listens is closed, and ends with the last", async () => {
    const { tab, send, streams, most } = browser();
    const [first, second, third] = [tab(), tab(), tab()];
    await settle(() => third.heard.includes("open"));
    first.close();
    await settle(() => second.heard.filter((w) => w === "open").length > 1);
    send("clamp");
    await settle(() => second.heard.includes("clamp") && third.heard.includes("clamp"));
    expect(first.heard).not.toContain("clamp");
    second.close();
    third.close();
    await settle(() => streams() === 0);
    expect(most()).toBe(1);
  });

  it("gives way to a tab that is seen, and says everywhere when it is lost", async () => {
    const { tab, streams, breakOff } = browser();
    const [first, second] = [tab(), tab()];
    await settle(() => second.heard.includes("open"));
    first.hide();
    await settle(() => first.heard.filter((w) => w === "open").length > 1);
    expect(streams()).toBe(1);
    breakOff();
    await settle(() => first.heard.includes("lost") && second.heard.includes("lost"));
  });
});
