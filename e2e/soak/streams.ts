import { Bench, DEMO_SETUP, SimulatedPort } from "@amp-saver/instruments/simulated";
import { createApp, runBench } from "@amp-saver/server";
import { inject } from "vitest";
import { listen } from "../listen.ts";
import { type Chance, Counter, type Tally } from "./tally.ts";

/** Most streams held open at once here: above what the server serves. */
const HELD = 80;

/** Streams of events opened, read a while, cut or resumed: none is mixed up, and none is held once it is gone. */
export async function streams(chance: Chance, tries: number, seed: number): Promise<Tally> {
  const counter = new Counter("streams of events");
  const bench = new SimulatedPort(new Bench({ ...DEMO_SETUP, seed }), "2026-06-21T18:41:00.000Z");
  const rest = runBench(bench);
  const { server, port } = await listen(createApp({ folder: inject("folder"), instruments: bench }));
  const address = `http://localhost:${port}/api/instruments/events`;
  const one = async (last: number | null, sought: RegExp): Promise<void> => {
    const cut = new AbortController();
    const timer = setTimeout(() => cut.abort(), 10_000);
    try {
      const response = await fetch(address, { signal: cut.signal, headers: last === null ? {} : { "last-event-id": String(last) } });
      if (response.status === 503) return counter.end("turned away");
      const reader = response.body!.getReader();
      let text = "";
      while (!sought.test(text)) text += new TextDecoder().decode((await reader.read()).value);
      const seqs = [...text.matchAll(/^id: (\d+)$/gm)].map((m) => Number(m[1]));
      if (seqs.some((seq, k) => k > 0 && seq < seqs[k - 1]!)) counter.fault(`out of order: ${seqs.join(" ")}`);
      if (!/^retry: \d+/.test(text)) counter.fault("no begin of a stream");
      counter.end("read and cut");
    } catch (error) {
      counter.end("failed");
      counter.fault(String(error).slice(0, 200));
    } finally {
      clearTimeout(timer);
      cut.abort();
    }
  };
  const line = async (): Promise<void> => {
    while (begun < tries) {
      begun += 1;
      // Where one is resumed there may be nothing newer to wait for.
      const all = chance.oneIn(2);
      await one(all ? null : chance.of([0, 1, 5, 1_000_000, -3]), all && chance.oneIn(2) ? /data: .*\n\n/ : /retry/);
    }
  };
  let begun = 0;
  await Promise.all(Array.from({ length: Math.min(HELD, tries) }, line));
  const free = await fetch(address);
  if (free.status !== 200) counter.fault(`no stream is free afterwards: ${free.status}`);
  await free.body?.cancel();
  rest();
  server.closeAllConnections();
  server.close();
  return counter.tally();
}
