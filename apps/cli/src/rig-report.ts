import { askable, type Conditions, conditionsOf, type Missing, missingOf, startCase, togetherQuestion } from "@amp-saver/cases";
import { present } from "@amp-saver/core/quantity";
import { ASSESS_PARAMS, type Assessment, assess } from "@amp-saver/core/study/assess";
import { Members, summarise, TRIES_SEED, tryBatch } from "@amp-saver/core/study/confidence";
import { studyStart } from "@amp-saver/core/study/motor-start";
import { studyTogether } from "@amp-saver/core/study/together";
import { type AirConditioner, type AnyRecord, METHODS, type Method, type Rig, readRigFile, type Source } from "@amp-saver/records";
import { readRigArchive } from "@amp-saver/records/archive";

/** Tries of each way on each source: as many again as it takes to say. */
const TRIES = 2 * ASSESS_PARAMS.triesToSay.value;

/** The report of a rig file, packed or as text; or the line that says what is wrong with it. */
export function rigReport(given: Uint8Array | string): object | string {
  const read = typeof given === "string" ? readRigFile(given) : readRigArchive(given);
  if (!read.ok) return `the rig file is refused: ${read.reason} (${read.where})`;
  const { records } = read.value;
  const rigs = of(records, "rig");
  return {
    format: "amp-saver/rig-report",
    version: 1,
    units: of(records, "unit").map((unit) => unitReport(unit, present(rigs.find((r) => r.id === unit.rigId)), records)),
    together: rigs.flatMap((rig) => togetherReport(rig, records)),
  };
}

function of<K extends AnyRecord["kind"]>(records: readonly AnyRecord[], kind: K): Extract<AnyRecord, { readonly kind: K }>[] {
  return records.filter((r): r is Extract<AnyRecord, { readonly kind: K }> => r.kind === kind);
}

function unitReport(unit: AirConditioner, rig: Rig, records: readonly AnyRecord[]): object {
  const job = of(records, "job")
    .filter((j) => j.unitId === unit.id)
    .at(-1);
  const sources = of(records, "source").filter((s) => s.rigId === unit.rigId);
  const conditions = job === undefined ? null : conditionsOf(rig, job, of(records, "starter"));
  const drawn = new Map<string, Members>();
  return {
    name: unit.name,
    sources: sources.map((source) => ({
      name: source.name,
      ways: conditions === null ? [] : METHODS.map((method) => wayReport(unit, source, method, conditions, drawn)),
    })),
  };
}

function wayReport(unit: AirConditioner, source: Source, method: Method, conditions: Conditions, drawn: Map<string, Members>): object {
  const asked = startCase(unit, source, method, conditions);
  if (!asked.ok) return notKnown(method, asked.missing);
  const study = studyStart(asked.given);
  if (!study.ok) return notKnown(method, missingOf(study.reason));
  const { unit: plate } = asked.given;
  const key = JSON.stringify(plate);
  const members = drawn.get(key) ?? new Members(plate, TRIES_SEED);
  drawn.set(key, members);
  const tried = tryBatch(asked.given, TRIES_SEED, 0, TRIES, members);
  const confidence = tried.ok ? summarise([tried.value]) : null;
  const { fit, decides, start, run }: Assessment = assess(study.value.result, confidence);
  return {
    method,
    fit,
    decides,
    startSpareA: start.spareA,
    runSpareA: run?.spareA ?? null,
    tries: confidence && { of: confidence.trials, hold: confidence.holds },
  };
}

function notKnown(method: Method, missing: Missing): object {
  return { method, fit: "not-known", decides: null, startSpareA: null, runSpareA: null, tries: null, missing };
}

/** Everything of a rig planned on, on each of its sources. */
function togetherReport(rig: Rig, records: readonly AnyRecord[]): object[] {
  const own = (record: { readonly rigId: string }): boolean => record.rigId === rig.id;
  const units = of(records, "unit").filter(own);
  const jobs = of(records, "job").filter(own);
  const loads = of(records, "load").filter(own);
  const nameOf = new Map<string, string>([...units, ...loads].map((r) => [r.id, r.name]));
  const sources = of(records, "source").filter(own);
  return sources.map((source) => {
    const input = { rig, units, jobs, loads, starters: of(records, "starter"), unitsOff: new Set<string>(), unlearned: new Set<string>() };
    const question = togetherQuestion(input, source);
    const given = askable(question);
    if (given === null || question === null) return { source: source.name, fit: "not-known", switchOff: [] };
    const { fit, budget } = studyTogether(given);
    return { source: source.name, fit, switchOff: [...budget.shed, ...question.impossible].map((id) => nameOf.get(id) ?? id) };
  });
}
