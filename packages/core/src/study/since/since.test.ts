import fc from "fast-check";
import { describe, expect, it } from "vitest";
import type { ClampReading } from "../reading/index.ts";
import { studySince } from "./index.ts";

const reading = (id: string, amps: number, more: Partial<ClampReading> = {}): ClampReading => ({
  id,
  when: "after",
  kind: "inrush",
  conductor: "common",
  amps,
  tolerance: 0.02,
  sourceId: null,
  volts: null,
  restMin: 10,
  ...more,
});
const since = (earlier: readonly ClampReading[], later: readonly ClampReading[], lockedRotorA: number | null = null) =>
  studySince({ earlier, later, lockedRotorA });
const some = (amps: readonly number[], more: Partial<ClampReading> = {}): ClampReading[] =>
  amps.map((a, k) => reading(`${more.kind ?? "inrush"} ${k}`, a, more));

describe("since an earlier visit", () => {
  it("start amps that rose by a half are higher, and running amps within the meter are alike", () => {
    const study = since(
      [...some([22, 22.4, 21.8]), ...some([12.4], { kind: "live", outdoorC: 33, volts: 118 })],
      [...some([33, 33.2, 32.8]), ...some([12.5], { kind: "live", outdoorC: 33, volts: 118 })],
    );
    expect(study.start).toMatchObject({ verdict: "higher", thenA: 22, nowA: 33 });
    expect(study.start.change).toBeCloseTo(0.5, 6);
    expect(study.running.verdict).toBe("alike");
    const unnoted = since(some([12.4], { kind: "live" }), some([12.9], { kind: "live" }));
    expect(unnoted.running).toMatchObject({ verdict: "cannot-tell", thenA: 12.4, nowA: 12.9 });
  });

  it("says on which side nothing was read, and what is not alike", () => {
    expect(since([], some([22, 22])).start.verdict).toBe("no-then");
    expect(since(some([22, 22]), []).start.verdict).toBe("no-now");
    expect(since(some([22, 22]), some([22, 22], { conductor: "supply" })).start.verdict).toBe("nothing-alike");
    expect(since(some([12], { kind: "live" }), some([22, 22])).running.verdict).toBe("no-now");
  });

  it("leaves out what was read before a starter was in", () => {
    expect(since(some([63, 63], { when: "before" }), some([22, 22])).start.verdict).toBe("no-then");
  });

  it("counts no reading that no rotor of this plate can draw", () => {
    const later = [...some([22, 22.2]), reading("slip", 140)];
    expect(since(some([22, 22.4]), later, 60).start).toMatchObject({ verdict: "alike", nowA: 22.1 });
  });

  it("turned about in time turns higher into lower", () => {
    const amps = fc
      .array(fc.double({ min: 15, max: 45, noNaN: true }), { minLength: 3, maxLength: 3 })
      .map((a) => a.map((x) => Math.round(x)));
    fc.assert(
      fc.property(amps, amps, (a, b) => {
        const there = since(some(a), some(b)).start;
        const back = since(some(b), some(a)).start;
        if (there.thenA === null || back.thenA === null) return;
        expect([there.thenA, there.nowA]).toEqual([back.nowA, back.thenA]);
        if (there.verdict === "higher") expect(back.verdict).not.toBe("higher");
        if (there.verdict === "lower") expect(back.verdict).not.toBe("lower");
        expect(Math.sign(there.change ?? 0) + Math.sign(back.change ?? 0)).toBe(0);
      }),
    );
  });
});
