export { type Jaws, JAWS, recordWindings, type WindingRecord } from "./windings.ts";
