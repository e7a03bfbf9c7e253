export { lookAlikes } from "./look-alikes.ts";
export {
  PROOFS,
  type ProofKind,
  type ProofRecord,
  type Release,
  release,
  TRACE_REFUSALS,
  TRACING_PARAMS,
  type TraceReading,
  type TraceRefusal,
  traceRefusal,
} from "./release.ts";
