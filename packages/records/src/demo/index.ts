import { celsiusFromF, metresFromFt, W_PER_BTU_H } from "@amp-saver/core/quantity";
import { feedsOf } from "../feeds.ts";
import type { Figure } from "../figure.ts";
import { asId, type Birth } from "../identity.ts";
import { newJob } from "../kind/job.ts";
import { newReading } from "../kind/reading.ts";
import { newRig } from "../kind/rig.ts";
import { newGenerator, newInverter, newShore } from "../kind/source.ts";
import { newStarter } from "../kind/starter.ts";
import { newUnit } from "../kind/unit.ts";
import type { AnyRecord } from "../record.ts";
import { STAGES } from "../stages.ts";
import { fittedLog, learnedRuns } from "./fitted.ts";
import { heronPost } from "./heron-post.ts";
import { demoLoads } from "./loads.ts";
import { demoFitLog, demoWiring, plainWiring, ROOF_SHEET } from "./wiring.ts";

const plate = (value: number): Figure => ({ value, from: "plate" });
const sheet = (value: number): Figure => ({ value, from: "sheet" });
const typical = (value: number): Figure => ({ value, from: "typical" });
const measured = (value: number, tolerance: number): Figure => ({ value, from: "measured", tolerance });
const born = <Id extends string>(id: string, now: string): Birth<Id> => ({ id: id as Id, now });

const MAY = "2026-05-14T15:20:00.000Z";
const JUNE = "2026-06-21T18:41:00.000Z";

/** A darkroom coach with two roof units, four sources and readings on both sides of the work. */
function tinLantern(): AnyRecord[] {
  const rig = {
    ...newRig(born("demo-tin-lantern", MAY), "Tin Lantern"),
    note: "darkroom coach",
    hottestC: typical(celsiusFromF(95)),
    altitudeM: measured(metresFromFt(600), 0.05),
  };
  const front = {
    ...newUnit(born("demo-front", MAY), rig.id, "Front, over the darkroom"),
    model: "invented maker, roof unit 135",
    plateVolts: plate(115),
    lockedRotorA: plate(63),
    ratedLoadA: plate(13.2),
    fanA: plate(2.5),
    runCapacitorF: plate(45e-6),
    coolingW: plate(13_500 * W_PER_BTU_H),
    maxBreakerA: plate(25),
    circuitA: plate(19),
    branchBreakerA: measured(20, 0),
    branchAwg: 12 as const,
    startAid: "none" as const,
  };
  const rear = {
    ...newUnit(born("demo-rear", MAY), rig.id, "Rear, over the bunks"),
    model: "invented maker, roof unit 110",
    plateVolts: plate(115),
    lockedRotorA: plate(50),
    ratedLoadA: plate(10.4),
    fanA: plate(2.2),
    runCapacitorF: plate(40e-6),
    coolingW: plate(11_000 * W_PER_BTU_H),
    startAid: "ptc" as const,
    startAidF: plate(180e-6),
  };
  const generator = {
    ...newGenerator(born("demo-gen", "2026-05-14T15:20:01.000Z"), rig.id, "2.2 kW generator"),
    runningW: sheet(2200),
    surgeW: sheet(2700),
    surgeS: sheet(10),
    hours: [{ fromMin: 540, toMin: 1080 }],
    tankL: sheet(3.6),
  };
  const pedestal = {
    ...newShore(born("demo-pedestal", "2026-05-14T15:20:02.000Z"), rig.id, "Pedestal, 30 A"),
    breakerA: plate(30),
    ohm: measured(0.1, 0.1),
    cords: [{ awg: 10 as const, lengthM: metresFromFt(30) }],
    hours: [{ fromMin: 1200, toMin: 480 }],
  };
  const outlet = {
    ...newShore(born("demo-outlet", "2026-05-14T15:20:03.000Z"), rig.id, "House outlet, 20 A"),
    breakerA: plate(20),
    hours: [],
  };
  const small = {
    ...newGenerator(born("demo-small-gen", "2026-05-14T15:20:04.000Z"), rig.id, "1.6 kW generator"),
    runningW: sheet(1600),
    surgeW: sheet(2000),
    hours: [],
  };
  const inverter = {
    ...newInverter(born("demo-inverter", "2026-05-14T15:20:05.000Z"), rig.id, "3 kW inverter, 24 V bank"),
    runningW: sheet(3000),
    surgeW: sheet(6000),
    surgeS: sheet(5),
    endurance: [{ watts: 3600, seconds: 1800 }],
    bankV: measured(26.4, 0.01),
    bankAh: sheet(200),
    chemistry: "lithium" as const,
    bankOhm: typical(0.012),
    efficiency: sheet(0.91),
    cutOffV: sheet(22),
  };
  const job = {
    ...newJob(born("demo-front-job", MAY), rig.id, front.id, "Fit a soft starter"),
    updatedAt: JUNE,
    stage: "prove" as const,
    done: STAGES.slice(0, STAGES.indexOf("prove")),
    starterId: asId("starter", "demo-starter-roof"),
    sourceId: generator.id,
    method: "soft" as const,
    against: "direct" as const,
    limitA: 22,
    otherLoadsA: 2.2,
  };
  const rearJob = {
    ...newJob(born("demo-rear-job", MAY), rig.id, rear.id, "Will it start?"),
    stage: "check" as const,
    done: ["survey" as const],
    starterId: asId("starter", "demo-starter-roof"),
    sourceId: small.id,
    method: "as-found" as const,
    otherLoadsA: 0,
  };
  const taken = (n: number, when: "before" | "after", amps: number, more: object = {}) => ({
    ...newReading(born(`demo-reading-${n}`, when === "before" ? MAY : JUNE), job, when, amps),
    volts: when === "before" ? 119 : 118,
    restMin: 5,
    outdoorC: celsiusFromF(when === "before" ? 91 : 93),
    sourceId: pedestal.id,
    meter: "bench clamp",
    ...more,
  });
  const readings = [
    taken(1, "before", 62.1),
    taken(2, "before", 62.6),
    taken(3, "before", 63.4),
    taken(4, "before", 41, { conductor: "run" }),
    taken(5, "before", 11.7, { mode: "live" }),
    taken(6, "after", 21.4),
    taken(7, "after", 21.8),
    taken(8, "after", 22.3),
    taken(9, "after", 11.8, { mode: "live" }),
  ];
  const feeds = feedsOf(rig, [front, rear], [generator, pedestal, outlet, small, inverter]);
  const visit = demoFitLog(rearJob, feeds, MAY, ["can", "can FAN", "startcap"]);
  const fitting = fittedLog(job, feeds, "2026-06-21T15:40:00.000Z");
  const learned = learnedRuns(job, pedestal.id, "2026-06-21T17:00:00.000Z", [28.6, 25.3, 22.9, 22.0, 21.9]);
  const wirings = [plainWiring(front, MAY), demoWiring(rear, MAY)];
  return [rig, front, rear, generator, pedestal, outlet, small, inverter, job, rearJob, ...wirings, fitting, learned, visit, ...readings];
}

/** A house condenser on 240 V. */
function fennelRow(): AnyRecord[] {
  const rig = {
    ...newRig(born("demo-fennel-row", MAY), "Fennel Row 12"),
    note: "house, 240 V",
    place: "house" as const,
    hottestC: typical(celsiusFromF(100)),
    altitudeM: measured(metresFromFt(1150), 0.05),
  };
  const condenser = {
    ...newUnit(born("demo-condenser", MAY), rig.id, "Condenser, north wall"),
    model: "invented maker, condenser 48",
    plateVolts: plate(230),
    lockedRotorA: plate(117),
    ratedLoadA: plate(21.8),
    fanA: plate(1.4),
    runCapacitorF: plate(70e-6),
    coolingW: plate(48_000 * W_PER_BTU_H),
    maxBreakerA: plate(45),
    startAid: "none" as const,
  };
  const grid = {
    ...newShore(born("demo-house-grid", "2026-05-14T15:20:01.000Z"), rig.id, "House circuit, 40 A"),
    volts: measured(243, 0.01),
    breakerA: plate(40),
  };
  const generator = {
    ...newGenerator(born("demo-house-gen", MAY), rig.id, "7 kW inverter set"),
    volts: sheet(240),
    runningW: sheet(7000),
    surgeW: sheet(9000),
  };
  const set = {
    ...newGenerator(born("demo-house-set", "2026-05-14T15:20:02.000Z"), rig.id, "5.5 kW set", "generator"),
    volts: sheet(240),
    runningW: sheet(5500),
    surgeW: sheet(6875),
  };
  const job = {
    ...newJob(born("demo-condenser-job", MAY), rig.id, condenser.id, "Quote for a soft starter"),
    stage: "check" as const,
    done: ["survey" as const],
    sourceId: generator.id,
    method: "direct" as const,
    against: "soft" as const,
  };
  return [rig, condenser, grid, generator, set, job];
}

/** Two invented entries of a starter catalogue. */
function catalogue(): AnyRecord[] {
  const roof = {
    ...newStarter(born("demo-starter-roof", MAY), "Roof class, 16 AWG leads"),
    leastTons: 0.75,
    mostTons: 1.5,
    lockedRotorMostA: sheet(75),
    startCapacitorF: sheet(150e-6),
    usd: 310,
    ...ROOF_SHEET,
  };
  const house = {
    ...newStarter(born("demo-starter-house", MAY), "House class, 230 V"),
    leastV: 200,
    mostV: 250,
    leastTons: 3,
    mostTons: 5,
    lockedRotorMostA: sheet(150),
    usd: 380,
  };
  return [roof, house];
}

/** Three invented rigs and a small catalogue, as records of a rig file. */
export function demoRecords(): readonly AnyRecord[] {
  const loads = demoLoads(asId("rig", "demo-tin-lantern"), asId("rig", "demo-fennel-row"), asId("rig", "demo-heron-post"));
  return [...tinLantern(), ...fennelRow(), ...catalogue(), ...loads, ...heronPost()];
}
