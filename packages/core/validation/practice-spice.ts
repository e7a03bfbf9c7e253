import { spawnSync } from "node:child_process";
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import type { Netlist, Part } from "../src/network/index.ts";
import { metresFromFt } from "../src/quantity/index.ts";
import { conductorOf } from "../src/reference/index.ts";
import type { Wired } from "../src/study/practice/circuit.ts";
import { PRACTICE_PARAMS as P } from "../src/study/practice/params.ts";

const node = (name: string): string => (name === "earth" ? "0" : name.toLowerCase().replaceAll(/[^a-z0-9]/g, "_"));

/** Lines of a circuit for ngspice, written from the netlist by itself: resistors, inductors, capacitors and sources by name. */
class Deck {
  readonly lines: string[] = [];
  private count = 0;
  add(kind: "R" | "L" | "C", a: string, b: string, value: number): void {
    this.count += 1;
    this.lines.push(`${kind}${this.count} ${node(a)} ${node(b)} ${value}`);
  }
  /** A source of so many volts RMS behind a resistance, its phase turned where it is negative. */
  source(a: string, b: string, volts: number, ohm: number): void {
    this.count += 1;
    this.lines.push(`V${this.count} i${this.count} ${node(b)} DC 0 AC ${Math.abs(volts)} ${volts < 0 ? 180 : 0}`);
    this.add("R", `i${this.count}`, a, ohm);
  }
}

function parts(deck: Deck, part: Part, wired: Wired, dc: boolean): void {
  const at = (name: string): string => `${part.id}.${name}`;
  const closed = wired.called && wired.fed !== null;
  if (part.kind === "relay" && closed) deck.add("R", at("COM"), at("NO"), P.contactOhm.value);
  if (part.kind === "through") deck.add("R", at("A"), at("B"), P.contactOhm.value);
  if (part.kind === "contactor") {
    for (const pole of ["1", "2"])
      if (closed || part.unbroken?.startsWith(`L${pole}`) === true) deck.add("R", at(`L${pole}`), at(`T${pole}`), P.contactOhm.value);
    deck.add("R", at("A1"), dc ? at("A2") : "coil_middle", P.coilOhm.value);
    if (!dc) deck.add("L", "coil_middle", at("A2"), P.coilH.value);
  }
  if (part.kind === "control") {
    if (dc) deck.add("R", at("1"), at("2"), P.controlOhm.value);
    else deck.source(at("1"), at("2"), closed ? P.coilV.value : 0, P.controlOhm.value);
  }
  if (part.kind === "heater") deck.add("R", at("1"), at("2"), P.heaterOhm.value);
  if (part.kind === "ptc") deck.add("R", at("1"), at("2"), wired.ptcOhm);
  if (part.kind === "fan-motor") fan(deck, at, wired, dc);
  if (part.kind === "compressor") compressor(deck, at, wired, dc);
}

function fan(deck: Deck, at: (name: string) => string, { plateVolts, fanA, motor }: Wired, dc: boolean): void {
  for (const [end, re, im, times, ohm] of [
    ["M", 0.85, 0.53, 1, P.fanMainOhm.value],
    ["A", 0.7, 0.7, 2, P.fanAuxiliaryOhm.value],
  ] as const) {
    if (dc) {
      deck.add("R", at("C"), at(end), ohm);
      continue;
    }
    const size = (times * plateVolts) / fanA;
    deck.add("R", at("C"), `fanmiddle${end}`, re * size);
    deck.add("L", `fanmiddle${end}`, at(end), (im * size) / (2 * Math.PI * motor.hz));
  }
}

/** At standstill each winding is its resistance and leakage in series with the rotor’s, in parallel with magnetizing. */
function compressor(deck: Deck, at: (name: string) => string, { motor, overloadOpen }: Wired, dc: boolean): void {
  if (!overloadOpen) deck.add("R", at("C"), "star", P.contactOhm.value);
  const w = 2 * Math.PI * motor.hz;
  for (const [end, r, x, k] of [
    ["R", motor.r1, motor.x1, 1],
    ["S", motor.ra, motor.xa, motor.turnsRatio ** 2],
  ] as const) {
    if (dc) {
      deck.add("R", at(end), "star", r);
      continue;
    }
    deck.add("R", at(end), `w1${end}`, r);
    deck.add("L", `w1${end}`, `w2${end}`, x / w);
    deck.add("L", `w2${end}`, "star", (k * motor.xm) / w);
    deck.add("R", `w2${end}`, `w3${end}`, k * motor.r2);
    deck.add("L", `w3${end}`, "star", (k * motor.x2) / w);
  }
}

function deckOf(wired: Wired, dc: boolean): Deck {
  const deck = new Deck();
  const { netlist, fed, stray, sections, crimpOhm } = wired;
  for (const { id, awg, ends } of netlist.conductors) {
    const [a, b] = ends;
    if (a === null || b === null) continue;
    const perM = conductorOf(awg).ohmPer1000Ft / metresFromFt(1000);
    deck.add("R", a, b, perM * P.wireM.value + 2 * P.crimpOhm.value + (crimpOhm.get(id) ?? 0));
  }
  for (const part of netlist.parts) parts(deck, part, wired, dc);
  feed(deck, netlist, wired, dc);
  if (!dc) {
    for (const { a, b, farad } of sections) deck.add("C", a, b, farad);
    for (const name of namesOf(netlist)) deck.add("C", name, "earth", P.strayF.value);
    if (stray && fed === null) {
      deck.source("neighbor", "earth", P.neighborV.value, 1e-3);
      deck.add("C", "neighbor", "supply.L", P.neighborF.value);
    }
  }
  return deck;
}

function feed(deck: Deck, netlist: Netlist, { fed, feedOhm }: Wired, dc: boolean): void {
  const two = netlist.conductors.some((c) => c.ends.includes("supply.L1"));
  deck.add("R", "supply.G", "earth", P.bondOhm.value);
  if (!two) deck.add("R", "supply.N", "earth", P.bondOhm.value);
  if (dc || fed === null) return;
  if (!two) {
    deck.source("supply.L", "earth", fed.volts, feedOhm);
    return;
  }
  deck.source("supply.L1", "earth", fed.volts / 2, feedOhm / 2);
  deck.source("supply.L2", "earth", -fed.volts / 2, feedOhm / 2);
}

function namesOf(netlist: Netlist): readonly string[] {
  return [...new Set(netlist.conductors.flatMap((c) => c.ends.filter((e) => e !== null)))];
}

/** Runs a deck in ngspice and gives the modulus of volts between pairs of nodes. */
function run(lines: readonly string[], analysis: string, pairs: readonly (readonly [string, string])[]): number[] {
  const folder = mkdtempSync(join(tmpdir(), "amp-saver-"));
  try {
    const [data, file] = [join(folder, "out.dat"), join(folder, "circuit.cir")];
    const leaks = [...new Set([...lines.flatMap((l) => l.split(" ").slice(1, 3)), ...pairs.flat().map(node)])].filter((n) => n !== "0");
    const deck = [
      "practice",
      ...lines,
      ...leaks.map((n, i) => `Rleak${i} ${n} 0 1e13`),
      ".options gmin=1e-18 reltol=1e-6",
      ".control",
      analysis,
      `wrdata ${data} ${pairs.map(([a, b]) => `(v(${node(a)})-v(${node(b)}))`).join(" ")}`,
      ".endc",
      ".end",
    ];
    writeFileSync(file, deck.map((l) => l.replace("v(0)", "0")).join("\n"));
    spawnSync("ngspice", ["-b", file], { encoding: "utf8" });
    const row = readFileSync(data, "utf8").trim().split("\n")[0]!.trim().split(/\s+/).map(Number);
    return analysis.startsWith("ac")
      ? pairs.map((_, i) => Math.hypot(row[3 * i + 1]!, row[3 * i + 2]!))
      : pairs.map((_, i) => Math.abs(row[2 * i + 1]!));
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
}

/** RMS volts that ngspice has between pairs, nothing measuring. */
export function spiceVolts(wired: Wired, pairs: readonly (readonly [string, string])[], meterOhm: number): number[] {
  return pairs.flatMap((pair) => {
    const deck = deckOf(wired, false);
    deck.add("R", pair[0], pair[1], meterOhm);
    if (meterOhm > 1e6) deck.add("C", pair[0], pair[1], P.meterF.value);
    return run(deck.lines, `ac lin 1 ${wired.motor.hz} ${wired.motor.hz}`, [pair]);
  });
}

/** Ohms that ngspice has between pairs, from one ampere driven through. */
export function spiceOhms(wired: Wired, pairs: readonly (readonly [string, string])[]): number[] {
  return pairs.flatMap((pair) => {
    const deck = deckOf({ ...wired, fed: null }, true);
    return run([...deck.lines, `Itest ${node(pair[1])} ${node(pair[0])} DC 1`], "op", [pair]);
  });
}
