import { type Fit, type StartCase, studyStart } from "../motor-start/index.ts";

/** What runs up the map: altitude where an engine loses to it, else amps of other loads. */
export type MapAxis = "altitude" | "loads";

/** One place of the map. */
export interface MapCell {
  readonly fit: Fit;
  /** The smaller margin of start and run, A; null where it does not start or nothing limits. */
  readonly marginA: number | null;
  readonly decides: "start" | "run";
}

/** The axis that a case's map has. */
export function mapAxis({ source }: StartCase): MapAxis {
  return source.kind === "generator" || source.kind === "inverter-generator" ? "altitude" : "loads";
}

/** The case moved to a place of its map: outdoor air in °C, and metres or amps. */
export function movedTo(given: StartCase, outdoorC: number, up: number): StartCase {
  if (mapAxis(given) === "loads") return { ...given, outdoorC, backgroundA: up };
  return { ...given, outdoorC, source: { ...given.source, altitudeM: up } as StartCase["source"] };
}

/** One row of the map: the same height or loads, air after air. Each place is a start of its own. */
export function marginRow(given: StartCase, outdoorC: readonly number[], up: number): readonly MapCell[] {
  return outdoorC.map((air) => {
    const study = studyStart(movedTo(given, air, up));
    if (!study.ok) return { fit: "not-known", marginA: null, decides: "start" };
    const { verdict, result } = study.value;
    const marginA = result.status === "started" ? (result[verdict.decides]?.marginA ?? null) : null;
    return { fit: verdict.overall, marginA, decides: verdict.decides };
  });
}
