import { type Conductor, farEnd, type Netlist, STARTER, type Terminal, terminal } from "../../network/index.ts";
import { present } from "../../quantity/index.ts";
import type { PlanOptions } from "./options.ts";
import { wiresAt } from "./understand.ts";
import type { Work } from "./work.ts";

const FEED = terminal(STARTER, "FEED");
const RUN_OUT = terminal(STARTER, "RUN-OUT");
const RUN = terminal(STARTER, "RUN");

/** The run conductor leaves its place and joins RUN-OUT; FEED takes its place. */
export function interruptRun(work: Work, pin: Terminal, way: PlanOptions["run"]): void {
  const wire = soleWire(work.netlist, pin);
  if (wire === null) {
    const freed = freeAll(work, pin);
    work.join([FEED, ...freed], "feed-in-its-place");
    work.land(RUN_OUT, pin, "run-to-starter");
    return;
  }
  const place = present(farEnd(wire, pin));
  const piece = way === "cut" ? work.cut(wire.id, place, "run-off") : work.free(wire.id, place, "run-off");
  work.join([piece, RUN_OUT], "run-to-starter");
  if (piece === wire.id) work.land(FEED, place, "feed-in-its-place");
  else work.join([wire.id, FEED], "feed-in-its-place");
}

/** The run conductor leaves its place and goes into the module's own terminal. */
export function intoModule(work: Work, pin: Terminal): void {
  const wire = soleWire(work.netlist, pin);
  if (wire === null) {
    const freed = freeAll(work, pin);
    if (freed.length > 1) work.join(freed, "pin-wires-joined");
    work.land(RUN, pin, "run-to-starter");
    return;
  }
  const place = present(farEnd(wire, pin));
  const piece = work.free(wire.id, place, "run-off");
  if (piece !== wire.id) work.note("insulate", "free-end", { conductor: wire.id, at: place });
  work.land(piece, RUN, "run-to-starter");
}

/** The one wire of a pin; null where several share it and only the pin itself can be freed. */
export function soleWire(netlist: Netlist, pin: Terminal): Conductor | null {
  const [wire, second] = wiresAt(netlist, pin);
  return wire !== undefined && second === undefined ? wire : null;
}

/** Lifts every wire off a pin. */
export function freeAll(work: Work, pin: Terminal): readonly string[] {
  return wiresAt(work.netlist, pin).map((wire) => work.free(wire.id, pin, "run-off"));
}
