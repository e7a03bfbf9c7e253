export { CIRCUIT_ISSUES, type CircuitCheckInput, type CircuitIssue, checkCircuit } from "./check.ts";
