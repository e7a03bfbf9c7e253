import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { type BudgetCase, type BudgetLoad, type BudgetSource, everyCombination, studyBudget } from "../src/study/power-budget/index.ts";

/**
 * The counting rules written a second time, without a thought for speed: every subset, and for
 * those that do not cycle every order of starting there is.
 */
const legsOf = (load: BudgetLoad): readonly number[] => (load.leg === "both" ? [1, 2] : [load.leg]);
const upTo = (a: number, b: number): boolean => a <= b + 1e-9 * Math.max(1, b);
const wattsOf = (load: BudgetLoad, volts: number): number => load.runW ?? load.runA * volts * legsOf(load).length;
const startOf = (load: BudgetLoad): number => Math.max(load.runA, load.startA ?? 0);
const cycles = (load: BudgetLoad): boolean => load.cycles ?? load.startA !== undefined;
const total = (loads: readonly BudgetLoad[], of: (load: BudgetLoad) => number): number => loads.reduce((sum, l) => sum + of(l), 0);

function canRun(source: BudgetSource, on: readonly BudgetLoad[]): boolean {
  for (const leg of [1, 2]) {
    const here = on.filter((l) => legsOf(l).includes(leg));
    if (source.kind === "shore") {
      if (
        !upTo(
          total(here, (l) => l.runA * (l.continuous === true ? 1.25 : 1)),
          source.breakerA,
        )
      )
        return false;
    } else if (
      source.legs === 2 &&
      !upTo(
        total(here, (l) => wattsOf(l, source.volts) / legsOf(l).length),
        (source.runningW * source.deratedShare) / 2,
      )
    )
      return false;
  }
  return (
    source.kind === "shore" ||
    upTo(
      total(on, (l) => wattsOf(l, source.volts)),
      source.runningW * source.deratedShare,
    )
  );
}

function startsUpon(source: BudgetSource, load: BudgetLoad, running: readonly BudgetLoad[]): boolean {
  if (source.kind === "shore") return true;
  const limit = source.startLimitA ?? (1.5 * source.surgeW * source.deratedShare) / source.volts / source.legs;
  return legsOf(load).every((leg) =>
    upTo(
      total(
        running.filter((l) => legsOf(l).includes(leg)),
        (l) => l.runA,
      ) + startOf(load),
      limit,
    ),
  );
}

function someOrder(source: BudgetSource, waiting: readonly BudgetLoad[], running: readonly BudgetLoad[]): boolean {
  if (waiting.length === 0) return true;
  return waiting.some(
    (load) =>
      startsUpon(source, load, running) &&
      someOrder(
        source,
        waiting.filter((l) => l !== load),
        [...running, load],
      ),
  );
}

function canStart(source: BudgetSource, on: readonly BudgetLoad[]): boolean {
  const again = on.filter(cycles).every((load) =>
    startsUpon(
      source,
      load,
      on.filter((l) => l !== load),
    ),
  );
  return again && someOrder(source, on, []);
}

function subsets(loads: readonly BudgetLoad[]): readonly (readonly number[])[] {
  return Array.from({ length: 2 ** loads.length }, (_, mask) => loads.flatMap((_, i) => ((mask >> i) % 2 === 1 ? [i] : [])));
}

/** Removals that leave what fits, best first. */
function removals({ source, loads }: BudgetCase): readonly string[] {
  const good = subsets(loads).filter((out) => {
    const on = loads.filter((_, i) => !out.includes(i));
    return canRun(source, on) && canStart(source, on);
  });
  const cost = (out: readonly number[]): number => out.reduce((sum, i) => sum + 4 ** (5 - loads[i]!.priority), 0);
  const amps = (out: readonly number[]): number => Math.round(1e6 * out.reduce((sum, i) => sum + loads[i]!.runA, 0));
  const index = (a: readonly number[], b: readonly number[]): number => {
    const k = a.findIndex((v, i) => v !== b[i]);
    return k < 0 ? 0 : a[k]! - b[k]!;
  };
  const best = good.toSorted((a, b) => cost(a) - cost(b) || amps(a) - amps(b) || a.length - b.length || index(a, b))[0] ?? [];
  return best.map((i) => loads[i]!.id);
}

const tenths = (min: number, max: number) => fc.integer({ min: min * 10, max: max * 10 }).map((n) => n / 10);
const load = (legs: 1 | 2) =>
  fc
    .record({
      runA: tenths(0, 14),
      runW: fc.option(fc.integer({ min: 0, max: 1700 }), { nil: undefined }),
      startA: fc.option(tenths(0, 40), { nil: undefined }),
      cycles: fc.option(fc.boolean(), { nil: undefined }),
      leg: legs === 1 ? fc.constant(1 as const) : fc.constantFrom(1 as const, 2 as const, "both" as const),
      priority: fc.integer({ min: 1, max: 5 }),
      continuous: fc.option(fc.boolean(), { nil: undefined }),
    })
    .map((made) => Object.fromEntries(Object.entries(made).filter(([, v]) => v !== undefined)) as Omit<BudgetLoad, "id">);

const source = (legs: 1 | 2): fc.Arbitrary<BudgetSource> =>
  fc.oneof(
    fc.record({
      kind: fc.constant("shore" as const),
      volts: fc.constant(120),
      legs: fc.constant(legs),
      breakerA: fc.constantFrom(15, 20, 30, 50),
    }),
    fc
      .record({
        kind: fc.constantFrom("inverter-generator" as const, "generator" as const, "inverter" as const),
        runningW: fc.integer({ min: 1000, max: 8000 }),
        over: fc.double({ min: 1, max: 2, noNaN: true }),
        startLimitA: fc.option(tenths(15, 80), { nil: undefined }),
        deratedShare: fc.constantFrom(1, 0.92, 0.7),
      })
      .map(({ over, startLimitA, ...rest }) => ({
        ...rest,
        volts: 120,
        legs,
        surgeW: rest.runningW * over,
        ...(startLimitA !== undefined && { startLimitA }),
      })),
  );

const budget: fc.Arbitrary<BudgetCase> = fc.constantFrom(1 as const, 2 as const).chain((legs) =>
  fc.record({
    source: source(legs),
    loads: fc.array(load(legs), { maxLength: 6 }).map((list) => list.map((l, i) => ({ ...l, id: `load ${i}` }))),
  }),
);

describe("the budget against every subset and every order, 300 random budgets", () => {
  it("says the same of status, of what to shed and of every combination", () => {
    let fits = 0;
    let blocked = 0;
    fc.assert(
      fc.property(budget, (given) => {
        const study = studyBudget(given);
        const runs = canRun(given.source, given.loads);
        const status = !runs ? "overload" : canStart(given.source, given.loads) ? "fits" : "start-blocked";
        fits += status === "fits" ? 1 : 0;
        blocked += status === "start-blocked" ? 1 : 0;
        expect(study.status).toBe(status);
        expect(study.shed).toEqual(status === "fits" ? [] : removals(given));
        const table = everyCombination(given);
        subsets(given.loads).forEach((places, mask) => {
          const on = places.map((i) => given.loads[i]!);
          expect(table[mask] === 1).toBe(canRun(given.source, on) && canStart(given.source, on));
        });
      }),
      { numRuns: 300, seed: 4 },
    );
    expect(fits).toBeGreaterThan(30);
    expect(blocked).toBeGreaterThan(15);
  });

  it("gives an order in which every load does start on those before it", () => {
    fc.assert(
      fc.property(budget, (given) => {
        const { startOrder, status } = studyBudget(given);
        if (status !== "fits") {
          expect(startOrder).toBeNull();
          return;
        }
        const inOrder = startOrder!.map((id) => given.loads.find((l) => l.id === id)!);
        expect(inOrder).toHaveLength(given.loads.length);
        for (const [k, l] of inOrder.entries()) expect(startsUpon(given.source, l, inOrder.slice(0, k))).toBe(true);
      }),
      { numRuns: 300, seed: 5 },
    );
  });
});
