export { Listener, runsAndRests } from "./listener.ts";
export { type Heard, type HeardStart, hearStarts } from "./run.ts";
