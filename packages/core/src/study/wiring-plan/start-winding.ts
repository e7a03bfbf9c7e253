import { inReach, type Terminal } from "../../network/index.ts";
import { assert } from "../../quantity/index.ts";
import { wiresAt } from "./understand.ts";
import type { Work } from "./work.ts";

/**
 * START goes onto the run capacitor's HERM. Where that is out of reach it is joined to a wire that a start aid has left on
 * it (`spare`), else to the start winding's own conductor, cut close to the capacitor.
 */
export function startOnHerm(work: Work, herm: Terminal, start: string, spare: string | null): void {
  if (inReach(work.netlist, herm)) {
    work.land(start, herm, "start-on-herm");
    return;
  }
  if (spare !== null) {
    work.join([spare, start], "start-on-herm");
    return;
  }
  const [wire] = wiresAt(work.netlist, herm);
  assert(wire !== undefined, "HERM leads to the start winding");
  const piece = work.cut(wire.id, herm, "start-on-herm");
  work.join([wire.id, piece, start], "start-on-herm");
}
