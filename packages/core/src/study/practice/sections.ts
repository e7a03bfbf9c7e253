import { type Netlist, type Part, type Terminal, terminal, terminalsOf } from "../../network/index.ts";
import type { UnitCase } from "../motor-start/index.ts";
import type { PracticeFault } from "./case.ts";
import type { Section } from "./circuit.ts";
import { PRACTICE_PARAMS as P } from "./params.ts";

/** The capacitors of a unit, each section by itself, as they are: one that is weak has less than is printed. */
export function sectionsOf(netlist: Netlist, unit: UnitCase, runF: number, weak: PracticeFault | undefined): readonly Section[] {
  const all = netlist.parts.flatMap((part) => ofPart(part, netlist, unit, runF));
  const at = weak?.part ?? all[0]?.part;
  const first = all.find((s) => s.part === at);
  return all.map((s) => (weak !== undefined && s === first ? { ...s, farad: weak.farad ?? s.farad * P.weakShare.value } : s));
}

function ofPart(part: Part, netlist: Netlist, unit: UnitCase, runF: number): readonly Section[] {
  const section = (a: Terminal, b: Terminal, farad: number): Section => ({
    id: `${part.id} ${a}-${b}`,
    part: part.id,
    a: terminal(part.id, a),
    b: terminal(part.id, b),
    farad,
  });
  const startF = unit.startAidF || P.startF.value;
  switch (part.kind) {
    case "run-capacitor": {
      const dual = terminalsOf(part, netlist).includes(terminal(part.id, "FAN"));
      return [section("C", "HERM", runF), ...(dual ? [section("C", "FAN", P.fanF.value)] : [])];
    }
    case "fan-capacitor":
      return [section("C", "FAN", P.fanF.value)];
    case "start-capacitor":
      return [section("1", "2", startF)];
    case "hard-start":
      return [section("1", "2", startF)];
    default:
      return [];
  }
}
