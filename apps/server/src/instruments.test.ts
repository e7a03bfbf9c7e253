import type { InstrumentEvent } from "@amp-saver/instruments";
import { portConformance } from "@amp-saver/instruments/conformance";
import { HttpPort } from "@amp-saver/instruments/http";
import { Bench, DEMO_SETUP, SimulatedPort } from "@amp-saver/instruments/simulated";
import { EventSource } from "eventsource";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { createApp } from "./app.ts";
import { listen } from "./listen.ts";

const AT = "2031-02-01T10:20:30.000Z";

async function serveBench() {
  const simulated = new SimulatedPort(new Bench(DEMO_SETUP), AT);
  const { server, port } = await listen(createApp({ folder: ".", instruments: simulated }), "127.0.0.1", 0);
  const base = `http://127.0.0.1:${port}/api/instruments`;
  const close = (): Promise<void> =>
    new Promise((settled) => {
      server.closeAllConnections();
      server.close(() => settled());
    });
  return { simulated, server, base, close };
}

const client = (base: string): HttpPort => new HttpPort(base, (url) => new EventSource(url) as never);
const settle = (ms = 80): Promise<void> => new Promise((settled) => setTimeout(settled, ms));

portConformance("over HTTP", async () => {
  const { simulated, base, close } = await serveBench();
  return {
    port: client(base),
    advance: (seconds) => Promise.resolve(simulated.advance(seconds, AT)),
    hand: async (command) => {
      await fetch(base.replace("instruments", "bench"), {
        method: "POST",
        headers: { "content-type": "application/json" },
        body: JSON.stringify(command),
      });
    },
    close,
  };
});

describe("the instruments' server", () => {
  let served: Awaited<ReturnType<typeof serveBench>>;
  beforeAll(async () => {
    served = await serveBench();
  });
  afterAll(() => served.close());

  const send = (path: string, body: string, type = "application/json"): Promise<Response> =>
    fetch(`${served.base}${path}`, { method: "POST", headers: { "content-type": type }, body });

  it.each([
    ["no JSON", "/clamp", "{", "application/json", 400, "bad-message"],
    ["a message of another kind", "/clamp", '{"do":"dance"}', "application/json", 400, "bad-message"],
    ["a field too many", "/clamp", '{"do":"clear","now":true}', "application/json", 400, "bad-message"],
    ["another type of body, as a foreign page could send", "/clamp", '{"do":"clear"}', "text/plain", 400, "bad-message"],
    ["a body too large", "/clamp", JSON.stringify({ do: "clear", more: "x".repeat(5000) }), "application/json", 413, "too-large"],
    ["nobody", "/nobody", '{"do":"clear"}', "application/json", 404, "no-such-instrument"],
    ["the wrong one", "/generator", '{"do":"clear"}', "application/json", 409, "not-for-this-kind"],
    ["a way out", "/..%2f..%2fetc", '{"do":"clear"}', "application/json", 404, "no-such-instrument"],
  ])("refuses %s, with the reason", async (_what, path, body, type, status, reason) => {
    const response = await send(path, body, type);
    expect(response.status).toBe(status);
    expect(await response.json()).toEqual({ reason });
  });

  it("gives what was missed to a listener that comes back, and everything to one that was away too long", async () => {
    const { simulated, base } = served;
    const read = async (last: number | null): Promise<InstrumentEvent[]> => {
      const stop = new AbortController();
      const response = await fetch(`${base}/events`, {
        signal: stop.signal,
        headers: last === null ? {} : { "last-event-id": String(last) },
      });
      const reader = response.body!.getReader();
      let text = "";
      while (!/data: .*\n\n$/.test(text)) text += new TextDecoder().decode((await reader.read()).value);
      stop.abort();
      return [...text.matchAll(/^data: (.*)$/gm)].map((m) => JSON.parse(m[1]!) as InstrumentEvent);
    };
    const first = await read(null);
    expect(first.map((e) => e.id).toSorted()).toEqual(["clamp", "generator", "multimeter", "starter-front", "starter-rear"]);
    const last = Math.max(...first.map((e) => e.seq));
    await send("/clamp", '{"do":"mode","mode":"inrush"}');
    simulated.advance(0.2, AT);
    await send("/multimeter", '{"do":"range","range":"ohm"}');
    simulated.advance(0.2, AT);
    const missed = await read(last);
    expect(missed.map((e) => [e.seq, e.id])).toEqual([
      [last + 1, "clamp"],
      [last + 2, "multimeter"],
    ]);
    expect(await read(1_000_000)).toHaveLength(5);
  });

  it("serves fifty at once, each in order, and no longer holds them once they are gone", async () => {
    const { simulated, base } = served;
    const heard = Array.from({ length: 50 }, () => [] as number[]);
    const ports = heard.map((seqs) => client(base).listen({ onEvent: (e) => seqs.push(e.seq), onConnection: () => undefined }));
    for (let k = 0; k < 40 && heard.some((seqs) => seqs.length < 5); k++) await settle(50);
    await send("/clamp", '{"do":"mode","mode":"live"}');
    simulated.advance(0.2, AT);
    for (let k = 0; k < 40 && heard.some((seqs) => seqs.length < 6); k++) await settle(50);
    for (const seqs of heard) {
      expect(seqs).toHaveLength(6);
      expect(seqs).toEqual(seqs.toSorted((a, b) => a - b));
    }
    for (const stop of ports) stop();
    await settle(300);
    const again = await Promise.all(Array.from({ length: 60 }, () => fetch(`${base}/events`)));
    expect(new Set(again.map((r) => r.status))).toEqual(new Set([200]));
    await Promise.all(again.map((r) => r.body?.cancel()));
  });

  it("turns the sixty-fifth away", async () => {
    await settle(300);
    const all = await Promise.all(Array.from({ length: 65 }, () => fetch(`${served.base}/events`)));
    expect(all.map((r) => r.status).toSorted()).toEqual([...new Array(64).fill(200), 503]);
    await Promise.all(all.map((r) => r.body?.cancel()));
  });

  it("comes back by itself after the line was cut, and misses nothing", async () => {
    const { simulated, server, base } = await serveBench();
    const heard: number[] = [];
    const said: string[] = [];
    const stop = client(base).listen({ onEvent: (e) => heard.push(e.seq), onConnection: (c) => said.push(c) });
    for (let k = 0; k < 40 && heard.length < 5; k++) await settle(50);
    server.closeAllConnections();
    await settle(100);
    simulated.bench.clamp.command({ do: "mode", mode: "max-hold" });
    simulated.advance(0.2, AT);
    for (let k = 0; k < 60 && heard.length < 6; k++) await settle(100);
    expect(heard).toEqual([1, 2, 3, 4, 5, 6]);
    expect(said).toEqual(["open", "lost", "open"]);
    stop();
    server.closeAllConnections();
    server.close();
  }, 15_000);

  it("says so in a value where there is no server, and has none to name where none are connected", async () => {
    expect(await client("http://127.0.0.1:9/api/instruments").list()).toMatchObject({ ok: false, reason: "unreachable" });
    const plain = await listen(createApp({ folder: "." }), "127.0.0.1", 0);
    const base = `http://127.0.0.1:${plain.port}/api/instruments`;
    expect(await client(base).list()).toEqual({ ok: true, value: [] });
    expect(await client(base).send("clamp", { do: "clear" })).toMatchObject({ ok: false, reason: "no-such-instrument" });
    plain.server.closeAllConnections();
    plain.server.close();
  });
});
