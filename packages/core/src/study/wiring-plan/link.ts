import {
  type Conductor,
  conductorsAt,
  farEnd,
  inReach,
  type Netlist,
  netsOf,
  partById,
  partOf,
  STARTER,
  type Terminal,
  terminal,
} from "../../network/index.ts";
import { assert, fail, itemAt, ok, type Result } from "../../quantity/index.ts";
import { type BlockReason, type Circuit, wiresAt } from "./understand.ts";
import type { Work } from "./work.ts";

/** The wires between the contactor and the can, by their ends at the can. */
export interface ContactorLink {
  readonly ends: readonly string[];
}

const COIL = new Set(["A1", "A2"]);

/** Finds what feeds the can from the contactor; refuses where anything but plain links does. */
export function contactorLink(netlist: Netlist, { pins, can }: Circuit): Result<ContactorLink, BlockReason> {
  const contactors = netlist.parts.filter((p) => p.kind === "contactor");
  if (contactors.length === 0) return fail("no-contactor", "contactor");
  const atRun = wiresAt(netlist, pins.r).map((w) => w.id);
  const runWires = new Set(atRun.length === 1 ? atRun : []);
  const links = conductorsAt(netlist, can.c).flatMap((wire) => {
    const end = runWires.has(wire.id) ? null : followed(netlist, wire, can.c);
    return end !== null && onContactor(netlist, end) ? [{ wire: wire.id, end }] : [];
  });
  const [first] = links;
  const joined = netsOf(netlist)
    .with(can.c)
    .some((t) => onContactor(netlist, t));
  if (first === undefined) return fail(joined ? "link-not-understood" : "no-contactor-link", can.c);
  if (links.some(({ end }) => end !== first.end)) return fail("link-not-understood", can.c);
  const gone = new Set([...links.map((l) => l.wire), ...runWires]);
  const rest = netsOf({ ...netlist, conductors: netlist.conductors.filter((c) => !gone.has(c.id)) });
  const still = rest.with(can.c).find((t) => onContactor(netlist, t));
  return still === undefined ? ok({ ends: links.map((l) => l.wire) }) : fail("link-not-understood", still);
}

/** The first link feeds the module, any other comes off; the module feeds the can: by what is left of the link where the can is out of reach. */
export function moveLink(work: Work, { ends }: ContactorLink, can: Terminal): void {
  const [first, ...others] = ends;
  assert(first !== undefined, "a link has an end");
  const cap = terminal(STARTER, "CAP");
  const line = terminal(STARTER, "LINE");
  if (inReach(work.netlist, can)) {
    work.move(first, can, line, "link-to-starter");
    for (const wire of others) work.put(wire, can, "second-link-off");
    work.land(cap, can, "capacitor-fed");
    return;
  }
  work.land(work.cut(first, can, "link-to-starter"), line, "link-to-starter");
  for (const wire of others) work.put(wire, can, "second-link-off");
  work.join([first, cap], "capacitor-fed");
}

/** Where a conductor leads, plain splices of two passed through. */
function followed(netlist: Netlist, wire: Conductor, from: Terminal): Terminal | null {
  const seen = new Set<string>();
  let [at, current] = [farEnd(wire, from), wire];
  while (at !== null && partById(netlist, partOf(at)).kind === "splice" && !seen.has(at)) {
    seen.add(at);
    const next = conductorsAt(netlist, at).filter((c) => c.id !== current.id);
    if (next.length !== 1) return at;
    current = itemAt(next, 0);
    at = farEnd(current, at);
  }
  return at;
}

function onContactor(netlist: Netlist, at: Terminal): boolean {
  return partById(netlist, partOf(at)).kind === "contactor" && !COIL.has(at.slice(at.lastIndexOf(".") + 1));
}
