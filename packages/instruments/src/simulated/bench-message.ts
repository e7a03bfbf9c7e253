import { JAWS } from "@amp-saver/core/study/clamp";
import { z } from "zod";

/** What can go wrong on the bench, each switched on and off. */
export const FAULTS = ["bounce", "low-volts", "late", "thermostat", "overload-open", "stray-volts", "weak-capacitor", "link-lost"] as const;
export type Fault = (typeof FAULTS)[number];
export const PROBES = ["together", "R-S", "R-C", "C-S", "R-case", "L-N", "L-G", "N-G", "can C-HERM"] as const;
export type Probes = (typeof PROBES)[number];
export const BENCH_SOURCES = ["hook-up", "generator"] as const;
export type BenchSourceName = (typeof BENCH_SOURCES)[number];
export const MOST_RATE = 120;

const unit = z.string().min(1).max(40);

/** What a hand does on the bench: thermostat, clamp, probes, plugs, faults. */
export const benchCommandSchema = z.discriminatedUnion("do", [
  z.strictObject({ do: z.literal("call"), unit, on: z.boolean() }),
  z.strictObject({ do: z.literal("fit"), unit, on: z.boolean() }),
  z.strictObject({ do: z.literal("clamp"), unit, jaws: z.literal(JAWS) }),
  z.strictObject({ do: z.literal("probes"), unit, between: z.literal(PROBES) }),
  z.strictObject({ do: z.literal("source"), source: z.literal(BENCH_SOURCES) }),
  z.strictObject({ do: z.literal("power"), on: z.boolean() }),
  z.strictObject({ do: z.literal("fault"), fault: z.literal(FAULTS), on: z.boolean() }),
  z.strictObject({ do: z.literal("rate"), times: z.number().min(1).max(MOST_RATE) }),
]);
export type BenchCommand = z.infer<typeof benchCommandSchema>;

/** How the bench stands. */
export const benchStateSchema = z.strictObject({
  power: z.boolean(),
  source: z.literal(BENCH_SOURCES),
  rate: z.number(),
  faults: z.array(z.literal(FAULTS)),
  clamp: z.strictObject({ unit, jaws: z.literal(JAWS) }),
  probes: z.strictObject({ unit, between: z.literal(PROBES) }),
  units: z.array(
    z.strictObject({
      id: unit,
      name: z.string(),
      call: z.boolean(),
      fitted: z.boolean(),
      phase: z.literal(["off", "fan", "starting", "running", "overload"]),
      learned: z.number().int(),
    }),
  ),
});
export type BenchState = z.infer<typeof benchStateSchema>;
