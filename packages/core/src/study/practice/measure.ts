import { allTerminals, inReach, nameOn, partOf, type Terminal } from "../../network/index.ts";
import { complex, divide, modulus, scale, subtract } from "../../numeric/index.ts";
import { meterShows } from "../clamp/index.ts";
import { type Bench, fedBy, wiredNow } from "./bench.ts";
import { type Cover, type Danger, type MeasureRange, PROVING, type PracticeStep, type Refusal } from "./case.ts";
import { chargeOn, dcVolts, ohmsBetween } from "./charge.ts";
import { acCircuit, EARTH, type Wired, wireLinks } from "./circuit.ts";
import { compressorAt } from "./names.ts";
import { type Link, linkA, nodeVolts } from "./nodal.ts";
import { PRACTICE_PARAMS as P } from "./params.ts";

/** The cover that hides a terminal; null for none. */
export function coverOf({ netlist }: Bench, at: Terminal): Cover | null {
  const kind = netlist.parts.find((p) => p.id === partOf(at))?.kind;
  if (kind === "supply") return null;
  return kind === "compressor" ? "terminals" : "box";
}

/** Why probes do not get at a terminal; null where they do. A sealed part can be measured where it is wired to. */
export function noWayTo(bench: Bench, at: Terminal): Refusal | null {
  if (at === PROVING.from || at === PROVING.to) return null;
  if (!allTerminals(bench.netlist).includes(at)) return "no-such-terminal";
  const cover = coverOf(bench, at);
  if (cover !== null && !bench.open.has(cover)) return "cover-closed";
  return inReach(bench.netlist, at) ? null : "sealed";
}

const meterLink = (from: Terminal, to: Terminal, range: MeasureRange, hz: number): Link => ({
  a: from,
  b: to,
  y: range === "volts-low-z" ? complex(1 / P.lowOhm.value) : complex(1 / P.meterOhm.value, 2 * Math.PI * hz * P.meterF.value),
});

/** RMS volts between two terminals with a meter on them. */
export function acVolts(wired: Wired, from: Terminal, to: Terminal, range: MeasureRange = "volts"): number {
  if (from === to) return 0;
  const { hz } = wired.motor;
  const volts = nodeVolts(acCircuit(wired, hz, [meterLink(from, to, range, hz)]));
  return modulus(subtract(volts(from), volts(to)));
}

/** What a hand on a terminal would meet; null for nothing. */
export function handsOn(bench: Bench, at: Terminal): Danger | null {
  const wired = wiredNow(bench);
  if (acVolts(wired, at, EARTH, "volts-low-z") > P.hurtsV.value) return "live-touched";
  if (fedBy(bench) !== null) return null;
  return chargeOn(wired, bench.charges, at) > P.hurtsV.value ? "charged-touched" : null;
}

/** What a multimeter shows, or what it would do to its user. */
export function measured(bench: Bench, range: MeasureRange, from: Terminal, to: Terminal): PracticeStep | { readonly danger: Danger } {
  const wired = wiredNow(bench);
  switch (range) {
    case "volts":
    case "volts-low-z":
      return { shown: acVolts(wired, from, to, range), unit: "V" };
    case "volts-dc":
      return { shown: fedBy(bench) === null ? dcVolts(wired, bench.charges, from, to, P.meterOhm.value) : 0, unit: "V" };
    default: {
      const live = Math.max(
        acVolts(wired, from, to, "volts-low-z"),
        Math.abs(fedBy(bench) === null ? dcVolts(wired, bench.charges, from, to, P.meterOhm.value) : 0),
      );
      if (live > P.hurtsV.value) return { danger: "ohms-on-live" };
      return range === "capacitance" ? capacitance(wired, from, to) : resistance(wired, range, from, to);
    }
  }
}

function resistance(wired: Wired, range: "ohms" | "continuity", from: Terminal, to: Terminal): PracticeStep {
  const ohm = ohmsBetween({ ...wired, fed: null }, from, to) + P.probesOhm.value;
  if (range === "continuity")
    return ohm < P.beepsOhm.value ? { shown: ohm, unit: "ohm", beeps: true } : { shown: null, unit: "ohm", beeps: false };
  return { shown: ohm > P.mostOhm.value ? null : ohm, unit: "ohm" };
}

/** Amps of a test of one volt behind so many ohms tell capacitance where what lies between is one; null otherwise. */
function capacitance(wired: Wired, from: Terminal, to: Terminal): PracticeStep {
  const none: PracticeStep = { shown: null, unit: "F" };
  if (from === to) return none;
  const hz = P.capacitanceHz.value;
  const dead = acCircuit({ ...wired, fed: null, stray: false }, hz);
  const proving = dead.drives.filter(({ a }) => a !== PROVING.from);
  const volts = nodeVolts({ ...dead, drives: [...proving, { a: from, b: to, y: complex(1 / P.testOhm.value), volts: complex(1) }] });
  const across = subtract(volts(from), volts(to));
  const seen = divide(scale(subtract(complex(1), across), 1 / P.testOhm.value), across);
  if (seen.im <= 0 || seen.re > P.lossShare.value * seen.im) return none;
  const farad = seen.im / (2 * Math.PI * hz);
  return farad < P.leastF.value ? none : { shown: farad, unit: "F" };
}

/** Amps in a conductor with the motor as it turns now, or stands still. */
function phasorA(bench: Bench, conductor: string, radS?: number): number {
  const wired = wiredNow(bench, radS === undefined ? {} : { radS });
  const link = wireLinks(wired).get(conductor);
  return link === undefined ? 0 : modulus(linkA(nodeVolts(acCircuit(wired, wired.motor.hz)), link));
}

const JAWS = [
  ["common", "C"],
  ["run", "R"],
  ["start", "S"],
] as const;
const SAME = 0.02;

/** Which of the compressor’s conductors carries at standstill what this one carries; null for none. */
function jawsOn(bench: Bench, conductor: string): "common" | "run" | "start" | "supply" | null {
  const own = phasorA(bench, conductor, 0);
  for (const [jaws, at] of JAWS) {
    const other = bench.netlist.conductors.find((c) => c.ends.includes(compressorAt(bench.netlist, at)));
    const amps = other === undefined ? 0 : phasorA(bench, other.id, 0);
    if (amps > 0.5 && Math.abs(own / amps - 1) < SAME) return jaws;
  }
  return bench.netlist.conductors.some((c) => c.id === conductor && c.ends.some((e) => e !== null && isLine(bench, e))) ? "supply" : null;
}

function isLine({ netlist }: Bench, at: Terminal): boolean {
  return netlist.parts.some((p) => p.kind === "supply" && p.id === partOf(at)) && nameOn(at).startsWith("L");
}

/** What the clamp shows on its conductor now. */
export function clamped(bench: Bench): PracticeStep {
  const { clamp, motor } = bench;
  if (clamp === null) return { refused: "no-clamp" };
  if (clamp.mode === "live") return { shown: phasorA(bench, clamp.conductor), unit: "A" };
  if (motor.phase !== "on") return { shown: clamp.mostA ?? 0, unit: "A" };
  const still = phasorA(bench, clamp.conductor, 0);
  const jaws = motor.input === null ? null : jawsOn(bench, clamp.conductor);
  const shown = motor.input === null || jaws === null ? null : meterShows(motor.input, clamp.mode, jaws, null);
  return { shown: Math.max(clamp.mostA ?? 0, shown ?? still), unit: "A" };
}
