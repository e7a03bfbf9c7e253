import { deratingShares } from "@amp-saver/core/device/engine";
import { INVERTER_GENERATOR_PARAMS } from "@amp-saver/core/device/inverter-generator";
import { celsiusFromF, metresFromFt, present, withoutUndefined } from "@amp-saver/core/quantity";
import { isCircuit, isEngine } from "@amp-saver/core/study/motor-start";
import { type BudgetCase, type BudgetLoad, type BudgetSource, MOST_LOADS } from "@amp-saver/core/study/power-budget";
import { z } from "zod";
import { type Bounds, BUDGET_BOUNDS } from "./limits.ts";

const number = (path: keyof typeof BUDGET_BOUNDS) => {
  const { min, max }: Bounds = BUDGET_BOUNDS[path];
  return z.number().min(min).max(max);
};

const legs = z.literal([1, 2]).optional();

const circuitSchema = z.strictObject({
  kind: z.literal("shore"),
  volts: number("source.volts"),
  breakerA: number("source.breakerA"),
  legs,
});

const setSchema = z.strictObject({
  kind: z.literal(["inverter-generator", "generator", "inverter"]),
  volts: number("source.volts"),
  runningW: number("source.runningW").optional(),
  surgeW: number("source.surgeW").optional(),
  startLimitA: number("source.startLimitA").optional(),
  altitudeFt: number("source.altitudeFt").optional(),
  ambientF: number("source.ambientF").optional(),
  legs,
});

const loadSchema = z.strictObject({
  id: z.string().min(1).max(80),
  runA: number("loads.runA"),
  runW: number("loads.runW").optional(),
  startA: number("loads.startA").optional(),
  cycles: z.boolean().optional(),
  leg: z.literal([1, 2, "both"]).optional(),
  priority: z.int().min(BUDGET_BOUNDS["loads.priority"].min).max(BUDGET_BOUNDS["loads.priority"].max).optional(),
  continuous: z.boolean().optional(),
  motor: z.boolean().optional(),
});

/** The shape of `amp-saver/budget-case`, version 1. */
export const budgetCaseSchema = z.strictObject({
  format: z.literal("amp-saver/budget-case"),
  version: z.literal(1),
  source: z.discriminatedUnion("kind", [circuitSchema, setSchema], { error: "must be shore, inverter-generator, generator or inverter" }),
  loads: z.array(loadSchema).max(MOST_LOADS),
});
type BudgetCaseFile = z.infer<typeof budgetCaseSchema>;
type SourceFile = BudgetCaseFile["source"];
type LoadFile = BudgetCaseFile["loads"][number];

/** Taken where a load has no priority: neither to keep nor to go first. */
const MIDDLE_PRIORITY = 3;
/** Surge watts over running watts where only one of them is given. */
const SURGE_OVER_RUNNING = INVERTER_GENERATOR_PARAMS.surgeOverRunning.value;
/** Air at which an engine loses nothing to heat, taken where none is given. */
const NO_HEAT_LOSS_F = 77;

/** A case as core wants it, or the line that says what is wrong. */
export function budgetFromFile({ source, loads }: BudgetCaseFile): BudgetCase | string {
  if (!isCircuit(source) && source.runningW === undefined && source.surgeW === undefined)
    return "source.runningW is missing (50 to 100000 W)";
  const seen = new Set<string>();
  for (const [i, { id, leg }] of loads.entries()) {
    if (seen.has(id)) return `loads.${i}.id ${JSON.stringify(id)} stands twice; each load needs an id of its own`;
    seen.add(id);
    if ((source.legs ?? 1) === 1 && leg !== undefined && leg !== 1) return `loads.${i}.leg must be 1: the source has one leg`;
  }
  return { source: sourceOf(source), loads: loads.map(loadOf) };
}

function sourceOf(source: SourceFile): BudgetSource {
  const common = { volts: source.volts, legs: source.legs ?? 1 } as const;
  if (isCircuit(source)) return { ...common, kind: "shore", breakerA: source.breakerA };
  const { kind, runningW, surgeW, startLimitA, altitudeFt = 0, ambientF = NO_HEAT_LOSS_F } = source;
  const running = runningW ?? present(surgeW) / SURGE_OVER_RUNNING;
  return {
    ...common,
    kind,
    runningW: running,
    surgeW: surgeW ?? running * SURGE_OVER_RUNNING,
    deratedShare: !isEngine(source) ? 1 : deratingShares(metresFromFt(altitudeFt), celsiusFromF(ambientF)).all,
    ...(startLimitA !== undefined && { startLimitA }),
  };
}

function loadOf({ id, runA, leg, priority, ...rest }: LoadFile): BudgetLoad {
  const given = withoutUndefined(rest);
  return { id, runA, leg: leg ?? 1, priority: priority ?? MIDDLE_PRIORITY, ...given };
}
