export { lookAlikes } from "./look-alikes.ts";
export {
  type ProofRecord,
  type Release,
  release,
  type TraceRefusal,
  traceRefusal,
} from "./release.ts";
