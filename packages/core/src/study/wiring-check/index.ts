export { checkWiring } from "./check.ts";
export { FAULT_CODES, type FaultCode, SYMPTOMS, type Symptom, type WiringFault } from "./codes.ts";
