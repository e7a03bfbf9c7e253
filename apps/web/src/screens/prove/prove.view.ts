import { LEARNING_RUN_PARAMS } from "@amp-saver/core/study/learning-runs";
import {
  type Expected,
  judgeRunning,
  READING_PARAMS,
  type ReadingStudy,
  type RunningVerdict,
  studyReadings,
} from "@amp-saver/core/study/reading";
import { type AirConditioner, clampReading, type Reading } from "@amp-saver/records";

/** One condition under which readings were taken, before against after. */
export interface AlikeRow {
  readonly what: "meter" | "conductor" | "mode" | "rest" | "source" | "outdoor" | "volts";
  readonly before: string | number | null;
  readonly after: string | number | null;
  readonly alike: "equal" | "near" | "unlike" | "not-known";
}

/** Everything the prove screen shows, in figures and codes. */
export interface ProveView {
  readonly study: ReadingStudy;
  readonly before: readonly Reading[];
  readonly after: readonly Reading[];
  readonly leftOut: readonly { readonly reading: Reading; readonly reason: ReadingStudy["leftOut"][number]["reason"] }[];
  readonly alike: readonly AlikeRow[];
  /** Most amps on the rule. */
  readonly mostA: number;
}

/** Judges a job's readings, beside what the model expects where that is known, and sets the conditions of both sides side by side. */
export function proveView(readings: readonly Reading[], unit: AirConditioner, expected: Expected | null = null): ProveView {
  const study = studyReadings({
    expected,
    readings: readings.map(clampReading),
    lockedRotorA: unit.lockedRotorA?.value ?? null,
  });
  const out = new Map(study.leftOut.map((l) => [l.id, l.reason]));
  const counted = readings.filter((r) => !out.has(r.id));
  const starts = (when: Reading["when"]): Reading[] => counted.filter((r) => r.when === when && r.mode !== "live");
  const before = starts("before");
  const after = starts("after");
  return {
    study,
    before,
    after,
    leftOut: readings.flatMap((reading) => {
      const reason = out.get(reading.id);
      return reason === undefined ? [] : [{ reading, reason }];
    }),
    alike: before.length > 0 && after.length > 0 ? alikeRows(before, after) : [],
    mostA: Math.max(20, ...readings.map((r) => r.amps)),
  };
}

const NEAR = { rest: 1, outdoor: 3, volts: 3 } as const;

function alikeRows(before: readonly Reading[], after: readonly Reading[]): AlikeRow[] {
  const only = <T>(side: readonly Reading[], of: (r: Reading) => T): T | null => {
    const values = [...new Set(side.map(of))];
    return values.length === 1 ? (values[0] ?? null) : null;
  };
  const same = (what: AlikeRow["what"], of: (r: Reading) => string | null): AlikeRow => {
    const [b, a] = [only(before, of), only(after, of)];
    return {
      what,
      before: b,
      after: a,
      alike: b === null || a === null || b === "" || a === "" ? "not-known" : b === a ? "equal" : "unlike",
    };
  };
  const close = (what: keyof typeof NEAR, of: (r: Reading) => number | null): AlikeRow => {
    const [b, a] = [mean(before.map(of)), mean(after.map(of))];
    const gap = b === null || a === null ? null : Math.abs(a - b);
    return { what, before: b, after: a, alike: gap === null ? "not-known" : gap === 0 ? "equal" : gap <= NEAR[what] ? "near" : "unlike" };
  };
  return [
    same("meter", (r) => r.meter.trim()),
    same("conductor", (r) => r.conductor),
    same("mode", (r) => r.mode),
    close("rest", (r) => r.restMin),
    same("source", (r) => r.sourceId),
    close("outdoor", (r) => r.outdoorC),
    close("volts", (r) => r.volts),
  ];
}

function mean(values: readonly (number | null)[]): number | null {
  const known = values.filter((v) => v !== null);
  return known.length === 0 ? null : known.reduce((sum, v) => sum + v, 0) / known.length;
}

/** What a coach knows before the next reading. */
export interface CoachView {
  /** When the next start has rested, ms; null where nothing was started yet. */
  readonly restedMs: number | null;
  /** Start readings of one side still wanted. */
  readonly wanted: number;
}

/** The rest of the next start is counted from the latest reading of one, or from when it was off last where that is later; 0 for not known. */
export function coachView(readings: readonly Reading[], when: Reading["when"], lastOffMs: number, view: ProveView): CoachView {
  const starts = readings.filter((r) => r.mode !== "live").map((r) => Date.parse(r.takenAt));
  const last = Math.max(lastOffMs, ...starts);
  return {
    restedMs: last <= 0 ? null : last + LEARNING_RUN_PARAMS.leastRestS.value * 1000,
    wanted: READING_PARAMS.wanted.value - view[when].length,
  };
}

/** Whether the middle of the running amps is right for plate and weather; null where none were read. */
export function runningVerdict(
  readings: readonly Reading[],
  view: ProveView,
  unit: AirConditioner,
  expectedA: number | null,
): RunningVerdict | null {
  const out = new Set(view.leftOut.map((l) => l.reading.id));
  const live = readings.filter((r) => r.mode === "live" && r.conductor === "common" && !out.has(r.id));
  const last = live.at(-1);
  return last === undefined ? null : judgeRunning({ amps: last.amps, ratedLoadA: unit.ratedLoadA?.value ?? null, expectedA });
}
