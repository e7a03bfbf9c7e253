export { SINCE_VERDICTS, type Since, type SinceStudy, type SinceVerdict, studySince } from "./run.ts";
