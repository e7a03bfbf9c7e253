import {
  allTerminals,
  type Conductor,
  closedCircuit,
  conductorsAt,
  farEnd,
  isAid,
  type Joined,
  joinedBy,
  type Netlist,
  netsOf,
  type Part,
  partById,
  partOf,
  type Terminal,
  terminal,
  terminalsOf,
  wires,
} from "../../network/index.ts";
import { fail, itemAt, ok, type Result } from "../../quantity/index.ts";

/** Why no plan is made. Never a guess. */
export const BLOCK_REASONS = [
  "starter-present",
  "ohms-contradict",
  "no-compressor",
  "several-compressors",
  "no-run-conductor",
  "no-start-conductor",
  "no-common-conductor",
  "pins-joined",
  "no-run-capacitor",
  "capacitor-not-understood",
  "aid-not-isolated",
  "no-contactor",
  "no-contactor-link",
  "link-not-understood",
] as const;
export type BlockReason = (typeof BLOCK_REASONS)[number];

/** What is where in the circuit as found. */
export interface Circuit {
  readonly pins: { readonly c: Terminal; readonly r: Terminal; readonly s: Terminal };
  readonly can: { readonly c: Terminal; readonly herm: Terminal };
  readonly aids: readonly Part[];
}

/** Finds pins, run capacitor and start aids, and refuses what it does not understand; `where` names the terminal or part. */
export function understand(netlist: Netlist): Result<Circuit, BlockReason> {
  if (netlist.parts.some((p) => p.kind === "starter")) return fail("starter-present", "starter");
  const [compressor, second] = netlist.parts.filter((p) => p.kind === "compressor");
  if (compressor === undefined) return fail("no-compressor", "compressor");
  if (second !== undefined) return fail("several-compressors", second.id);
  const pin = (name: string): Terminal => terminal(compressor.id, name);
  const pins = { c: pin("C"), r: pin("R"), s: pin("S") };
  if (wiresAt(netlist, pins.r).length === 0) return fail("no-run-conductor", pins.r);
  if (wiresAt(netlist, pins.s).length === 0) return fail("no-start-conductor", pins.s);
  if (wiresAt(netlist, pins.c).length === 0) return fail("no-common-conductor", pins.c);
  const nets = netsOf(netlist);
  const through = throughJoined(netlist);
  for (const [a, b] of [
    [pins.r, pins.s],
    [pins.r, pins.c],
    [pins.s, pins.c],
  ] as const)
    if (through.same(a, b)) return fail("pins-joined", `${a} ${b}`);
  const cans = netlist.parts.filter((p) => p.kind === "run-capacitor");
  if (cans.length === 0) return fail("no-run-capacitor", "run-capacitor");
  const fitting = cans.filter((p) => through.same(terminal(p.id, "C"), pins.r) && nets.same(terminal(p.id, "HERM"), pins.s));
  const [can] = fitting;
  if (can === undefined || fitting.length > 1) return fail("capacitor-not-understood", (can ?? itemAt(cans, 0)).id);
  const circuit = { pins, can: { c: terminal(can.id, "C"), herm: terminal(can.id, "HERM") } };
  const aids = netlist.parts.filter((p) => isAid(p.kind));
  const stuck = aids.find((aid) => !isolable(netlist, aid, circuit, nets, through));
  return stuck === undefined ? ok({ ...circuit, aids }) : fail("aid-not-isolated", stuck.id);
}

/** Conductors that lead from a terminal to another one. */
export function wiresAt(netlist: Netlist, at: Terminal): readonly Conductor[] {
  return conductorsAt(netlist, at).filter((c) => farEnd(c, at) !== null);
}

/** Joined by conductors and by what they pass through, contacts left open. */
function throughJoined(netlist: Netlist): Joined {
  const passing = netlist.parts.filter((p) => p.kind === "through").map((p) => [terminal(p.id, "A"), terminal(p.id, "B")] as const);
  return joinedBy(allTerminals(netlist), [...wires(netlist), ...passing]);
}

/** An aid comes off cleanly where every net it touches is the run's, the start's or common's: anything else may live on it. */
function isolable(netlist: Netlist, aid: Part, { pins }: Pick<Circuit, "pins">, nets: Joined, through: Joined): boolean {
  return terminalsOf(aid, netlist).every((t) => {
    const others = nets.with(t).filter((m) => {
      const { kind } = partById(netlist, partOf(m));
      return !isAid(kind) && kind !== "splice";
    });
    return (
      others.length === 0 ||
      [pins.r, pins.s, pins.c].some((p) => through.same(itemAt(others, 0), p)) ||
      fedBySupply(netlist, itemAt(others, 0), pins.c)
    );
  });
}

/** On the way from the supply to the compressor's common, contacts closed. */
function fedBySupply(netlist: Netlist, at: Terminal, common: Terminal): boolean {
  return closedCircuit(netlist).same(at, common);
}
