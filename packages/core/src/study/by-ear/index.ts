export { type Heard, type HeardStart, hearStarts } from "./run.ts";
