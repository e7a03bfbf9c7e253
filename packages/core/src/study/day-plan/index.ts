export type { DayBank, DayCase, DaySource } from "./case.ts";
export { coincidencesPerDay } from "./coincide.ts";
export { STEPS } from "./params.ts";
export type { DayStudy } from "./result.ts";
export { studyDay } from "./run.ts";
export { cyclesPerHour, dutyAt, outdoorC } from "./thermostat.ts";
