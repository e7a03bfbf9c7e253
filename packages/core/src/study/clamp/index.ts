export { meterShows } from "./shown.ts";
export { JAWS, type Jaws, recordWindings, type WindingRecord } from "./windings.ts";
