import { afterAll, beforeAll, describe, expect, it } from "vitest";
import type { Display, DisplayOf, InstrumentEvent, InstrumentKind } from "./message.ts";
import type { Connection, InstrumentPort } from "./port.ts";
import type { BenchCommand } from "./simulated/index.ts";

/** A port under test, with hands on what lies behind it. */
export interface PortUnderTest {
  readonly port: InstrumentPort;
  /** Moves the world behind the port on, by seconds of its own. */
  readonly advance: (seconds: number) => Promise<void>;
  readonly hand: (command: BenchCommand) => Promise<void>;
  readonly close: () => Promise<void>;
}

/** What every instrument port does, whatever lies behind it. */
export function portConformance(name: string, open: () => Promise<PortUnderTest>): void {
  describe(`an instrument port: ${name}`, () => {
    let under: PortUnderTest;
    const heard: InstrumentEvent[] = [];
    const connections: Connection[] = [];
    let stop: () => void = () => undefined;
    beforeAll(async () => {
      under = await open();
      stop = under.port.listen({ onEvent: (e) => heard.push(e), onConnection: (c) => connections.push(c) });
    });
    afterAll(async () => {
      stop();
      await under.close();
    });

    async function shown<K extends InstrumentKind>(id: string, kind: K, holds: (display: DisplayOf<K>) => boolean): Promise<DisplayOf<K>> {
      for (let k = 0; k < 400; k++) {
        const last: Display | undefined = heard.findLast((e) => e.id === id)?.display;
        if (last?.kind === kind && holds(last as DisplayOf<K>)) return last as DisplayOf<K>;
        await new Promise((settled) => setTimeout(settled, 10));
      }
      throw new Error(`${id} never showed it; last ${JSON.stringify(heard.findLast((e) => e.id === id))}`);
    }

    it("names its instruments, each once, and says which are simulated", async () => {
      const list = await under.port.list();
      if (!list.ok) throw new Error(list.reason);
      expect(new Set(list.value.map((i) => i.id)).size).toBe(list.value.length);
      expect(list.value.map((i) => i.kind)).toEqual(["clamp", "multimeter", "starter-link", "starter-link", "generator-panel"]);
      expect(list.value.every((i) => i.simulated)).toBe(true);
    });

    it("tells every display at once, and that it is open", async () => {
      for (const id of ["clamp", "multimeter", "starter-front", "starter-rear", "generator"])
        await shown(id, heard.find((e) => e.id === id)?.display.kind ?? "clamp", () => heard.some((e) => e.id === id)).catch(
          () => undefined,
        );
      expect(new Set(heard.map((e) => e.id)).size).toBe(5);
      expect(connections[0]).toBe("open");
    });

    it("does what it is asked, and refuses what is not for that instrument", async () => {
      expect(await under.port.send("clamp", { do: "mode", mode: "inrush" })).toEqual({ ok: true, value: null });
      await under.advance(0.2);
      await shown("clamp", "clamp", (d) => d.mode === "inrush" && d.amps === null);
      expect(await under.port.send("clamp", { do: "eco", on: true })).toMatchObject({ ok: false, reason: "not-for-this-kind" });
      expect(await under.port.send("nobody", { do: "clear" })).toMatchObject({ ok: false, reason: "no-such-instrument" });
      expect(await under.port.send("clamp", { do: "explode" } as never)).toMatchObject({ ok: false, reason: "bad-message" });
    });

    it("shows a start: the inrush stays, then live amps, then silence", async () => {
      await under.hand({ do: "clamp", unit: "front", jaws: "common" });
      await under.hand({ do: "call", unit: "front", on: true });
      await under.advance(12);
      const { amps } = await shown("clamp", "clamp", (d) => d.amps !== null);
      expect(amps).toBeGreaterThan(40);
      expect(amps).toBeLessThan(75);
      await under.port.send("clamp", { do: "mode", mode: "live" });
      await under.advance(3);
      const live = await shown("clamp", "clamp", (d) => d.mode === "live" && (d.amps ?? 0) > 5);
      expect(live.amps).toBeLessThan(16);
      await under.hand({ do: "call", unit: "front", on: false });
      await under.advance(3);
      await shown("clamp", "clamp", (d) => d.amps === 0);
    });

    it("numbers its messages without a gap", () => {
      const numbers = heard.map((e) => e.seq);
      expect(numbers).toEqual(numbers.toSorted((a, b) => a - b));
      expect(new Set(numbers).size).toBe(numbers.length);
    });

    it("tells nothing more once it is stopped", async () => {
      stop();
      const before = heard.length;
      await under.port.send("clamp", { do: "mode", mode: "max-hold" });
      await under.advance(1);
      await new Promise((settled) => setTimeout(settled, 60));
      expect(heard.length).toBe(before);
    });
  });
}
