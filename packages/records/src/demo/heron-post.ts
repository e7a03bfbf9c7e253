import { celsiusFromF, metresFromFt, W_PER_BTU_H } from "@amp-saver/core/quantity";
import { type ProofInput, studyProof } from "@amp-saver/core/study/proof";
import { clampReading, runTests, shownBy } from "../core-input.ts";
import { feedsOf } from "../feeds.ts";
import { asId, type Birth } from "../identity.ts";
import type { Job } from "../kind/job.ts";
import { newJob } from "../kind/job.ts";
import type { Proof } from "../kind/proof.ts";
import { newProof } from "../kind/proof.ts";
import type { Reading } from "../kind/reading.ts";
import { newReading } from "../kind/reading.ts";
import { newRig } from "../kind/rig.ts";
import { newGenerator, newShore } from "../kind/source.ts";
import { newUnit } from "../kind/unit.ts";
import type { AnyRecord } from "../record.ts";
import { STAGES } from "../stages.ts";
import { fittedLog, learnedRuns } from "./fitted.ts";
import { plainWiring } from "./wiring.ts";

const DAY = "2025-04-26";
const LATER = "2026-04-25";
const at = (clock: string, day = DAY): string => `${day}T${clock}:00.000Z`;
const born = <Id extends string>(id: string, now: string): Birth<Id> => ({ id: id as Id, now });
const plate = (value: number) => ({ value, from: "plate" as const });

/** Each run's peak, amps: four minutes of rest between starts, half a minute of running. */
const PEAKS_A = [23.8, 20.6, 18.4, 17.7, 17.5];

/** Frozen as it stood: its inputs as core asked them, and what they showed. */
function frozen(readings: readonly Reading[], lockedRotorA: number, tests: Proof["tests"], hottestC: number): NonNullable<Proof["frozen"]> {
  const input: ProofInput = {
    readings: { readings: readings.map(clampReading), lockedRotorA },
    predicted: null,
    learned: { runs: PEAKS_A.length, settled: true },
    tests: runTests(tests),
    hottestC,
  };
  return {
    at: at("19:02"),
    coreVersion: "0.1.0",
    input: JSON.parse(JSON.stringify(input)),
    shown: shownBy(studyProof(input).readings),
  };
}

/** A field kitchen whose unit was fitted, proved and handed over, and looked at again a year later. */
export function heronPost(): AnyRecord[] {
  const rig = {
    ...newRig(born("demo-heron-post", at("09:00")), "Heron Post"),
    note: "field kitchen",
    hottestC: { value: celsiusFromF(98), from: "typical" as const },
    altitudeM: { value: metresFromFt(300), from: "measured" as const, tolerance: 0.05 },
  };
  const unit = {
    ...newUnit(born("demo-hatch", at("09:00")), rig.id, "Over the serving hatch"),
    model: "invented maker, roof unit 120",
    plateVolts: plate(115),
    lockedRotorA: plate(58),
    ratedLoadA: plate(11.4),
    fanA: plate(2.3),
    runCapacitorF: plate(40e-6),
    coolingW: plate(12_000 * W_PER_BTU_H),
    startAid: "none" as const,
  };
  const generator = {
    ...newGenerator(born("demo-heron-gen", at("09:01")), rig.id, "2 kW generator"),
    runningW: { value: 1900, from: "sheet" as const },
    surgeW: { value: 2300, from: "sheet" as const },
  };
  const yard = { ...newShore(born("demo-heron-yard", at("09:02")), rig.id, "Yard post, 30 A"), breakerA: plate(30) };
  const first: Job = {
    ...newJob(born("demo-hatch-job", at("09:05")), rig.id, unit.id, "Fit a soft starter"),
    updatedAt: at("19:10"),
    stage: "hand-over",
    done: [...STAGES],
    sourceId: generator.id,
    method: "soft",
    against: "direct",
    limitA: 20,
    starterId: asId("starter", "demo-starter-roof"),
    handedOverAt: at("19:10"),
  };
  const second: Job = {
    ...newJob(born("demo-hatch-look", at("10:00", LATER)), rig.id, unit.id, "Yearly look"),
    updatedAt: at("11:20", LATER),
    stage: "hand-over",
    done: ["prove", "hand-over"],
    sourceId: generator.id,
    method: "soft",
    starterId: asId("starter", "demo-starter-roof"),
    handedOverAt: at("11:20", LATER),
  };
  const taken = (
    id: string,
    job: Job,
    when: Reading["when"],
    clock: string,
    amps: number,
    mode: Reading["mode"] = "max-hold",
  ): Reading => ({
    ...newReading(born(`demo-hatch-${id}`, at(clock, job === first ? DAY : LATER)), job, when, amps),
    mode,
    volts: 118,
    restMin: 5,
    outdoorC: celsiusFromF(job === first ? 84 : 88),
    sourceId: yard.id,
    meter: "bench clamp",
  });
  const readings = [
    taken("b1", first, "before", "15:20", 46.0),
    taken("b2", first, "before", "15:26", 46.7),
    taken("b3", first, "before", "15:32", 46.3),
    taken("b4", first, "before", "15:33", 9.7, "live"),
    taken("a1", first, "after", "18:00", 17.5),
    taken("a2", first, "after", "18:06", 17.3),
    taken("a3", first, "after", "18:12", 17.9),
    taken("a4", first, "after", "18:14", 9.8, "live"),
    taken("c1", second, "after", "10:40", 17.8),
    taken("c2", second, "after", "10:46", 18.1),
    taken("c3", second, "after", "10:52", 17.6),
    taken("c4", second, "after", "10:54", 10.0, "live"),
  ];
  const tests: Proof["tests"] = {
    "demo-hatch-run": {
      sourceId: generator.id,
      startedAt: at("18:20"),
      endedAt: at("18:58"),
      outcome: "well",
      outdoorC: celsiusFromF(84),
      loadsOn: "refrigerator, lights",
    },
  };
  const own = readings.filter((r) => r.jobId === first.id);
  const proof: Proof = { ...newProof(at("18:20"), first), tests, frozen: frozen(own, unit.lockedRotorA.value, tests, rig.hottestC.value) };
  const wiring = plainWiring(unit, at("15:50"));
  const work = fittedLog(first, feedsOf(rig, [unit], [generator, yard]), at("16:12"));
  const learned = learnedRuns(first, yard.id, at("17:30"), PEAKS_A);
  return [rig, unit, generator, yard, first, second, wiring, work, learned, proof, ...readings];
}
