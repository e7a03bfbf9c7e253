import { type Motor, windingOhms } from "../../device/compressor-motor/index.ts";
import { allTerminals, type Conductor, type Netlist, type Part, type Terminal, terminal, terminalsOf } from "../../network/index.ts";
import { complex, divide, scale } from "../../numeric/index.ts";
import { metresFromFt } from "../../quantity/index.ts";
import { conductorOf } from "../../reference/index.ts";
import { PROVING, type PracticeSource } from "./case.ts";
import type { Circuit, Coupled, Drive, Link, Node } from "./nodal.ts";
import { PRACTICE_PARAMS as P } from "./params.ts";

/** The ground everything is measured against. */
export const EARTH: Node = "earth";
/** Where the overload joins both windings inside the compressor. */
const STAR: Node = "comp#star";
/** The inner end of a start winding that has burnt open. */
const BURNT: Node = "comp#burnt";

/** A capacitor of the unit: its section by part and terminals, and what it has. */
export interface Section {
  readonly id: string;
  readonly part: string;
  readonly a: Terminal;
  readonly b: Terminal;
  readonly farad: number;
}

/** The unit as it is at one moment, as far as its wiring, contacts and motor go. */
export interface Wired {
  readonly netlist: Netlist;
  /** Ohms of a conductor's crimps; absent for good ones. */
  readonly crimpOhm: ReadonlyMap<string, number>;
  readonly sections: readonly Section[];
  readonly motor: Motor;
  readonly plateVolts: number;
  readonly fanA: number;
  readonly fed: PracticeSource | null;
  readonly feedOhm: number;
  readonly reversed: boolean;
  readonly neutralOpen: boolean;
  readonly stray: boolean;
  /** Cooling is called, and whatever holds it back has passed. */
  readonly called: boolean;
  /** Contactors that have pulled in. */
  readonly pulledIn: ReadonlySet<string>;
  readonly starterOn: boolean;
  readonly overloadOpen: boolean;
  readonly toCase: boolean;
  /** The start winding has burnt open. */
  readonly startOpen: boolean;
  readonly radS: number;
  /** Resistance of a PTC now, ohm. */
  readonly ptcOhm: number;
}

const ofOhm = (a: Node, b: Node, ohm: number): Link => ({ a, b, y: complex(1 / ohm) });
const behind = (a: Node, b: Node, volts: number, ohm: number): Drive => ({ a, b, y: complex(1 / ohm), volts: complex(volts) });

/** Ohms of a wire with both its crimps. */
function wireOhm({ id, awg }: Conductor, { crimpOhm }: Pick<Wired, "crimpOhm">): number {
  const perM = conductorOf(awg).ohmPer1000Ft / metresFromFt(1000);
  return perM * P.wireM.value + 2 * P.crimpOhm.value + (crimpOhm.get(id) ?? 0);
}

/** The wires of the unit as links, by conductor; those with a free end carry nothing. */
export function wireLinks(wired: Pick<Wired, "netlist" | "crimpOhm">): ReadonlyMap<string, Link> {
  const links = new Map<string, Link>();
  for (const conductor of wired.netlist.conductors) {
    const [a, b] = conductor.ends;
    if (a !== null && b !== null && a !== b) links.set(conductor.id, ofOhm(a, b, wireOhm(conductor, wired)));
  }
  return links;
}

/** Resistances inside a part between its own terminals, the same for any frequency. */
function insideOf(part: Part, wired: Wired): readonly Link[] {
  const at = (name: string): Terminal => terminal(part.id, name);
  const closed = (a: string, b: string): Link => ofOhm(at(a), at(b), P.contactOhm.value);
  switch (part.kind) {
    case "relay":
      return wired.called && wired.fed !== null ? [closed("COM", "NO")] : [];
    case "through":
      return [closed("A", "B")];
    case "contactor": {
      const poles = ["1", "2"].filter((n) => wired.pulledIn.has(part.id) || part.unbroken === `L${n}-T${n}`);
      return poles.map((n) => closed(`L${n}`, `T${n}`));
    }
    case "ptc":
      return [ofOhm(at("1"), at("2"), wired.ptcOhm)];
    case "potential-relay":
      return [ofOhm(at("2"), at("5"), P.relayCoilOhm.value), ...(wired.radS > 0 ? [] : [closed("1", "2")])];
    case "heater":
      return [ofOhm(at("1"), at("2"), P.heaterOhm.value)];
    case "starter":
      return starterLinks(part, wired);
    default:
      return [];
  }
}

function starterLinks(part: Part, { starterOn }: Wired): readonly Link[] {
  const at = (name: string): Terminal => terminal(part.id, name);
  const passes: readonly (readonly [string, string])[] =
    part.family === "FM"
      ? [
          ["LINE", "RUN"],
          ["LINE", "CAP"],
        ]
      : part.family === "F5"
        ? [
            ["FEED", "RUN-OUT"],
            ["COM-FEED", "COM-OUT"],
          ]
        : [["FEED", "RUN-OUT"]];
  const senses = part.family === "F5" ? "COM-FEED" : part.family === "FM" ? "COM" : "REF";
  return [
    ...passes.map(([a, b]) => ofOhm(at(a), at(b), starterOn ? P.contactOhm.value : P.starterLeakOhm.value)),
    ofOhm(at(part.family === "FM" ? "LINE" : "FEED"), at(senses), P.starterSenseOhm.value),
    ofOhm(at(part.family === "FM" ? "LINE" : "FEED"), at("START"), P.starterSenseOhm.value),
  ];
}

/** The fan's windings: on the supply they take its plate's amps; at rest their resistance alone. */
function fanLinks(part: Part, { plateVolts, fanA }: Wired, dc: boolean): readonly Link[] {
  const at = (name: string): Terminal => terminal(part.id, name);
  if (dc) return [ofOhm(at("C"), at("M"), P.fanMainOhm.value), ofOhm(at("C"), at("A"), P.fanAuxiliaryOhm.value)];
  const main = scale(complex(0.85, 0.53), plateVolts / Math.max(0.1, fanA));
  const auxiliary = scale(complex(0.7, 0.7), (2 * plateVolts) / Math.max(0.1, fanA));
  return [
    { a: at("C"), b: at("M"), y: divide(complex(1), main) },
    { a: at("C"), b: at("A"), y: divide(complex(1), auxiliary) },
  ];
}

/** The compressor's windings from its terminals, behind its overload. */
function windings(part: Part, wired: Wired, hz: number | null): { readonly links: readonly Link[]; readonly coupled: readonly Coupled[] } {
  const at = (name: string): Terminal => terminal(part.id, name);
  const links: Link[] = wired.overloadOpen ? [] : [ofOhm(at("C"), STAR, P.contactOhm.value)];
  if (wired.toCase) links.push(ofOhm(at("R"), at("G"), P.caseLeakOhm.value));
  const { motor } = wired;
  const start = wired.startOpen ? BURNT : at("S");
  if (hz === null) {
    links.push(ofOhm(at("R"), STAR, motor.r1), ofOhm(start, STAR, motor.ra));
    return { links, coupled: [] };
  }
  const k = hz / motor.hz;
  const same = { ...motor, hz, x1: k * motor.x1, x2: k * motor.x2, xm: k * motor.xm, xa: k * motor.xa };
  const ohms = windingOhms(same, wired.radS);
  const pair: Coupled = {
    ends: [
      [at("R"), STAR],
      [start, STAR],
    ],
    ohms: [ohms.main, ohms.mainByAuxiliary, ohms.auxiliaryByMain, ohms.auxiliary],
  };
  return { links, coupled: [pair] };
}

/** What feeds the unit, with neutral and ground. */
function feed(wired: Wired): readonly (Link | Drive)[] {
  const { netlist, fed, reversed, neutralOpen, feedOhm } = wired;
  const supply = netlist.parts.find((p) => p.kind === "supply");
  if (supply === undefined) return [];
  const [first = "", second = "", ground = ""] = terminalsOf(supply, netlist);
  const links: (Link | Drive)[] = [ofOhm(ground, EARTH, P.bondOhm.value)];
  if (first.endsWith("1")) {
    if (fed !== null) links.push(behind(first, EARTH, fed.volts / 2, feedOhm / 2), behind(second, EARTH, -fed.volts / 2, feedOhm / 2));
    return links;
  }
  const [hot, neutral] = reversed ? [second, first] : [first, second];
  if (!neutralOpen) links.push(ofOhm(neutral, EARTH, P.bondOhm.value));
  if (fed !== null) links.push(behind(hot, EARTH, fed.volts, feedOhm));
  return links;
}

const farads = (a: Node, b: Node, farad: number, hz: number): Link => ({ a, b, y: complex(0, 2 * Math.PI * hz * farad) });

/** The circuit at a frequency. */
export function acCircuit(wired: Wired, hz: number, extra: readonly Link[] = []): Circuit {
  const { netlist, sections, stray, fed } = wired;
  const links: Link[] = [...wireLinks(wired).values(), ...extra, ...sections.map(({ a, b, farad }) => farads(a, b, farad, hz))];
  const coupled: Coupled[] = [];
  const drives: Drive[] = [behind(PROVING.from, PROVING.to, PROVING.volts, P.bondOhm.value)];
  links.push(ofOhm(PROVING.to, EARTH, P.bondOhm.value));
  for (const link of feed(wired)) {
    if ("volts" in link) drives.push(link);
    else links.push(link);
  }
  for (const part of netlist.parts) {
    links.push(...insideOf(part, wired));
    if (part.kind === "fan-motor") links.push(...fanLinks(part, wired, false));
    if (part.kind === "compressor") {
      const inside = windings(part, wired, hz);
      links.push(...inside.links);
      coupled.push(...inside.coupled);
    }
    const at = (name: string): Terminal => terminal(part.id, name);
    if (part.kind === "control") {
      const on = fed !== null && wired.called;
      drives.push({ a: at("1"), b: at("2"), y: complex(1 / P.controlOhm.value), volts: complex(on ? P.coilV.value : 0) });
    }
    if (part.kind === "contactor") {
      const coil = complex(P.coilOhm.value, 2 * Math.PI * hz * P.coilH.value);
      links.push({ a: at("A1"), b: at("A2"), y: divide(complex(1), coil) });
    }
  }
  for (const at of allTerminals(netlist)) links.push(farads(at, EARTH, P.strayF.value, hz));
  const line = netlist.parts.find((p) => p.kind === "supply");
  if (stray && fed === null && line !== undefined) {
    const at = terminalsOf(line, netlist)[0];
    if (at !== undefined)
      drives.push({ a: at, b: EARTH, y: complex(0, 2 * Math.PI * hz * P.neighborF.value), volts: complex(P.neighborV.value) });
  }
  return { reference: EARTH, links, drives, coupled };
}

/** The circuit for direct current, nothing feeding it: resistances alone, capacitors left out. */
export function dcCircuit(wired: Wired, extra: readonly Link[] = [], drives: readonly Drive[] = []): Circuit {
  const { netlist } = wired;
  const links: Link[] = [
    ...wireLinks(wired).values(),
    ...extra,
    ofOhm(PROVING.to, EARTH, P.bondOhm.value),
    ofOhm(PROVING.from, PROVING.to, P.bondOhm.value),
  ];
  for (const link of feed({ ...wired, fed: null })) links.push(link);
  for (const part of netlist.parts) {
    const at = (name: string): Terminal => terminal(part.id, name);
    links.push(...insideOf(part, wired));
    if (part.kind === "fan-motor") links.push(...fanLinks(part, wired, true));
    if (part.kind === "compressor") links.push(...windings(part, wired, null).links);
    if (part.kind === "control") links.push(ofOhm(at("1"), at("2"), P.controlOhm.value));
    if (part.kind === "contactor") links.push(ofOhm(at("A1"), at("A2"), P.coilOhm.value));
  }
  return { reference: EARTH, links, drives, coupled: [] };
}
