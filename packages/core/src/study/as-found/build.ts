import type { Conductor, Netlist, Part, Terminal } from "../../network/index.ts";
import type { AsFoundSwitches } from "./switches.ts";

/** Gauges a unit is usually wired in; common practice, no source. */
const POWER_AWG = 12;
const FAN_AWG = 16;
const AID_AWG = 14;
const COIL_AWG = 18;

/** Collects parts and conductors. */
class Drawing {
  readonly parts: Part[] = [];
  readonly conductors: Conductor[] = [];

  part(id: string, kind: Part["kind"], more: Partial<Part> = {}): void {
    this.parts.push({ id, kind, ...more });
  }

  wire(id: string, color: string, awg: number, from: Terminal, to: Terminal): void {
    this.conductors.push({ id, color, awg, ends: [from, to] });
  }
}

/** The circuit as found that the switches describe; every conductor may then be corrected by hand. */
export function buildAsFound(s: AsFoundSwitches): Netlist {
  const d = new Drawing();
  d.part("supply", "supply");
  d.part("comp", "compressor");
  const dual = s.fan === "dual";
  d.part("can", "run-capacitor", { tabs: { C: s.freeC, HERM: s.freeHerm, ...(dual && { FAN: 0 }) }, ...(s.sealed && { sealed: true }) });
  const sides = s.control === "contactor" ? contactorSides(d, s) : relaySides(d, s);
  common(d, s, sides.hot);
  run(d, s, sides.cold);
  d.wire("w-start", s.colors.start, POWER_AWG, "comp.S", "can.HERM");
  fan(d, s, sides);
  aid(d, s);
  d.wire("w-ground", "green", POWER_AWG, "supply.G", "comp.G");
  return { parts: d.parts, conductors: d.conductors };
}

/** Terminals that feed common, and that feed the can. */
interface Sides {
  readonly hot: Terminal;
  readonly cold: Terminal;
  readonly fanHot: Terminal;
}

function relaySides(d: Drawing, s: AsFoundSwitches): Sides {
  const [line, neutral] = s.system === 120 ? ["supply.L", "supply.N"] : ["supply.L1", "supply.L2"];
  const id = s.control === "board" ? "board" : "relay";
  d.part(id, "relay");
  d.wire("w-line", "black", POWER_AWG, line, `${id}.COM`);
  d.wire("w-neutral", s.colors.neutral, POWER_AWG, neutral, "can.C");
  if (s.fan === "none") return { hot: `${id}.NO`, cold: neutral, fanHot: line };
  d.part("fan-relay", "relay");
  d.wire("w-fan-line", "black", FAN_AWG, `${id}.COM`, "fan-relay.COM");
  return { hot: `${id}.NO`, cold: neutral, fanHot: "fan-relay.NO" };
}

function contactorSides(d: Drawing, s: AsFoundSwitches): Sides {
  d.part("k", "contactor", s.poles === 1 ? { poles: 1, unbroken: s.unbroken } : { poles: 2 });
  const [line, other] = s.system === 120 ? ["supply.L", "supply.N"] : ["supply.L1", "supply.L2"];
  d.wire("w-l1", "black", POWER_AWG, line, "k.L1");
  d.wire("w-l2", s.colors.neutral, POWER_AWG, other, "k.L2");
  d.part("coil", "control");
  d.wire("w-coil-1", "brown", COIL_AWG, "coil.1", "k.A1");
  d.wire("w-coil-2", "blue", COIL_AWG, "coil.2", "k.A2");
  d.wire("w-link", s.colors.neutral, POWER_AWG, "k.T2", "can.C");
  if (s.heater) {
    d.part("heater", "heater");
    const [a, b] = s.poles === 1 && s.unbroken === "L1-T1" ? ["k.L2", "k.T2"] : ["k.L1", "k.T1"];
    d.wire("w-heater-1", "gray", FAN_AWG, a, "heater.1");
    d.wire("w-heater-2", "gray", FAN_AWG, "heater.2", b);
  }
  return { hot: "k.T1", cold: "k.T2", fanHot: "k.T1" };
}

function common(d: Drawing, s: AsFoundSwitches, hot: Terminal): void {
  const color = s.colors.common;
  let at = hot;
  let n = 1;
  const on = (to: Terminal): void => {
    d.wire(n === 1 ? "w-common" : `w-common-${n}`, color, POWER_AWG, at, to);
    n += 1;
  };
  for (const [there, id] of [
    [s.freeze, "freeze"],
    [s.plug, "plug"],
    [s.overload, "overload"],
  ] as const) {
    if (!there) continue;
    d.part(id, "through");
    on(`${id}.A`);
    at = `${id}.B`;
  }
  if (s.commonJoint) {
    d.part("common-joint", "splice");
    on("common-joint.J");
    at = "common-joint.J";
  }
  on("comp.C");
}

function run(d: Drawing, s: AsFoundSwitches, cold: Terminal): void {
  if (s.runAt === "board") {
    d.part("board-track", "through");
    d.wire("w-track", s.colors.run, POWER_AWG, "board-track.B", "can.C");
    d.wire("w-run", s.colors.run, POWER_AWG, "comp.R", "board-track.A");
    return;
  }
  d.wire("w-run", s.colors.run, POWER_AWG, "comp.R", s.runAt === "contactor" && s.control === "contactor" ? cold : "can.C");
}

function fan(d: Drawing, s: AsFoundSwitches, { fanHot, cold }: Sides): void {
  if (s.fan === "none") return;
  d.part("fan", "fan-motor");
  d.wire("w-fan", "black", FAN_AWG, fanHot, "fan.C");
  const junction = s.aidJunction && s.aid !== "none" && s.aid !== "hard-start";
  const main = s.control === "contactor" && s.fan === "separate" ? cold : "can.C";
  d.wire("w-fan-main", s.lookAlike ? s.colors.run : s.colors.neutral, FAN_AWG, "fan.M", junction ? "startcap.1" : main);
  if (s.fan === "dual") d.wire("w-fan-aux", s.colors.fan, FAN_AWG, "fan.A", "can.FAN");
  else {
    d.part("fancap", "fan-capacitor");
    d.wire("w-fan-aux", s.colors.fan, FAN_AWG, "fan.A", "fancap.FAN");
    d.wire("w-fancap", s.colors.neutral, FAN_AWG, "fancap.C", main);
  }
  d.wire("w-fan-ground", "green", FAN_AWG, "supply.G", "fan.G");
}

function aid(d: Drawing, s: AsFoundSwitches): void {
  const color = s.colors.aid;
  const wire = (id: string, from: Terminal, to: Terminal): void => d.wire(id, color, AID_AWG, from, to);
  if (s.aid === "none") return;
  if (s.aid === "hard-start") {
    d.part("kit", "hard-start");
    wire("w-kit-1", "can.C", "kit.1");
    wire("w-kit-2", "can.HERM", "kit.2");
    return;
  }
  d.part("startcap", "start-capacitor");
  wire("w-aid-1", "can.C", "startcap.1");
  if (s.aid === "start-capacitor") {
    wire("w-aid-2", "startcap.2", "can.HERM");
    return;
  }
  if (s.aid === "start-capacitor-ptc") {
    d.part("ptc", "ptc");
    wire("w-aid-2", "startcap.2", "ptc.1");
    d.wire("w-aid-3", s.colors.start, AID_AWG, "ptc.2", "can.HERM");
    return;
  }
  d.part("start-relay", "potential-relay");
  wire("w-aid-2", "startcap.2", "start-relay.1");
  d.wire("w-aid-3", s.colors.start, AID_AWG, "start-relay.2", "can.HERM");
  d.wire("w-aid-4", s.colors.common, AID_AWG, "start-relay.5", "comp.C");
}
