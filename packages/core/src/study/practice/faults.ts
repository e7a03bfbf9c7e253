import { type Conductor, inReach, isAid, type Netlist, nameOn, type Part, partOf, type Terminal, terminal } from "../../network/index.ts";
import { quantity } from "../../quantity/index.ts";
import type { UnitCase } from "../motor-start/index.ts";
import type { PracticeCase, PracticeFault, PracticeFaultCode, PracticeSource } from "./case.ts";
import { compressorAt, compressorOf, runCapacitorAt, supplyPairs } from "./names.ts";
import { PRACTICE_PARAMS as P } from "./params.ts";

/** The fault of a code that a case has; undefined where it has none. */
export function faultOf(given: PracticeCase, code: PracticeFaultCode): PracticeFault | undefined {
  return given.faults.find((f) => f.code === code);
}

/** Whether a fault can be in a unit at all: nothing is wrong on a part that is not there, and nothing is landed on a sealed one. */
export function canHide({ netlist, sources }: Pick<PracticeCase, "netlist" | "sources">, code: PracticeFaultCode): boolean {
  const fedBySet = sources.some(({ kind }) => kind !== "shore");
  const hasNeutral = supplyPairs(netlist).some((pair) => pair.some((at) => nameOn(at) === "N"));
  switch (code) {
    case "inverter-feeds-again":
      return sources.every(({ kind }) => kind !== "inverter");
    case "auto-start":
      return sources.every(({ kind }) => kind !== "generator");
    case "one-pole-unbroken":
      return netlist.parts.some(({ kind, unbroken }) => kind === "contactor" && unbroken === undefined);
    case "hot-neutral-reversed":
    case "neutral-open":
    case "thin-cord":
      return hasNeutral;
    case "capacitor-rebounds":
      return !aided(netlist);
    case "not-rested":
      // A hard start brings it up against its pressure, and a condenser’s line volts hardly tell that it hums.
      return hasNeutral && netlist.parts.every(({ kind }) => kind !== "hard-start");
    case "aid-left-in":
      return inReach(netlist, runCapacitorAt(netlist, "HERM")) && !aided(netlist);
    case "wrong-herm":
      return inReach(netlist, runCapacitorAt(netlist, "HERM"));
    case "low-volts":
      return !fedBySet;
    case "weak-source":
    case "eco-mode":
    case "source-overload":
      return fedBySet;
    default:
      return true;
  }
}

/** The case with the fault in its wiring, its unit and its sources; what only shows while it is worked on stays in `faults`. */
export function withFaults(given: PracticeCase): PracticeCase {
  let now = given;
  for (const fault of given.faults) now = { ...now, ...applied(now, fault) };
  return now;
}

/** The case as it would be without one of its faults: what a source does by itself or saves belongs to the fault that names it. */
export function withoutFault(given: PracticeCase, fault: PracticeFault): PracticeCase {
  const faults = given.faults.filter((f) => f !== fault);
  const kind = fault.code === "inverter-feeds-again" ? "inverter" : fault.code === "auto-start" ? "generator" : null;
  const calm = ({ auto, eco, ...source }: PracticeSource): PracticeSource => ({
    ...source,
    ...(auto !== undefined && source.kind !== kind && { auto }),
    ...(eco !== undefined && fault.code !== "eco-mode" && { eco }),
  });
  return { ...given, faults, sources: given.sources.map(calm) };
}

function applied({ netlist, unit, sources }: PracticeCase, fault: PracticeFault): Partial<PracticeCase> {
  switch (fault.code) {
    case "inverter-feeds-again":
      return { sources: selfFeeding(sources, "inverter", 2000, 4000) };
    case "auto-start":
      return { sources: selfFeeding(sources, "generator", 3600, 4000) };
    case "one-pole-unbroken":
      return { netlist: withParts(netlist, (p) => (p.kind === "contactor" ? { ...p, poles: 1, unbroken: p.unbroken ?? "L1-T1" } : p)) };
    case "aid-left-in":
      return { netlist: aidLeft(netlist) };
    case "run-start-swapped":
      return { netlist: turned(netlist, compressorAt(netlist, "R"), compressorAt(netlist, "S")) };
    case "orphan":
      return { netlist: lifted(netlist, fault, (c) => c.ends.includes(compressorAt(netlist, "C"))) };
    case "wrong-herm":
      return { netlist: turned(netlist, runCapacitorAt(netlist, "HERM"), runCapacitorAt(netlist, "C")) };
    case "low-volts":
      return { sources: sources.map((s) => (s.kind === "shore" ? { ...s, volts: (s.volts * P.lowVolts.value) / 120 } : s)) };
    case "weak-source":
      return { sources: sources.map((s) => ({ ...s, ...weak(s) })) };
    case "eco-mode":
      return { sources: sources.map((s) => (s.kind === "shore" ? s : { ...s, eco: true })) };
    case "source-overload":
      return { sources: sources.map((s) => (s.kind === "shore" ? s : { ...s, runningW: Math.min(s.runningW ?? 1000, 1000) })) };
    case "dirty-coil":
      return { unit: dirty(unit) };
    default:
      return {};
  }
}

function selfFeeding(sources: readonly PracticeSource[], kind: "inverter" | "generator", runningW: number, surgeW: number) {
  if (sources.some((s) => s.kind === kind)) return sources.map((s) => (s.kind === kind ? { ...s, auto: true } : s));
  const volts = sources[0]?.volts ?? 120;
  return [...sources, { id: kind, kind, volts, runningW, surgeW, auto: true }];
}

function weak({ kind }: PracticeSource): Partial<PracticeSource> {
  if (kind === "shore") return {};
  return { runningW: P.weakW.value, surgeW: 1.1 * P.weakW.value };
}

function dirty(unit: UnitCase): UnitCase {
  const amps = unit.runningA ?? unit.ratedLoadA;
  return amps === undefined ? unit : { ...unit, runningA: quantity(amps.value * P.dirtyShare.value, "measured") };
}

function withParts(netlist: Netlist, change: (part: Part) => Part): Netlist {
  return { ...netlist, parts: netlist.parts.map(change) };
}

function withEnds(netlist: Netlist, change: (end: Terminal | null, conductor: Conductor) => Terminal | null): Netlist {
  const conductors = netlist.conductors.map((c): Conductor => ({ ...c, ends: [change(c.ends[0], c), change(c.ends[1], c)] }));
  return { ...netlist, conductors };
}

/** What ends on two terminals changed about. */
function turned(netlist: Netlist, a: Terminal, b: Terminal): Netlist {
  return withEnds(netlist, (end) => (end === a ? b : end === b ? a : end));
}

/** One conductor with a free end. */
function lifted(netlist: Netlist, { conductor, at }: PracticeFault, usual: (c: Conductor) => boolean): Netlist {
  const off = netlist.conductors.find((c) => (conductor === undefined ? usual(c) : c.id === conductor));
  const end = at ?? off?.ends.find((e) => e !== null && partOf(e) !== compressorOf(netlist)) ?? off?.ends[0];
  return withEnds(netlist, (e, c) => (c === off && e === end ? null : e));
}

/** Whether a start aid is wired. */
function aided({ parts, conductors }: Netlist): boolean {
  return parts.some((p) => isAid(p.kind) && conductors.some((c) => c.ends.some((e) => e !== null && partOf(e) === p.id)));
}

/** A start capacitor and its PTC across the run capacitor, beside whatever is there. */
function aidLeft(netlist: Netlist): Netlist {
  if (aided(netlist)) return netlist;
  const wire = (id: string, from: Terminal, to: Terminal): Conductor => ({ id, color: "yellow", awg: 14, ends: [from, to] });
  return {
    parts: [
      ...netlist.parts.filter((p) => p.id !== "startcap" && p.id !== "ptc"),
      { id: "startcap", kind: "start-capacitor" },
      { id: "ptc", kind: "ptc" },
    ],
    conductors: [
      ...netlist.conductors,
      wire("w-left-1", runCapacitorAt(netlist, "C"), terminal("startcap", "1")),
      wire("w-left-2", terminal("startcap", "2"), terminal("ptc", "1")),
      wire("w-left-3", terminal("ptc", "2"), runCapacitorAt(netlist, "HERM")),
    ],
  };
}
