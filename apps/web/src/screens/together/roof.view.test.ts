import { USUAL_QUOTE_PRICES } from "@amp-saver/core/study/quote";
import { type AnyRecord, listed, type RigId } from "@amp-saver/records";
import { demoRecords } from "@amp-saver/records/demo";
import { describe, expect, it } from "vitest";
import type { RigBundle } from "../../store/bundle.ts";
import { softUnits } from "./plan.ts";
import { roofWork } from "./roof.view.ts";

const records = demoRecords();
const KINDS = ["unit", "source", "job", "load", "wiring", "learning", "starter", "work", "reading"] as const;

function bundleOf(rigId: string, all: readonly AnyRecord[] = records): RigBundle {
  const own = all.filter((r) => r.kind === "starter" || ("rigId" in r && r.rigId === rigId));
  const kinds = KINDS.map((kind) => [`${kind}s`, listed(kind, own)] as const);
  return { rig: all.find((r) => r.kind === "rig" && r.id === (rigId as RigId)), ...Object.fromEntries(kinds) } as unknown as RigBundle;
}
const lantern = bundleOf("demo-tin-lantern");

describe("the work over a roof", () => {
  const work = roofWork(lantern, [], 300, USUAL_QUOTE_PRICES);

  it("has every unit with a plan, and names the ones without", () => {
    expect([...work.planned.map(({ unit }) => unit.name), ...work.unplanned].toSorted()).toEqual(
      lantern.units.map((u) => u.name).toSorted(),
    );
    expect(work.order.acts.filter((a) => a.what === "fit").flatMap((a) => a.ids)).toEqual(work.planned.map(({ unit }) => unit.id));
  });

  it("leaves out what is handed over, and names it", () => {
    const [first, ...others] = work.planned.map(({ unit }) => unit);
    const jobs = lantern.jobs.map((job) => (job.unitId === first!.id ? { ...job, handedOverAt: "2026-06-21T18:00:00.000Z" } : job));
    const left = roofWork({ ...lantern, jobs }, [], 300, USUAL_QUOTE_PRICES);
    expect(left.handedOver).toEqual([first!.name]);
    expect(left.planned.map(({ unit }) => unit.id)).toEqual(others.map(({ id }) => id));
    expect(left.order.acts.flatMap((a) => a.ids)).not.toContain(first!.id);
    expect(left.unplanned).toEqual(work.unplanned);
  });

  it("has one kit with as many terminals as the units need together", () => {
    const needed = (kits: readonly { readonly needed: number }[]): number => kits.reduce((sum, line) => sum + line.needed, 0);
    expect(needed(work.kit)).toBe(needed(work.planned.flatMap(({ plan }) => plan.kit)));
    const keys = work.kit.map((line) => `${line.what} ${line.color}`);
    expect(new Set(keys).size).toBe(keys.length);
  });

  it("has one quote: a starter for each, the way there once, and less than the quotes apart", () => {
    const [first, ...others] = work.planned.map(({ unit }) => {
      const alone = { ...lantern, units: [unit] };
      return roofWork(alone, [], 300, USUAL_QUOTE_PRICES).quote!.quote;
    });
    const { quote } = work.quote!;
    expect(quote.parts.find((line) => line.code === "starter")!.count).toBe(work.planned.length);
    expect(quote.work.find((line) => line.code === "travel")!.minutes.usual).toBe(USUAL_QUOTE_PRICES.travelMin);
    expect(quote.partsCents).toBe([first!, ...others].reduce((sum, q) => sum + q.partsCents, 0));
    expect(quote.usual.cents).toBeLessThan([first!, ...others].reduce((sum, q) => sum + q.usual.cents, 0));
  });
});

describe("which starters have learned", () => {
  it("is by unit: those under way have not, the others count as learned, and a unit without one is not asked", () => {
    const soft = lantern.jobs.map((job) => ({ ...job, method: "soft" as const }));
    const of = (bundle: RigBundle) => softUnits(bundle, Date.parse("2031-02-01T10:00:00Z")).map(({ unit, learned }) => [unit.id, learned]);
    const [one] = lantern.units;
    const asked = { ...lantern, jobs: soft, learnings: [] };
    expect(of(asked)).toEqual(lantern.units.map((u) => [u.id, true]));
    const job = soft.filter((j) => j.unitId === one!.id).at(-1)!;
    const begun = {
      ...lantern.learnings[0]!,
      jobId: job.id,
      events: { a: { at: "2031-02-01T09:59:00.000Z", what: "start" as const, peakA: null } },
    };
    expect(of({ ...asked, learnings: [begun as never] })[0]).toEqual([one!.id, false]);
    expect(of({ ...asked, jobs: soft.map((j) => ({ ...j, method: "as-found" as const })) })).toEqual([]);
  });
});
