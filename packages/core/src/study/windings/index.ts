export { exchangedWires, measuredPins, onMeasuredPins, type PinName, type WrongPin, wrongPins } from "./leads.ts";
export {
  LABELS,
  type Label,
  type Ohms,
  solveWindings,
  type WindingFault,
  type WindingReadings,
  type Windings,
} from "./solve.ts";
