import {
  conductorsAt,
  farEnd,
  inReach,
  nameOn,
  partById,
  partOf,
  placesOf,
  reachOf,
  type Terminal,
  terminal,
  terminalsOf,
} from "../../network/index.ts";
import { ISOLATION_PARAMS } from "../isolation/index.ts";
import { type Bench, sectionsNow } from "./bench.ts";
import { type Cover, PROVING, type PracticeAct, type PracticeFaultCode } from "./case.ts";
import { coverOf } from "./measure.ts";
import { compressorAt, compressorOf, runCapacitorAt, supplyPairs } from "./names.ts";
import { PRACTICE_PARAMS as P } from "./params.ts";

const volts = (from: Terminal, to: Terminal, range: "volts" | "volts-low-z" | "volts-dc" = "volts-low-z"): PracticeAct => ({
  act: "measure",
  range,
  from,
  to,
});
const ohms = (from: Terminal, to: Terminal): PracticeAct => ({ act: "measure", range: "ohms", from, to });
const PROVE: PracticeAct = volts(PROVING.from, PROVING.to);

/** A cover opened: it is tried, and where it holds its hidden screw is looked for. */
function opening({ made, screwFound }: Bench, cover: Cover): readonly PracticeAct[] {
  const open: PracticeAct = { act: "open", cover };
  return made.given.hiddenScrew === cover && !screwFound ? [open, { act: "search", cover }, open] : [open];
}

/** Every source off and locked, and the box open. */
export function offAndOpen(bench: Bench): readonly PracticeAct[] {
  const { made, switches } = bench;
  const { sources } = made.given;
  return [
    ...sources.flatMap(({ id }): readonly PracticeAct[] => {
      const state = switches.get(id);
      const off: readonly PracticeAct[] = state?.on === true ? [{ act: "switch", source: id, on: false }] : [];
      return state?.locked === true ? [] : [...off, { act: "lock", source: id }];
    }),
    ...opening(bench, "box"),
  ];
}

/** What proves a unit dead: the meter live, every pair dead, the meter live again, every capacitor bled and read twice. */
export function proveDead(bench: Bench): readonly PracticeAct[] {
  return [PROVE, ...supplyPairs(bench.netlist).map(([a, b]) => volts(a, b)), PROVE, ...bleedAndRead(bench)];
}

/** Every capacitor bled, read, and read again: it can rebound. */
export function bleedAndRead(bench: Bench): readonly PracticeAct[] {
  const sections = sectionsNow(bench);
  const places = sections.flatMap(({ a, b }) => {
    const [from, to] = [reachOf(bench.netlist, a), reachOf(bench.netlist, b)];
    return from === null || to === null ? [] : [[from, to] as const];
  });
  const covered = places.flat().some((at) => coverOf(bench, at) === "terminals") && !bench.open.has("terminals");
  const bleeds = sections.map(
    ({ part, a, b }): PracticeAct => ({ act: "bleed", part, from: nameOn(a), to: nameOn(b), seconds: P.expertBleedS.value }),
  );
  const charge = places.map(([from, to]) => volts(from, to, "volts-dc"));
  return [
    ...(covered ? opening(bench, "terminals") : []),
    ...bleeds,
    ...charge,
    { act: "wait", seconds: ISOLATION_PARAMS.againS.value },
    ...charge,
  ];
}

/** The conductor at a terminal; empty where there is none. */
const wireAt = ({ netlist }: Bench, at: Terminal): string => netlist.conductors.find((c) => c.ends.includes(at))?.id ?? "";

/** The other end of what hangs on a terminal; null where it is free, or nothing does. */
function otherEnd({ netlist }: Bench, at: Terminal): Terminal | null {
  const wire = netlist.conductors.find((c) => c.ends.includes(at));
  return wire === undefined ? null : farEnd(wire, at);
}

/** What tells a fault apart, once the unit is dead and open; null for one that only shows while it is live. */
export function lookDead(bench: Bench, code: PracticeFaultCode): readonly PracticeAct[] | null {
  const { netlist } = bench;
  const [c, r, s] = (["C", "R", "S"] as const).map((name) => compressorAt(netlist, name)) as [Terminal, Terminal, Terminal];
  const hermTab = runCapacitorAt(netlist, "HERM");
  const capTab = runCapacitorAt(netlist, "C");
  const [capC, herm] = [reachOf(netlist, capTab) ?? capTab, reachOf(netlist, hermTab) ?? hermTab];
  const terminals = opening(bench, "terminals");
  switch (code) {
    case "capacitor-rebounds":
      return [{ act: "wait", seconds: P.expertReboundS.value }, volts(capC, herm, "volts-dc")];
    case "capacitor-weak":
      return [
        ...(inReach(netlist, hermTab) ? [liftAll(herm)] : [...terminals, ...freed(bench, hermTab, herm)]),
        { act: "measure", range: "capacitance", from: capC, to: herm },
      ];
    case "aid-left-in":
      return [
        { act: "lift", conductor: wireOfMotor(bench, herm), at: herm },
        { act: "measure", range: "capacitance", from: capC, to: herm },
      ];
    case "one-pole-unbroken": {
      const contactor = netlist.parts.find((p) => p.kind === "contactor")?.id ?? "";
      return [ohms(terminal(contactor, "L1"), terminal(contactor, "T1"))];
    }
    case "run-start-swapped":
      return [...terminals, ohms(c, herm)];
    case "orphan":
      return [...terminals, ohms(otherEnd(bench, c) ?? switchedBy(bench), c)];
    case "wrong-herm":
    case "bad-crimp":
      return [...terminals, ohms(s, herm)];
    case "overload-open":
      return [...terminals, ohms(c, r)];
    case "winding-to-case":
      return [...terminals, { act: "lift", conductor: wireAt(bench, r), at: r }, ohms(r, terminal(compressorOf(netlist), "G"))];
    default:
      return null;
  }
}

const liftAll = (at: Terminal): PracticeAct => ({ act: "lift", conductor: "all", at });

/** What leaves nothing but the capacitor between its far ends: the other wires of a sealed tab off, and those beyond the part it is read at. */
function freed({ netlist }: Bench, tab: Terminal, place: Terminal): readonly PracticeAct[] {
  const others = placesOf(netlist, tab).filter((at) => at !== place);
  const beyond = terminalsOf(partById(netlist, partOf(place)), netlist).filter(
    (at) => at !== place && nameOn(at) !== "G" && conductorsAt(netlist, at).length > 0,
  );
  return [...others, ...beyond].map(liftAll);
}

/** The wire from a terminal to the compressor. */
function wireOfMotor({ netlist }: Bench, at: Terminal): string {
  const motor = compressorOf(netlist);
  const wire = netlist.conductors.find((c) => c.ends.includes(at) && c.ends.some((e) => e !== null && partOf(e) === motor));
  return wire?.id ?? "";
}

/** Where what switches the compressor lets its current out. */
function switchedBy({ netlist }: Bench): Terminal {
  const relay = netlist.parts.find((p) => p.kind === "relay" || p.kind === "contactor");
  return terminal(relay?.id ?? "", relay?.kind === "contactor" ? "T1" : "NO");
}
