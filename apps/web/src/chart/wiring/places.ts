import type { PartKind } from "@amp-saver/core/network";

/** Side of a box a wire leaves it by; auto is towards the other end. */
export type MapSide = "left" | "right" | "top" | "bottom";

/** How the page is divided: columns by kind of part, widths and pitches. All multiples of the grid. */
export interface Places {
  readonly grid: number;
  readonly width: number;
  readonly columns: readonly { readonly x: number; readonly w: number; readonly top: number }[];
  readonly gap: number;
  /** Least height of a terminal's row, and what each further wire on it adds. */
  readonly row: number;
  readonly slot: number;
  /** Rows of can and compressor stand further apart: their wires are the ones to follow. */
  readonly wideRow: number;
  /** Letters of tags and names. */
  readonly tag: { readonly letter: number; readonly size: number; readonly h: number };
  readonly columnOf: (kind: PartKind) => number;
  readonly sideOf: (kind: PartKind, terminal: string) => MapSide | "auto";
}

const ORDER: readonly PartKind[] = [
  "supply",
  "control",
  "contactor",
  "relay",
  "heater",
  "through",
  "starter",
  "run-capacitor",
  "fan-capacitor",
  "compressor",
  "start-capacitor",
  "ptc",
  "potential-relay",
  "hard-start",
  "fan-motor",
  "splice",
];

/** Place of a kind in its column, from the top. */
export function rankOf(kind: PartKind): number {
  return ORDER.indexOf(kind);
}

const AIDS: ReadonlySet<PartKind> = new Set(["start-capacitor", "ptc", "potential-relay", "hard-start"]);
const STARTER_RIGHT = new Set(["RUN-OUT", "RUN", "REF", "COM", "COM-FEED", "COM-OUT"]);

const WIDE: Places = {
  grid: 10,
  width: 940,
  columns: [
    { x: 30, w: 90, top: 40 },
    { x: 180, w: 110, top: 40 },
    { x: 360, w: 100, top: 40 },
    { x: 540, w: 120, top: 100 },
    { x: 820, w: 110, top: 100 },
  ],
  gap: 40,
  row: 30,
  slot: 10,
  wideRow: 60,
  tag: { letter: 7.2, size: 13, h: 20 },
  columnOf: (kind) => {
    if (kind === "supply" || kind === "control") return 0;
    if (kind === "contactor" || kind === "relay" || kind === "heater" || kind === "fan-motor") return 1;
    if (kind === "through" || kind === "run-capacitor" || kind === "fan-capacitor") return 2;
    return kind === "compressor" ? 4 : 3;
  },
  sideOf: (kind, terminal) => {
    if (kind === "supply" || kind === "control") return "right";
    if (kind === "relay") return terminal === "COM" ? "left" : "right";
    if (kind === "contactor") return terminal.startsWith("T") ? "right" : "left";
    if (kind === "through") return terminal === "A" ? "left" : "right";
    if (kind === "fan-motor") return "right";
    if (kind === "compressor") return "left";
    if (kind === "starter") return STARTER_RIGHT.has(terminal) ? "right" : "left";
    return AIDS.has(kind) ? "left" : "auto";
  },
};

const NARROW: Places = {
  ...WIDE,
  grid: 8,
  width: 408,
  columns: [
    { x: 16, w: 72, top: 32 },
    { x: 168, w: 72, top: 32 },
    { x: 312, w: 80, top: 96 },
  ],
  gap: 40,
  row: 32,
  slot: 8,
  wideRow: 56,
  tag: { letter: 6.3, size: 11.5, h: 17 },
  columnOf: (kind) => {
    const wide = WIDE.columnOf(kind);
    if (wide < 2) return 0;
    return kind === "compressor" || AIDS.has(kind) ? 2 : 1;
  },
  sideOf: (kind, terminal) => {
    const wide = WIDE.sideOf(kind, terminal);
    return WIDE.columnOf(kind) < 2 ? "right" : wide;
  },
};

/** The division that suits a width. */
export function placesFor(width: number): Places {
  return width < 700 ? NARROW : WIDE;
}
