export type { DayBank, DayCase, DayLoad, DaySource, DayUnit, Spell, Weather } from "./case.ts";
export { coincidencesPerDay } from "./coincide.ts";
export { DAY_PARAMS, STEP_MIN, STEPS } from "./params.ts";
export type { DayStep, DayStudy } from "./result.ts";
export { studyDay } from "./run.ts";
export { cyclesPerHour, dutyAt, outdoorC } from "./thermostat.ts";
