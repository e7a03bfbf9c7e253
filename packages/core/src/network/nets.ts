import { allTerminals, type Netlist, nameOn, partOf, type Terminal } from "./netlist.ts";

/** Which terminals are joined. */
export interface Joined {
  /** Whether two terminals are joined. */
  readonly same: (a: Terminal, b: Terminal) => boolean;
  /** Every terminal joined with one, itself included. */
  readonly with: (a: Terminal) => readonly Terminal[];
}

/** Joins of terminals by pairs, transitively. */
export function joinedBy(terminals: readonly Terminal[], pairs: Iterable<readonly [Terminal, Terminal]>): Joined {
  const up = new Map<Terminal, Terminal>(terminals.map((t) => [t, t]));
  const find = (t: Terminal): Terminal => {
    let root = t;
    for (let next = up.get(root); next !== undefined && next !== root; next = up.get(root)) root = next;
    return root;
  };
  for (const [a, b] of pairs) up.set(find(a), find(b));
  return {
    same: (a, b) => find(a) === find(b),
    with: (a) => {
      const root = find(a);
      return terminals.filter((t) => find(t) === root);
    },
  };
}

/** Pairs of terminals that a netlist's conductors join. */
export function wires({ conductors }: Netlist): readonly (readonly [Terminal, Terminal])[] {
  return conductors.flatMap(({ ends: [a, b] }) => (a === null || b === null ? [] : [[a, b] as const]));
}

/** What conductors and splices alone join: nothing passes through a part. */
export function netsOf(netlist: Netlist): Joined {
  return joinedBy(allTerminals(netlist), wires(netlist));
}

/** Sets of joined terminals, each sorted and all sorted; splices and the terminals of `without` left out, lone ones listed. */
export function listNets(netlist: Netlist, without: ReadonlySet<string> = new Set()): readonly (readonly Terminal[])[] {
  const splices = new Set(netlist.parts.filter((p) => p.kind === "splice").map((p) => p.id));
  const terminals = allTerminals(netlist);
  const nets = joinedBy(terminals, wires(netlist));
  const seen = new Set<Terminal>();
  const listed: Terminal[][] = [];
  for (const t of terminals) {
    if (seen.has(t)) continue;
    const net = nets.with(t);
    for (const member of net) seen.add(member);
    const shown = net.filter((m) => !(splices.has(partOf(m)) && nameOn(m) === "J") && !without.has(partOf(m)));
    if (shown.length > 0) listed.push(shown.toSorted(byName));
  }
  return listed.toSorted((a, b) => byName(a.join(" "), b.join(" ")));
}

/** Order of names by their characters, the same on every machine. */
function byName(a: string, b: string): number {
  return a < b ? -1 : a > b ? 1 : 0;
}
