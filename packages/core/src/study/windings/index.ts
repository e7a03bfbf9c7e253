export {
  LABELS,
  type Label,
  type Ohms,
  solveWindings,
  type WindingFault,
  type WindingReadings,
  type Windings,
} from "./solve.ts";
