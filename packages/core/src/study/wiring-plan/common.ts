import { type Conductor, farEnd, type Netlist, netsOf, type PartKind, partById, partOf, type Terminal } from "../../network/index.ts";
import { present } from "../../quantity/index.ts";
import type { PlanOptions } from "./options.ts";
import { freeAll, soleWire } from "./run-winding.ts";
import { wiresAt } from "./understand.ts";
import type { Work } from "./work.ts";

/** Ids of the two leads that common is opened for, or of the jumpers that lengthen them. */
export interface CommonEnds {
  readonly feed: string;
  readonly out: string;
}

/** Common is opened: what led to the pin feeds the starter, the starter feeds the pin. */
export function openCommon(work: Work, pin: Terminal, { feed, out }: CommonEnds, way: PlanOptions["common"]): void {
  const wire = soleWire(work.netlist, pin);
  if (wire === null || way === "pin") {
    const freed = freeAll(work, pin);
    work.join([feed, ...freed], "common-fed");
    work.land(out, pin, "common-to-starter");
    return;
  }
  const place = present(farEnd(wire, pin));
  const piece = way === "cut" ? work.cut(wire.id, place, "common-opened") : work.free(wire.id, place, "common-opened");
  work.join([piece, out], "common-to-starter");
  if (piece === wire.id) work.land(feed, place, "common-fed");
  else work.join([wire.id, feed], "common-fed");
}

/** Common is only read: at the terminal that feeds it, else by a splice of three in its conductor. */
export function tapCommon(work: Work, pin: Terminal, lead: string, way: PlanOptions["tap"]): void {
  const place = way === "splice" ? null : tapPlace(work.netlist, pin);
  if (place !== null) {
    work.land(lead, place, "common-tapped");
    return;
  }
  const wire = commonWire(work.netlist, pin);
  const piece = work.cut(wire.id, present(farEnd(wire, pin)), "common-cut-to-tap");
  work.join([wire.id, piece, lead], "common-tapped");
}

/** Kinds of part whose terminal takes one more wire, best first: a screw, then a tab. */
const TAPS: readonly PartKind[] = ["contactor", "relay", "through", "control"];

function tapPlace(netlist: Netlist, pin: Terminal): Terminal | null {
  const rank = (t: Terminal): number => TAPS.indexOf(partById(netlist, partOf(t)).kind);
  const places = netsOf(netlist)
    .with(pin)
    .filter((t) => rank(t) >= 0)
    .toSorted((a, b) => rank(a) - rank(b));
  return places[0] ?? null;
}

function commonWire(netlist: Netlist, pin: Terminal): Conductor {
  const [wire] = wiresAt(netlist, pin);
  if (wire === undefined) throw new Error(`nothing at ${pin}`);
  return wire;
}
