import {
  type AirConditioner,
  type FitLog,
  type Job,
  minutesOf,
  newPattern,
  type Pattern,
  patternOf,
  type Wiring,
} from "@amp-saver/records";
import { away, birth, put } from "./changes.ts";
import { editCommit } from "./commands.ts";
import { nowIso } from "./identity.ts";
import type { Commit } from "./port.ts";

/** What was learned of a unit kept under its model: a new one, or one unit more of a known one, whose newer figures and circuit stand. */
export function keepPatternCommit(
  known: Pattern | undefined,
  job: Job,
  unit: AirConditioner,
  wiring: Wiring | undefined,
  work: FitLog | undefined,
  along: Pick<Pattern, "kit" | "photos">,
): Commit {
  const label = "keep-model";
  if (known === undefined) return { label, changes: [put(newPattern(birth(), job, unit, wiring, work, along))] };
  const fresh = patternOf(unit, wiring, work);
  const change = {
    unit: { ...known.unit, ...fresh.unit },
    wiring: fresh.wiring ?? known.wiring,
    fitted: fresh.fitted ?? known.fitted,
    kit: along.kit.length > 0 ? along.kit : known.kit,
    photos: along.photos.length > 0 ? along.photos : known.photos,
    works: { ...known.works, [job.id]: { at: nowIso(), minutes: minutesOf(work) } },
  };
  return { ...editCommit<Pattern>(known, change), label };
}

/** Takes a model out of the library. */
export function deletePatternCommit(pattern: Pattern): Commit {
  return { label: "delete-model", changes: [away(pattern)] };
}
