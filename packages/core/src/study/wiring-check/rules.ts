import { FAMILY_LEADS, isAid, nameOn, type Part, partById, partOf, type Terminal, terminal, terminalsOf } from "../../network/index.ts";
import { itemAt, present } from "../../quantity/index.ts";
import type { Built } from "./built.ts";
import type { FaultCode, Symptom, WiringFault } from "./codes.ts";

const fault = (code: FaultCode, symptom: Symptom, ...at: Terminal[]): WiringFault => ({ code, at, symptom });

/** Every lead of the starter goes somewhere. */
export function leadsLand(b: Built): readonly WiringFault[] {
  return FAMILY_LEADS[b.family]
    .map(b.lead)
    .filter((lead) => b.others(lead).length === 0)
    .map((lead) => fault("lead-unconnected", symptomOfLoose(nameOn(lead)), lead));
}

function symptomOfLoose(name: string): Symptom {
  if (name === "START") return "hums-and-trips";
  return name === "REF" || name === "COM" ? "starts-at-full-current" : "no-start";
}

/** R touches its starter lead and nothing else. */
export function runIsolated(b: Built): readonly WiringFault[] {
  const out = b.lead(b.family === "FM" ? "RUN" : "RUN-OUT");
  const extra = b.others(b.pins.r).filter((t) => t !== out);
  if (extra.length > 0) return [fault("run-not-isolated", "starts-at-full-current", b.pins.r, ...extra)];
  const alone = !b.nets.same(b.pins.r, out);
  return alone && b.others(out).length > 0 ? [fault("lead-misplaced", "no-start", out, ...b.others(out))] : [];
}

/** What feeds the run winding sits where R was: on the run side with the can. */
export function runFed(b: Built): readonly WiringFault[] {
  if (b.can === null) return [];
  if (b.family === "FM") return moduleFed(b, b.can.c);
  const feed = b.lead("FEED");
  const faults: WiringFault[] = [];
  if (b.others(feed).length > 0 && !b.through.same(feed, b.can.c))
    faults.push(fault("lead-misplaced", "no-start", feed, ...b.others(feed)));
  return faults;
}

function moduleFed(b: Built, can: Terminal): readonly WiringFault[] {
  const faults: WiringFault[] = [];
  const pole = (t: Terminal): boolean => partById(b.netlist, partOf(t)).kind === "contactor" && !nameOn(t).startsWith("A");
  const left = b.others(can).filter(pole);
  if (left.length > 0) faults.push(fault("contactor-link-left", "starts-at-full-current", can, ...left));
  const [line, cap] = [b.lead("LINE"), b.lead("CAP")];
  if (b.others(cap).length > 0 && !b.nets.same(cap, can)) faults.push(fault("lead-misplaced", "hums-and-trips", cap, ...b.others(cap)));
  if (b.others(line).length > 0 && (!b.others(line).some(pole) || b.through.same(line, b.pins.c)))
    faults.push(fault("lead-misplaced", "no-start", line, ...b.others(line)));
  return faults;
}

/** S keeps its seat on HERM, START joins it, and nobody else. */
export function startOnHerm(b: Built): readonly WiringFault[] {
  if (b.can === null) return [fault("start-not-on-herm", "hums-and-trips", b.pins.s)];
  const { herm } = b.can;
  const start = b.lead("START");
  const faults: WiringFault[] = [];
  if (!b.nets.same(b.pins.s, herm)) faults.push(fault("start-not-on-herm", "hums-and-trips", b.pins.s, herm));
  if (b.others(start).length > 0 && !b.nets.same(start, herm))
    faults.push(fault("start-not-on-herm", "hums-and-trips", start, ...b.others(start)));
  const extra = b.others(herm).filter((t) => t !== b.pins.s && t !== start);
  if (extra.length > 0) faults.push(fault("second-herm-wire", "compressor-destroyed", herm, ...extra));
  return faults;
}

/** The lead that reads common is on common's side, never on the coil. */
export function commonRead(b: Built): readonly WiringFault[] {
  if (b.family === "F5") return [];
  const ref = b.lead(b.family === "FM" ? "COM" : "REF");
  const on = b.others(ref);
  if (on.length === 0 || b.through.same(ref, b.pins.c)) return [];
  const coil = on.filter((t) => isCoil(b, t));
  return coil.length > 0 ? [fault("ref-on-coil", "coil-live", ref, ...coil)] : [fault("ref-wrong-side", "starter-destroyed", ref, ...on)];
}

function isCoil(b: Built, t: Terminal): boolean {
  const { kind } = partById(b.netlist, partOf(t));
  return kind === "control" || (kind === "contactor" && nameOn(t).startsWith("A"));
}

/** Where common is opened, C touches the starter's lead and nothing else, and the other lead is fed. */
export function commonOpened(b: Built): readonly WiringFault[] {
  if (b.family !== "F5") return [];
  const [feed, out] = [b.lead("COM-FEED"), b.lead("COM-OUT")];
  const faults: WiringFault[] = [];
  const extra = b.others(b.pins.c).filter((t) => t !== out);
  if (extra.length > 0) faults.push(fault("common-not-opened", "starts-at-full-current", b.pins.c, ...extra));
  else if (!b.nets.same(b.pins.c, out) && b.others(out).length > 0) faults.push(fault("lead-misplaced", "no-start", out, ...b.others(out)));
  const feedsRun = b.can !== null && b.through.same(feed, b.can.c);
  if (feedsRun || b.nets.same(feed, b.lead("START"))) faults.push(fault("lead-misplaced", "no-start", feed, ...b.others(feed)));
  return faults;
}

/** No start aid stays across the windings, and nothing is left hanging on one that is out. */
export function aidsOut(b: Built): readonly WiringFault[] {
  const main = [b.pins.c, b.pins.r, b.pins.s, ...(b.can === null ? [] : [b.can.c, b.can.herm])];
  return b.netlist.parts.flatMap((part) => {
    if (!isAid(part.kind)) return [];
    const live = terminalsOf(part, b.netlist).filter((t) => b.others(t).length > 0);
    const across = live.filter((t) => main.some((m) => b.nets.same(t, m)));
    const orphans = live.filter((t) => !across.includes(t)).map((t) => fault("orphan", "no-start", t, ...b.others(t)));
    if (across.length === 0) return orphans;
    const onHerm = across.every((t) => b.can !== null && b.nets.same(t, b.can.herm));
    const left = onHerm ? fault("second-herm-wire", "live-end", ...across) : fault("aid-left-in", "starter-destroyed", ...across);
    return [left, ...orphans];
  });
}

/** Terminals of the supply: each system's two sides. */
function sides(b: Built): readonly [Terminal, Terminal] | null {
  const supply = b.netlist.parts.find((p) => p.kind === "supply");
  if (supply === undefined) return null;
  const [a, c] = terminalsOf(supply, b.netlist);
  return [present(a), present(c)];
}

/** Whether two terminals reach the two sides of the supply, one each. */
function between(joined: Built["closed"], of: readonly [Terminal, Terminal], [a, c]: readonly [Terminal, Terminal]): boolean {
  return (joined.same(of[0], a) && joined.same(of[1], c)) || (joined.same(of[0], c) && joined.same(of[1], a));
}

/** Compressor and can are fed when there is a call for cooling, and only then. */
export function compressorFed(b: Built): readonly WiringFault[] {
  const supply = sides(b);
  if (supply === null || b.can === null) return [];
  const faults: WiringFault[] = [];
  const fed = (t: Terminal): boolean => supply.some((side) => b.closed.same(t, side));
  for (const t of [b.pins.c, b.can.c]) if (!fed(t)) faults.push(fault("orphan", "no-start", t));
  if (faults.length === 0 && !between(b.closed, [b.pins.c, b.can.c], supply)) faults.push(fault("orphan", "no-start", b.pins.c, b.can.c));
  const contacts = b.netlist.parts.some((p) => p.kind === "contactor" || p.kind === "relay");
  if (contacts && between(b.open, [b.pins.c, b.can.c], supply)) faults.push(fault("contact-bypassed", "runs-without-call", b.pins.c));
  return faults;
}

/** Nothing is led around a contact: a pole that should break a leg breaks it, and the fan stops with the contactor. */
export function contactsBreak(b: Built): readonly WiringFault[] {
  const supply = sides(b);
  const contactors = b.netlist.parts.filter((p) => p.kind === "contactor");
  const poles = contactors.flatMap((p) =>
    ["1", "2"].filter((n) => p.unbroken !== `L${n}-T${n}`).map((n) => [terminal(p.id, `L${n}`), terminal(p.id, `T${n}`)] as const),
  );
  const around = poles.filter(([line, load]) => b.open.same(line, load) || (b.others(line).length === 0 && b.others(load).length > 0));
  const fans =
    contactors.length === 0 || supply === null
      ? []
      : b.netlist.parts.filter((p) => p.kind === "fan-motor").map((p) => [terminal(p.id, "C"), terminal(p.id, "M")] as const);
  return [
    ...around.map(([line, load]) => fault("contact-bypassed", "live-end", line, load)),
    ...fans.filter((f) => between(b.open, f, present(supply))).map((f) => fault("contact-bypassed", "runs-without-call", ...f)),
  ];
}

/** The fan has both sides of the supply, and its capacitor between its auxiliary and its main. */
export function fanFed(b: Built): readonly WiringFault[] {
  const supply = sides(b);
  return b.netlist.parts.flatMap((fan) => {
    if (fan.kind !== "fan-motor") return [];
    const [c, m, a] = [terminal(fan.id, "C"), terminal(fan.id, "M"), terminal(fan.id, "A")];
    const lone = [c, m, a].filter((t) => b.others(t).length === 0);
    if (lone.length > 0) return [fault("fan-unfed", "fan-dead", ...lone)];
    if (supply !== null && !between(b.closed, [c, m], supply)) return [fault("fan-unfed", "fan-dead", c, m)];
    const cap = b.others(a).find((t) => nameOn(t) === "FAN");
    if (cap === undefined) return [fault("fan-unfed", "fan-dead", a)];
    const shared = terminal(partOf(cap), "C");
    return b.closed.same(shared, m) ? [] : [fault("fan-unfed", "fan-dead", shared, m)];
  });
}

/** Pairs of terminals of which both are wired, or neither. */
const PAIRS: Partial<Record<Part["kind"], readonly [string, string]>> = {
  heater: ["1", "2"],
  control: ["1", "2"],
  contactor: ["A1", "A2"],
};

/** No heater and no coil has lost one of its two wires. */
export function nothingLost(b: Built): readonly WiringFault[] {
  return b.netlist.parts.flatMap((part) => {
    const pair = PAIRS[part.kind]?.map((name) => terminal(part.id, name)) ?? [];
    const alone = pair.filter((t) => b.others(t).length === 0);
    return alone.length === 1 ? [fault("orphan", part.kind === "heater" ? "live-end" : "no-start", itemAt(alone, 0))] : [];
  });
}

/** Compressor and fan keep their equipment ground. */
export function grounded(b: Built): readonly WiringFault[] {
  const supply = b.netlist.parts.find((p) => p.kind === "supply");
  if (supply === undefined) return [];
  const ground = terminal(supply.id, "G");
  return b.netlist.parts
    .filter((p) => p.kind === "compressor" || p.kind === "fan-motor")
    .map((p) => terminal(p.id, "G"))
    .filter((g) => !b.nets.same(g, ground))
    .map((g) => fault("ground-open", "case-can-be-live", g));
}

/** No two sides of the supply meet, no mains on the low-voltage side, no live wire on ground. */
export function nothingShorted(b: Built): readonly WiringFault[] {
  const supply = b.netlist.parts.find((p) => p.kind === "supply");
  if (supply === undefined) return [];
  const ends = terminalsOf(supply, b.netlist);
  const faults: WiringFault[] = [];
  for (const [i, x] of ends.entries())
    for (const y of ends.slice(i + 1)) if (b.closed.same(x, y)) faults.push(fault("supply-shorted", "short-circuit", x, y));
  if (faults.length > 0) return faults;
  const controls = b.netlist.parts.filter((p) => p.kind === "control").flatMap((p) => terminalsOf(p, b.netlist));
  const coils = b.netlist.parts.filter((p) => p.kind === "contactor").flatMap((p) => [terminal(p.id, "A1"), terminal(p.id, "A2")]);
  const low = controls.length === 0 ? [] : [...controls, ...coils];
  const live = low.filter((t) => ends.some((e) => b.closed.same(t, e)) || [b.pins.c, b.pins.r, b.pins.s].some((p) => b.closed.same(t, p)));
  const ref = b.lead(b.family === "FM" ? "COM" : "REF");
  const known = b.family !== "F5" && live.some((t) => b.nets.same(t, ref));
  return live.length > 0 && !known ? [fault("mains-on-coil", "coil-live", ...live)] : [];
}
