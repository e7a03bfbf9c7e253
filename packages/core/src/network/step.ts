import { assert } from "../quantity/index.ts";
import { type Conductor, type Netlist, partOf, type Terminal } from "./netlist.ts";

/** What changes a connection. */
export type WiringMove =
  /** The end at `at` comes off and is free. */
  | { readonly do: "lift"; readonly conductor: string; readonly at: Terminal }
  /** A free end goes onto `at`. */
  | { readonly do: "land"; readonly conductor: string; readonly at: Terminal }
  /** The end at `at` goes to `with`. */
  | { readonly do: "move"; readonly conductor: string; readonly at: Terminal; readonly with: Terminal }
  /** Cut near `at`: the piece that stays there keeps the name, the rest is called `with`. */
  | { readonly do: "cut"; readonly conductor: string; readonly at: Terminal; readonly with: string }
  /** Free ends of two conductors are joined at the splice `at`, which may hold others already. */
  | { readonly do: "splice"; readonly conductor: string; readonly at: Terminal; readonly with: string };

/** The netlist after one move; a move that is not possible is a programmer's error. */
export function applyMove(netlist: Netlist, move: WiringMove): Netlist {
  switch (move.do) {
    case "lift":
      return replaceEnd(netlist, move.conductor, move.at, null);
    case "land":
      return replaceEnd(netlist, move.conductor, null, move.at);
    case "move":
      return replaceEnd(netlist, move.conductor, move.at, move.with);
    case "cut": {
      const old = conductor(netlist, move.conductor);
      assert(!netlist.conductors.some((c) => c.id === move.with), `${move.with} is there already`);
      const far = old.ends[0] === move.at ? old.ends[1] : old.ends[0];
      const freed = replaceEnd(netlist, move.conductor, far, null, move.at);
      return { ...freed, conductors: [...freed.conductors, { ...old, id: move.with, ends: [null, far] }] };
    }
    case "splice": {
      const joint = netlist.parts.some((p) => p.id === partOf(move.at))
        ? netlist
        : { ...netlist, parts: [...netlist.parts, { id: partOf(move.at), kind: "splice" as const }] };
      const first = conductor(joint, move.with).ends.includes(move.at) ? joint : replaceEnd(joint, move.with, null, move.at);
      return replaceEnd(first, move.conductor, null, move.at);
    }
  }
}

function conductor(netlist: Netlist, id: string): Conductor {
  const found = netlist.conductors.find((c) => c.id === id);
  assert(found !== undefined, `no conductor ${id}`);
  return found;
}

/** One end changed from one terminal to another; `keep` says which end stays where both would do. */
function replaceEnd(netlist: Netlist, id: string, from: Terminal | null, to: Terminal | null, keep?: Terminal): Netlist {
  const old = conductor(netlist, id);
  const at = keep !== undefined ? (old.ends[0] === keep ? 1 : 0) : old.ends.indexOf(from);
  assert(at >= 0 && old.ends[at] === from, `${id} has no end at ${from ?? "nothing"}`);
  const ends: Conductor["ends"] = at === 0 ? [to, old.ends[1]] : [old.ends[0], to];
  return { ...netlist, conductors: netlist.conductors.map((c) => (c.id === id ? { ...c, ends } : c)) };
}
