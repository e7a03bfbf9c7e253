export { Bench, type BenchSetup } from "./bench.ts";
export {
  BENCH_SOURCES,
  type BenchCommand,
  type BenchSourceName,
  type BenchState,
  benchCommandSchema,
  benchStateSchema,
  FAULTS,
  type Fault,
  MOST_RATE,
  PROBES,
  type Probes,
} from "./bench-message.ts";
export { DEMO_SETUP } from "./demo-setup.ts";
export { BENCH_PARAMS } from "./params.ts";
export { SimulatedPort } from "./port.ts";
export type { BenchUnit } from "./unit-run.ts";
