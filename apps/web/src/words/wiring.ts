import type { Measure } from "@amp-saver/core/figure";
import type { Conductor, Netlist, PartKind } from "@amp-saver/core/network";
import { nameOn, partOf } from "@amp-saver/core/network";
import type { Crimp } from "@amp-saver/core/study/wire-ends";
import { crimpNames, wireSize } from "./wire-size.ts";

/** Parts by the id the drawing gives them, where the kind does not say enough. */
const BY_ID: Readonly<Record<string, string>> = {
  board: "Board",
  "fan-relay": "Fan relay",
  freeze: "Freeze board",
  plug: "Plug",
  overload: "Overload",
  "board-track": "Board track",
};

const BY_KIND: Readonly<Record<PartKind, string>> = {
  supply: "Supply",
  contactor: "Contactor",
  relay: "Relay",
  through: "Pass-through",
  compressor: "Compressor",
  "run-capacitor": "Run cap",
  "fan-capacitor": "Fan capacitor",
  "fan-motor": "Fan",
  "start-capacitor": "Start capacitor",
  ptc: "PTC",
  "potential-relay": "Start relay",
  "hard-start": "Hard start kit",
  heater: "Heater",
  control: "Coil supply",
  splice: "Joint",
  starter: "Soft starter",
};

/** Colour of a lead whose sheet was not copied. */
export const UNREAD_COLOR = "as marked";

const FAN: Readonly<Record<string, string>> = { C: "common", M: "main", A: "auxiliary", G: "ground" };

/** Names of parts, terminals and wires of one circuit. A lone C never appears. */
export interface WiringNames {
  readonly part: (id: string) => { readonly name: string };
  readonly terminal: (at: string) => string;
  /** A wire by its colour and what it joins as found. */
  readonly wire: (id: string) => string;
  readonly color: (id: string) => string;
  /** What is crimped onto an end. */
  readonly crimps: Readonly<Record<Crimp, string>>;
  readonly size: (awg: number) => string;
  readonly measure: Measure;
}

/** A name inside a sentence: abbreviations stay as they are. */
export function lower(name: string): string {
  return name === name.toUpperCase() ? name : name.toLowerCase();
}

/** Names for a circuit as found with what the starter adds, sizes in the reader's measure; `far` is the part in a second box. */
export function wiringNames(asFound: Netlist, finished: Netlist | null, measure: Measure, far: string | null = null): WiringNames {
  const kinds = new Map([...asFound.parts, ...(finished?.parts ?? [])].map((p) => [p.id, p.kind]));
  const wires = new Map<string, Conductor>([...(finished?.conductors ?? []), ...asFound.conductors].map((c) => [c.id, c]));
  const part = (id: string): string => {
    const kind = kinds.get(id);
    if (id.startsWith("joint") || kind === "splice") return `joint ${/\d+$/.exec(id)?.[0] ?? id}`;
    return BY_ID[id] ?? (kind === undefined ? id : BY_KIND[kind]);
  };
  const terminal = (at: string): string => {
    const [id, name] = [partOf(at), nameOn(at)];
    const kind = kinds.get(id);
    if (kind === "starter") return name;
    if (kind === "splice" || id.startsWith("joint")) return part(id);
    if (kind === "run-capacitor") return `cap ${name}`;
    if (kind === "compressor") return `compressor ${name}`;
    if (kind === "fan-motor") return `fan ${FAN[name] ?? name}`;
    return `${lower(part(id))} ${name}`;
  };
  const color = (id: string): string => wires.get(id)?.color ?? wires.get(id.replace(/\/\d+$/, ""))?.color ?? id;
  const wire = (id: string): string => {
    if (id.startsWith("jumper.")) return `jumper for ${nameOn(id)}`;
    if (id.startsWith("starter.")) return color(id) === UNREAD_COLOR ? nameOn(id) : `${nameOn(id)} ${color(id)}`;
    const base = id.replace(/\/\d+$/, "");
    const ends = (asFound.conductors.find((c) => c.id === base)?.ends ?? []).flatMap((e) => (e === null ? [] : [terminal(e)]));
    return `${color(base)} (${ends.join(" – ")})${id === base ? "" : ", the other piece"}`;
  };
  return {
    part: (id) => ({ name: id === far ? `${part(id)}, far box` : part(id) }),
    terminal,
    wire,
    color,
    crimps: crimpNames(measure),
    size: (awg) => wireSize(awg, measure),
    measure,
  };
}

/** Wirings met in the field, to begin from. */
export const STARTING_POINT_WORDS: Readonly<Record<string, string>> = {
  "rooftop-freeze-board": "Rooftop, freeze board in common",
  "condenser-two-pole": "Condenser, two-pole contactor",
  "rooftop-ptc": "Rooftop, start capacitor and PTC",
  "rooftop-common-joint": "Rooftop, common joined to a second wire",
  "rooftop-two-boxes": "Rooftop, two boxes",
  "rooftop-hard-start": "Rooftop, hard start kit",
  "condenser-one-pole-module": "Condenser, one-pole contactor",
  "rooftop-overload": "Rooftop, overload in the box",
  "condenser-run-cut": "Condenser, run conductor cut",
  "rooftop-common-cut": "Rooftop, plain",
  "rooftop-circuit-board": "Rooftop, sealed capacitors on a circuit board",
  "rooftop-look-alike": "Rooftop, look-alike run wire and PTC",
  "rooftop-common-plug": "Rooftop, plug in common",
  "condenser-hard-start": "Condenser, hard start kit",
  "rooftop-control-board": "Rooftop, control board and PTC",
  "rooftop-heavier-run": "Rooftop, two wires of the run’s color",
  "rooftop-at-the-pin": "Rooftop, common reached at compressor C",
  "rooftop-aid-junction": "Rooftop, fan wire on the start capacitor",
  "condenser-separate-capacitors": "Condenser, separate fan capacitor",
  "rooftop-boot": "Rooftop, boot over the capacitor",
};

export const PREPARE = {
  views: { found: "As found", plan: "Plan", sheet: "Maker’s sheet", kit: "Kit" },
  viewLabel: "Part of preparing",
  states: { found: "As found", todo: "To do", done: "Done" },
  stateLabel: "State of the wiring",
  canMark: "cap C",
  pinMark: "compressor C",
  canNote: "square mark: run cap C, feeds the run winding",
  pinNote: "round mark: compressor C, common of both windings",
  grounds: "Green ground wires are not drawn. They stay where they are and get checked.",
  mapLabel: (state: string): string =>
    `Wiring of the unit, ${state.toLowerCase()}: supply on the left, run cap in the middle, compressor on the right.`,
  zoomIn: "Zoom in",
  zoomOut: "Zoom out",
  zoomFit: "Whole map",
  mapKeys: "Arrow keys move the map, + and − change its size, 0 shows it whole.",
  print: "Print or PDF",
  toIsolate: "Go on to Isolate",
  dead: "Nothing here is done live. Every source off and proven dead first: Isolate.",
  caution: "Before you touch anything",
  cautionText:
    "Line voltage and charged capacitors kill. Prove it dead before you work. Terminal cover on before any power; never a splice under it. The makers’ sheets, the local code and licensed people come first.",
} as const;

export const FOUND = {
  question: "How is this unit wired?",
  answer: (parts: number, wires: number, byHand: boolean) => [
    { text: `${parts} parts and ${wires} wires, ` },
    { text: byHand ? "as corrected by hand." : "from what you selected." },
  ],
  sure: "Wire color proves nothing. Look at the unit and fix what is different: pick a wire on the map.",
  start: "Start from",
  startNone: "as set below",
  startHelp: "Wirings found in the field",
  again: "Back to what was selected",
  system: { "120": "120 V, line and neutral", "240": "240 V, two lines" },
  systemLabel: "Supply",
  control: { relay: "Relay", board: "Control board", contactor: "Contactor" },
  controlLabel: "What switches common",
  poles: { "1": "One pole breaks", "2": "Two poles break" },
  polesLabel: "Contactor",
  unbroken: { "L1-T1": "L1–T1 always closed: common is always live", "L2-T2": "L2–T2 always closed: run is always live" },
  unbrokenLabel: "Bridged pole",
  runAt: { can: "cap C", contactor: "Contactor T2", board: "Board tab" },
  runAtLabel: "Run wire goes to",
  aid: {
    none: "None",
    "start-capacitor": "Start capacitor",
    "start-capacitor-ptc": "Start capacitor and PTC",
    "start-capacitor-relay": "Start capacitor and relay",
    "hard-start": "Hard start kit",
  },
  aidLabel: "Start aid",
  fan: { dual: "In the same run cap", separate: "Its own capacitor", none: "No fan here" },
  fanLabel: "Fan capacitor",
  ticks: {
    overload: "Overload in the box, in common",
    freeze: "Freeze sensor board in common",
    plug: "Plug in common",
    commonJoint: "Common joins a second wire in a splice",
    aidJunction: "A fan wire is on the start capacitor",
    heater: "Crankcase heater across the open pole",
    heatPump: "Heat pump",
    secondBox: "Second electrical box on the other side",
    lookAlike: "Two wires of the run’s color",
    sealed: "Capacitor sealed, tabs out of reach",
    boot: "Rubber boot over the capacitor",
  },
  heatPumpNote: "A heat pump makes no difference to the starter’s wiring.",
  secondBoxNote: (jumper: string): string =>
    `Two boxes: a ${jumper} jumper runs along the factory loom from the far box to the starter’s lead.`,
  freeC: "Free tabs on cap C",
  freeHerm: "Free tabs on cap HERM",
  hermToo: "also marked CP or H",
  ownEnd: "Terminal on its loose end",
  ownEndHelp: "At the end that the plan lifts.",
  ownUsual: "as is usual at its place",
  colors: "Insulation",
  colorOf: { run: "Run", start: "Start", common: "Common", neutral: "Run cap’s line side", fan: "Fan", aid: "Start aid" },
  conductor: "This wire",
  none: "Pick a wire on the map.",
  color: "Color",
  awg: "Gauge",
  from: "From",
  to: "To",
  free: "free, insulated",
  remove: "Remove this wire",
  add: "Add a wire",
  refused: {
    "part-twice": "Two parts have one name.",
    "conductor-twice": "Two wires have one name.",
    "unknown-part": "That part is not in this circuit.",
    "unknown-terminal": "That part has no such terminal.",
    "one-terminal-twice": "A wire needs two different ends.",
    "two-systems": "The supply cannot have both neutral and two lines.",
    "unbroken-missing": "Enter which pole is always closed.",
    "unbroken-extra": "Both poles break: none is always closed.",
  },
  colorMissing: "The color is missing: 1 to 40 letters.",
} as const;
