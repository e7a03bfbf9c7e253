export { SINCE_VERDICTS, type Since, type SinceInput, type SinceStudy, type SinceVerdict, studySince } from "./run.ts";
