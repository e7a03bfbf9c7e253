import {
  allTerminals,
  type Conductor,
  farEnd,
  inReach,
  isAid,
  joinedBy,
  type Netlist,
  netsOf,
  type PartKind,
  partById,
  partOf,
  type Terminal,
  wires,
} from "../../network/index.ts";
import { itemAt, present } from "../../quantity/index.ts";
import type { PlanOptions } from "./options.ts";
import type { Circuit } from "./understand.ts";
import type { Work } from "./work.ts";

/** A wire from a start aid's terminal to something else. */
interface Leaving {
  readonly wire: Conductor;
  readonly at: Terminal;
  readonly to: Terminal;
}

/**
 * Takes every start aid out of the circuit; whatever shared its terminals stays joined. Where the run capacitor is out of
 * reach, one wire that led from its HERM to an aid is left free for START to be joined to; gives its id, or null.
 */
export function retireAids(work: Work, { aids, can }: Circuit, way: PlanOptions["aid"]): string | null {
  const herm = inReach(work.netlist, can.herm) ? null : can.herm;
  let spare: string | null = null;
  for (const cluster of clusters(work.netlist)) spare = loosen(work, cluster, spare === null ? herm : null) ?? spare;
  for (const aid of aids) work.note("retire", way === "remove" ? "aid-removed" : "aid-retired", { with: aid.id });
  return spare;
}

/** Aid terminals that wires among aids join. */
function clusters(netlist: Netlist): readonly (readonly Terminal[])[] {
  const own = allTerminals(netlist).filter((t) => onAid(netlist, t));
  const among = wires(netlist).filter(([a, b]) => onAid(netlist, a) && onAid(netlist, b));
  const joined = joinedBy(own, among);
  return own.filter((t) => joined.with(t)[0] === t).map((t) => joined.with(t));
}

function loosen(work: Work, cluster: readonly Terminal[], herm: Terminal | null): string | null {
  const leaving = cluster.flatMap((at) =>
    work.netlist.conductors.flatMap((wire): Leaving[] => {
      const to = wire.ends.includes(at) ? farEnd(wire, at) : null;
      return to === null || onAid(work.netlist, to) ? [] : [{ wire, at, to }];
    }),
  );
  const groups = apart(work.netlist, leaving);
  const keep =
    groups.length < 2
      ? []
      : groups.map((group) =>
          itemAt(
            group.toSorted((x, y) => hold(work.netlist, y.to) - hold(work.netlist, x.to)),
            0,
          ),
        );
  const anchor = keep.toSorted((x, y) => hold(work.netlist, y.to) - hold(work.netlist, x.to))[0];
  // What belongs to a capacitor out of reach is joined to its wire, not moved elsewhere.
  const held = anchor !== undefined && hold(work.netlist, anchor.to) > 0 && keep.every(({ to }) => inReach(work.netlist, to));
  const staying = held ? keep.filter((k) => k !== anchor) : keep;
  const off = leaving.filter((one) => !staying.includes(one));
  const spare = off.find(({ to }) => to === herm) ?? null;
  for (const one of off) if (one !== spare) takeOff(work, one);
  if (spare !== null) work.free(spare.wire.id, spare.at, "aid-off");
  if (held) {
    for (const { wire, at } of staying) work.move(wire.id, at, anchor.to, "orphan-kept");
    return spare?.wire.id ?? null;
  }
  for (const { wire, at } of staying) work.free(wire.id, at, "orphan-kept");
  if (staying.length > 1)
    work.join(
      staying.map((s) => s.wire.id),
      "orphan-kept",
    );
  return spare?.wire.id ?? null;
}

/** Frees a wire that only served the aid: at its far end, or at the aid where that end is a pin or a splice. */
function takeOff(work: Work, { wire, at, to }: Leaving): void {
  work.put(wire.id, hold(work.netlist, to) > 0 ? to : at, "aid-off");
}

const HOLDS: Partial<Record<PartKind, number>> = {
  "run-capacitor": 4,
  "fan-capacitor": 3,
  contactor: 3,
  supply: 2,
  relay: 1,
  through: 1,
  control: 1,
  heater: 1,
};

/** How well a wire may be moved onto a terminal; 0 where none should be: a pin, a motor lead, a splice, what is out of reach. */
function hold(netlist: Netlist, at: Terminal): number {
  return inReach(netlist, at) ? (HOLDS[partById(netlist, partOf(at)).kind] ?? 0) : 0;
}

function onAid(netlist: Netlist, at: Terminal): boolean {
  return isAid(partById(netlist, partOf(at)).kind);
}

/** The wires grouped by what they lead to, the aid's terminals taken as gone. */
function apart(netlist: Netlist, leaving: readonly Leaving[]): readonly (readonly Leaving[])[] {
  const gone = new Set(leaving.map((l) => l.wire.id));
  const nets = netsOf({ ...netlist, conductors: netlist.conductors.filter((c) => !gone.has(c.id)) });
  const groups: Leaving[][] = [];
  for (const one of leaving) {
    const group = groups.find(([first]) => nets.same(present(first).to, one.to));
    if (group === undefined) groups.push([one]);
    else group.push(one);
  }
  return groups;
}
