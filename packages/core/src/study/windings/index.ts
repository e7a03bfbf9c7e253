export { WINDING_PARAMS } from "./params.ts";
export {
  LABELS,
  type Label,
  type Ohms,
  solveWindings,
  WINDING_FAULTS,
  type WindingFault,
  type WindingReadings,
  type Windings,
} from "./solve.ts";
