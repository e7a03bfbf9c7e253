export { CIRCUIT_ISSUES, type CircuitCheckInput, type CircuitIssue, type CircuitIssueCode, checkCircuit } from "./check.ts";
