import type { Conductor, Netlist, Terminal } from "../../network/index.ts";
import { type Built, built } from "./built.ts";
import type { FaultCode, Symptom, WiringFault } from "./codes.ts";
import {
  aidsOut,
  commonOpened,
  commonRead,
  compressorFed,
  contactsBreak,
  fanFed,
  grounded,
  leadsLand,
  nothingLost,
  nothingShorted,
  runFed,
  runIsolated,
  startOnHerm,
} from "./rules.ts";

const RULES = [
  leadsLand,
  runIsolated,
  runFed,
  startOnHerm,
  commonRead,
  commonOpened,
  aidsOut,
  compressorFed,
  contactsBreak,
  fanFed,
  nothingLost,
  grounded,
  nothingShorted,
] as const;

/** Two things that are easily taken for each other, and what it is called and does. */
interface Swap {
  readonly of: (b: Built) => readonly [Terminal, Terminal];
  readonly code: FaultCode;
  readonly symptom: Symptom;
}

const leads = (a: string, c: string, code: FaultCode, symptom: Symptom): Swap => ({ of: (b) => [b.lead(a), b.lead(c)], code, symptom });
const pins = (a: "c" | "r" | "s", c: "c" | "r" | "s", symptom: Symptom): Swap => ({
  of: (b) => [b.pins[a], b.pins[c]],
  code: "winding-swapped",
  symptom,
});

const RUN_SIDE: readonly Swap[] = [
  leads("FEED", "RUN-OUT", "feed-run-crossed", "starter-destroyed"),
  leads("START", "RUN-OUT", "start-run-swapped", "compressor-destroyed"),
];
const LEAD_SWAPS: Readonly<Record<Built["family"], readonly Swap[]>> = {
  F4: [...RUN_SIDE, leads("REF", "FEED", "ref-wrong-side", "starter-destroyed")],
  F5: [...RUN_SIDE, leads("COM-FEED", "COM-OUT", "common-crossed", "starter-destroyed")],
  FM: [
    leads("LINE", "RUN", "feed-run-crossed", "starter-destroyed"),
    leads("START", "RUN", "start-run-swapped", "compressor-destroyed"),
    leads("COM", "LINE", "ref-wrong-side", "starter-destroyed"),
  ],
};
const PIN_SWAPS: readonly Swap[] = [
  pins("r", "s", "compressor-destroyed"),
  pins("r", "c", "compressor-destroyed"),
  pins("s", "c", "compressor-destroyed"),
];

/**
 * Faults of the wiring as built, empty when it is right. Two leads or pins taken for each other are
 * named as such where changing them back leaves less wrong and nothing new; null where starter or compressor is missing.
 */
export function checkWiring(netlist: Netlist): readonly WiringFault[] | null {
  const as = built(netlist);
  if (as === null) return null;
  const faults = faultsOf(as);
  if (faults.length === 0) return [];
  const known = new Set(faults.map(nameOf));
  for (const swap of [...LEAD_SWAPS[as.family], ...PIN_SWAPS]) {
    const [a, c] = swap.of(as);
    const mended = built(swapped(netlist, a, c));
    const left = mended === null ? faults : faultsOf(mended);
    if (left.length < faults.length && left.every((f) => known.has(nameOf(f))))
      return [{ code: swap.code, at: [a, c], symptom: swap.symptom }, ...left];
  }
  return faults;
}

function nameOf({ code, at }: WiringFault): string {
  return `${code} ${at.join(" ")}`;
}

function faultsOf(b: Built): readonly WiringFault[] {
  return RULES.flatMap((rule) => rule(b));
}

/** What hangs on two terminals changed about; a starter's lead keeps its own end and changes the other. */
function swapped(netlist: Netlist, a: Terminal, c: Terminal): Netlist {
  const turn = (end: Terminal | null): Terminal | null => (end === a ? c : end === c ? a : end);
  const conductors = netlist.conductors.map((wire): Conductor => ({ ...wire, ends: [turn(wire.ends[0]), turn(wire.ends[1])] }));
  return { ...netlist, conductors };
}
