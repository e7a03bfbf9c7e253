import {
  allTerminals,
  closedCircuit,
  type Family,
  isAid,
  type Joined,
  joinedBy,
  type Netlist,
  netsOf,
  type Part,
  partById,
  partOf,
  STARTER,
  type Terminal,
  terminal,
  terminalsOf,
  wires,
} from "../../network/index.ts";

/** The wiring as built, with what every rule asks of it. */
export interface Built {
  readonly netlist: Netlist;
  readonly family: Family;
  /** Joined by conductors and splices alone. */
  readonly nets: Joined;
  /** Joined also through plugs, overloads and bridged poles. */
  readonly through: Joined;
  /** Joined with every contact closed and the starter conducting. */
  readonly closed: Joined;
  /** Joined with every contact open, the starter conducting. */
  readonly open: Joined;
  readonly pins: { readonly c: Terminal; readonly r: Terminal; readonly s: Terminal; readonly g: Terminal };
  readonly can: { readonly c: Terminal; readonly herm: Terminal } | null;
  readonly lead: (name: string) => Terminal;
  /** Members of a terminal's net that are neither splices nor parts of start aids, itself left out. */
  readonly others: (of: Terminal) => readonly Terminal[];
}

/** Reads a netlist with a starter and a compressor; null where one of them is missing. */
export function built(netlist: Netlist): Built | null {
  const starter = netlist.parts.find((p) => p.kind === "starter");
  const compressor = netlist.parts.find((p) => p.kind === "compressor");
  if (starter === undefined || compressor === undefined) return null;
  const nets = netsOf(netlist);
  const terminals = allTerminals(netlist);
  const bridges = netlist.parts.flatMap(bridgesOf);
  const pin = (name: string): Terminal => terminal(compressor.id, name);
  const pins = { c: pin("C"), r: pin("R"), s: pin("S"), g: pin("G") };
  const kind = (t: Terminal) => partById(netlist, partOf(t)).kind;
  return {
    netlist,
    family: starter.family ?? "F4",
    nets,
    through: joinedBy(terminals, [...wires(netlist), ...bridges]),
    closed: closedCircuit(netlist),
    open: joinedBy(terminals, [...wires(netlist), ...bridges, ...starterPasses(netlist)]),
    pins,
    can: mainCan(netlist, nets, pins),
    lead: (name) => terminal(starter.id, name),
    others: (of) => nets.with(of).filter((t) => t !== of && kind(t) !== "splice" && !isAid(kind(t))),
  };
}

/** What joins whether or not there is a call for cooling. */
function bridgesOf(part: Part): readonly (readonly [Terminal, Terminal])[] {
  if (part.kind === "through") return [[terminal(part.id, "A"), terminal(part.id, "B")]];
  if (part.kind !== "contactor" || part.poles !== 1 || part.unbroken === undefined) return [];
  const [line = "", load = ""] = part.unbroken.split("-");
  return [[terminal(part.id, line), terminal(part.id, load)]];
}

function starterPasses(netlist: Netlist): readonly (readonly [Terminal, Terminal])[] {
  const alone = { parts: netlist.parts.filter((p) => p.kind === "starter"), conductors: [] };
  const closed = closedCircuit(alone);
  const own = allTerminals(alone);
  return own.flatMap((a, i) => own.slice(i + 1).flatMap((b) => (closed.same(a, b) ? [[a, b] as const] : [])));
}

/** The run capacitor of the compressor: the one nearest to where it belongs. */
function mainCan(netlist: Netlist, nets: Joined, pins: { readonly r: Terminal; readonly s: Terminal }): Built["can"] {
  const cans = netlist.parts.filter((p) => p.kind === "run-capacitor");
  const near = (p: Part): number =>
    [pins.s, terminal(STARTER, "START")].filter((t) => nets.same(terminal(p.id, "HERM"), t)).length +
    terminalsOf(p, netlist).filter((t) => nets.same(t, pins.r)).length / 2;
  const can = cans.toSorted((a, b) => near(b) - near(a))[0];
  return can === undefined ? null : { c: terminal(can.id, "C"), herm: terminal(can.id, "HERM") };
}
