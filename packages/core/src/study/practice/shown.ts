import {
  allTerminals,
  type Conductor,
  inReach,
  type Netlist,
  type Part,
  partOf,
  reachOf,
  type Terminal,
  terminal,
} from "../../network/index.ts";
import { tableOf } from "../../quantity/index.ts";
import { type Bench, drawn, fedBy, isCalled, sectionsNow } from "./bench.ts";
import type { ClampMode, Cover, Danger, PracticeCase, PracticeSource } from "./case.ts";
import { compressorOf, supplyPairs } from "./names.ts";
import { PRACTICE_PARAMS as P } from "./params.ts";

/** A practice unit as a person sees and hears it: nothing of it tells what is hidden. */
export interface ShownBench {
  readonly nowS: number;
  /** Parts and wires in sight; the compressor’s ends in an order of their own. */
  readonly netlist: Netlist;
  /** The same with everything open, and with the cover of the terminals on: nothing on a map moves when a cover does. */
  readonly whole: Netlist;
  readonly covered: Netlist;
  /** What each end of the compressor on the map is on the bench. */
  readonly realOf: Readonly<Record<Terminal, Terminal>>;
  /** Numbers of the wires as they were at first, which tell no order. */
  readonly numberOf: Readonly<Record<string, number>>;
  readonly sources: readonly (Pick<PracticeSource, "id" | "kind" | "volts"> & {
    readonly on: boolean;
    readonly locked: boolean;
    readonly tripped: boolean;
  })[];
  readonly open: readonly Cover[];
  readonly called: boolean;
  readonly heard: "nothing" | "fan" | "hum" | "compressor";
  readonly clamp: { readonly conductor: string; readonly mode: ClampMode } | null;
  /** Capacitors, with where a sealed one is bled and read; null where that is where its terminals are, or its wires are off. */
  readonly capacitors: readonly {
    readonly part: string;
    readonly a: Terminal;
    readonly b: Terminal;
    readonly readAt: readonly [Terminal, Terminal] | null;
  }[];
  readonly pairs: readonly (readonly [Terminal, Terminal])[];
  /** Everything on the map that a probe could be set on, grounds among it. */
  readonly points: readonly Terminal[];
  /** Colors by the diagram in the lid; null for none. */
  readonly diagram: PracticeCase["diagram"] | null;
  /** A soft starter on the unit: in how many of its starts it has learned; null for none. */
  readonly starter: { readonly learned: number; readonly of: number } | null;
  readonly stopped: Danger | null;
}

const PINS = ["C", "R", "S"] as const;

/** A list in an order that depends on the seed alone. */
function shuffled<T>(bench: Bench, name: string, all: readonly T[]): readonly T[] {
  return all
    .map((one, k) => ({ one, at: drawn(bench, name, k) }))
    .toSorted((x, y) => x.at - y.at)
    .map(({ one }) => one);
}

/** What is seen and heard of a bench. */
export function shownBench(bench: Bench): ShownBench {
  const { netlist, made, switches, open } = bench;
  const numbers = new Map(shuffled(bench, "wires", made.given.netlist.conductors).map(({ id }, k) => [id, k + 1]));
  const motor = compressorOf(netlist);
  const pins = shuffled(bench, "pins", PINS);
  const places = new Map(pins.map((pin, k) => [terminal(motor, pin), terminal(motor, PINS[k] ?? pin)]));
  const whole = withEnds(netlist, (at) => places.get(at) ?? at);
  const covered = booted(netlist, motor, (id) => numbers.get(id) ?? 0);
  const inSight = open.has("terminals") ? whole : covered;
  const seen = open.has("box") ? inSight : outside(inSight);
  return {
    nowS: bench.nowS,
    netlist: seen,
    whole,
    covered,
    realOf: Object.fromEntries([...places].map(([real, place]) => [place, real])),
    numberOf: tableOf(
      made.given.netlist.conductors.map(({ id }) => id),
      (id) => numbers.get(id) ?? 0,
    ),
    sources: made.given.sources.map(({ id, kind, volts }) => {
      const { on = false, locked = false, tripped = false } = switches.get(id) ?? {};
      return { id, kind, volts, on, locked, tripped };
    }),
    open: [...open],
    called: bench.call,
    heard: heardOf(bench),
    clamp: bench.clamp === null ? null : { conductor: bench.clamp.conductor, mode: bench.clamp.mode },
    capacitors: sectionsNow(bench).map(({ part, a, b }) => ({ part, a, b, readAt: readAt(bench, a, b) })),
    pairs: supplyPairs(netlist),
    points: allTerminals(seen),
    starter: netlist.parts.some((p) => p.kind === "starter") ? { learned: bench.learned, of: P.learnsIn.value } : null,
    diagram: open.has("box") ? (made.given.diagram ?? null) : null,
    stopped: bench.stopped,
  };
}

function readAt({ netlist, open }: Bench, a: Terminal, b: Terminal): readonly [Terminal, Terminal] | null {
  if (inReach(netlist, a)) return null;
  const [from, to] = [reachOf(netlist, a), reachOf(netlist, b)];
  if (from === null || to === null) return null;
  // Which end of the compressor a wire is on is told by nothing while its cover is on.
  const motor = compressorOf(netlist);
  const told = open.has("terminals") || [from, to].every((at) => partOf(at) !== motor);
  return told ? [from, to] : null;
}

function heardOf(bench: Bench): ShownBench["heard"] {
  if (fedBy(bench) === null) return "nothing";
  if (bench.motor.phase === "on") return bench.motor.radS > 0 ? "compressor" : "hum";
  return isCalled(bench) ? "fan" : "nothing";
}

function withEnds(netlist: Netlist, place: (at: Terminal) => Terminal): Netlist {
  const moved = (end: Conductor["ends"][number]) => (end === null ? null : place(end));
  return { ...netlist, conductors: netlist.conductors.map((c) => ({ ...c, ends: [moved(c.ends[0]), moved(c.ends[1])] })) };
}

/** Under their cover the compressor’s wires lie in the order of their numbers: which pin each is on cannot be seen. */
function booted(netlist: Netlist, motor: string, numberOf: (id: string) => number): Netlist {
  const hidden = netlist.conductors
    .filter((c) => c.ends.some((e) => e !== null && isPin(e, motor)))
    .toSorted((a, b) => numberOf(a.id) - numberOf(b.id));
  const place = new Map(hidden.map(({ id }, k) => [id, terminal(motor, PINS[k % PINS.length] ?? "C")]));
  return {
    ...netlist,
    conductors: netlist.conductors.map((c) => {
      const at = place.get(c.id);
      const moved = (end: Conductor["ends"][number]) => (end !== null && at !== undefined && isPin(end, motor) ? at : end);
      return { ...c, ends: [moved(c.ends[0]), moved(c.ends[1])] };
    }),
  };
}

const isPin = (at: Terminal, motor: string): boolean => PINS.some((pin) => at === terminal(motor, pin));

/** What is in sight with the box closed: the supply. */
function outside(netlist: Netlist): Netlist {
  const parts = netlist.parts.filter(({ kind }: Part) => kind === "supply");
  const ids = new Set(parts.map(({ id }) => id));
  return {
    ...netlist,
    parts,
    conductors: netlist.conductors.filter((c) => c.ends.every((e) => e !== null && ids.has(partOf(e)))),
  };
}
