export { JAWS, type Jaws, recordWindings, type WindingRecord } from "./windings.ts";
