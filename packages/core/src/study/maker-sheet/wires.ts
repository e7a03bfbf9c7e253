import {
  allTerminals,
  type Conductor,
  conductorsAt,
  joinedBy,
  type Netlist,
  partById,
  partOf,
  STARTER,
  type Terminal,
  terminal,
  wires,
} from "../../network/index.ts";
import { sameColor } from "./color.ts";
import type { PlacesHere } from "./places.ts";
import type { SheetWire } from "./step.ts";

/** Whether a conductor came with the starter: a lead of its own, or what lengthens one. */
export const isStarters = (id: string): boolean => /^(?:starter|jumper)\./.test(id);

/** The wire a piece was cut from. */
export const wholeOf = (id: string): string => id.replace(/\/\d+$/, "");

/** The starter's lead or terminal that a sheet means by its name or by its color; null where it has none such. */
export function starterEnd({ lead, color }: SheetWire, begun: Netlist): Terminal | null {
  if (lead !== null) return terminal(STARTER, lead);
  if (color === null) return null;
  const found = begun.conductors.filter((c) => c.id.startsWith(`${STARTER}.`) && sameColor(c.color, color));
  return found.length === 1 ? (found[0]?.id ?? null) : null;
}

/** Factory wires that a sheet may mean: by color, by the place they come off, by where they lead as found. */
export function factoryWires(
  wire: SheetWire,
  near: readonly Terminal[] | null,
  asFound: Netlist,
  places: PlacesHere,
): readonly Conductor[] {
  const pool = near === null ? asFound.conductors : near.flatMap((at) => conductorsAt(asFound, at));
  const toward = wire.toward === null ? null : places(wire.toward);
  return [...new Set(pool)].filter((c) => {
    if (wire.color !== null && !sameColor(c.color, wire.color)) return false;
    return toward === null || leadsTo(c, near ?? [], toward, asFound);
  });
}

/** Whether a wire ends at one of some terminals away from `near`, or leads there through what it merely passes. */
function leadsTo(wire: Conductor, near: readonly Terminal[], toward: readonly Terminal[], netlist: Netlist): boolean {
  if (toward.some((t) => near.includes(t))) return true;
  const away = wire.ends.filter((e): e is Terminal => e !== null && !near.includes(e));
  if (away.some((e) => toward.includes(e))) return true;
  const passing = netlist.parts.filter((p) => p.kind === "through").map((p) => [terminal(p.id, "A"), terminal(p.id, "B")] as const);
  const rest = { ...netlist, conductors: netlist.conductors.filter((c) => c.id !== wire.id) };
  const joined = joinedBy(allTerminals(netlist), [...wires(rest), ...passing]);
  const passed = away.filter((e) => ["through", "splice"].includes(partById(netlist, partOf(e)).kind));
  return passed.some((e) => toward.some((t) => joined.same(e, t)));
}
