import { describe, expect, it } from "vitest";
import { ClockOffset } from "./clock.ts";
import { memoryLines } from "./memory-line.ts";
import { Replica } from "./replica.ts";
import { Session } from "./session.ts";
import { SPEAKS } from "./shared-records.ts";

const NOW = Date.parse("2026-06-01T08:00:00.000Z");

describe("a session", () => {
  it("brings a picture when it is asked for, in pieces; one that was cut off is asked for again", async () => {
    const lines = memoryLines();
    const picture = "ab12".repeat(50_000);
    const came: [string, string][] = [];
    const of = (device: "a" | "b", has: boolean) =>
      new Session(lines[device], {
        replica: new Replica({ device, known: {}, ops: [] }),
        name: device,
        speaks: SPEAKS,
        nowMs: () => NOW,
        onDocs: () => undefined,
        blobOf: async (id) => (has && id === "photo" ? picture : null),
        onBlob: (id, base64) => came.push([id, base64]),
      });
    of("a", true);
    const b = of("b", false);
    const settle = async (most: number): Promise<void> => {
      for (let k = 0; k < most; k++) {
        while (lines.arrive("a"));
        await Promise.resolve();
        await Promise.resolve();
        lines.arrive("b");
      }
    };
    b.want("photo");
    await settle(4);
    lines.cut();
    lines.mend();
    expect(came).toEqual([]);
    b.want("photo");
    b.want("no such one");
    await settle(40);
    expect(came).toEqual([["photo", picture]]);
  });

  it("tells the other's clock from the quickest answer", () => {
    let ms = NOW;
    const lines = memoryLines();
    const of = (device: string, ahead: number) =>
      new Session(lines[device as "a" | "b"], {
        replica: new Replica({ device, known: {}, ops: [] }),
        name: device,
        speaks: SPEAKS,
        nowMs: () => ms + ahead,
        onDocs: () => undefined,
      });
    const [a] = [of("a", 0), of("b", 247_000)];
    for (const wait of [400, 30, 900]) {
      a?.ping();
      while (lines.arrive("b")) ms += wait;
      while (lines.arrive("a")) ms += wait / 10;
    }
    expect(Math.abs((a?.state.aheadMs ?? 0) - 247_000)).toBeLessThan(100);
  });

  it("forgets what was measured before one of the clocks was set", () => {
    const offset = new ClockOffset();
    expect(offset.hear(0, 5010, 20)).toBe(5000);
    // Slower answers of the same clocks change nothing.
    expect(offset.hear(1000, 6100, 1900)).toBe(5000);
    // Set back by an hour.
    expect(offset.hear(2000, 2000 - 3_595_000 + 30, 2060)).toBe(-3_595_000);
    // One's own clock was set while the answer was under way: it tells nothing.
    expect(offset.hear(9000, 0, 8000)).toBe(-3_595_000);
  });
});
