import fc from "fast-check";
import { type Conductor, isAid, type Netlist, netsOf, type Part } from "../src/network/index.ts";
import {
  type AsFoundSwitches,
  buildAsFound,
  CONTROLS,
  FAN_CAPACITORS,
  FOUND_AIDS,
  PLAIN_CONDENSER,
  PLAIN_ROOFTOP,
  UNBROKEN_POLES,
} from "../src/study/as-found/index.ts";

const yes = fc.boolean();

/** Any answers to the switches. */
const switches: fc.Arbitrary<AsFoundSwitches> = fc
  .record({
    rooftop: yes,
    control: fc.constantFrom(...CONTROLS),
    poles: fc.constantFrom(1 as const, 2 as const),
    unbroken: fc.constantFrom(...UNBROKEN_POLES),
    overload: yes,
    freeze: yes,
    plug: yes,
    commonJoint: yes,
    runAt: fc.constantFrom("can" as const, "contactor" as const, "board" as const),
    aid: fc.constantFrom(...FOUND_AIDS),
    aidJunction: yes,
    fan: fc.constantFrom(...FAN_CAPACITORS),
    heater: yes,
    heatPump: yes,
    secondBox: yes,
    lookAlike: yes,
    freeC: fc.nat(2),
    freeHerm: fc.nat(2),
    sealed: yes,
  })
  .map(({ rooftop, ...rest }) => ({ ...(rooftop ? PLAIN_ROOFTOP : PLAIN_CONDENSER), ...rest }));

/** One change of how a net is laid, not of what it joins. */
type Twist = { readonly kind: "splice" | "rehang" | "loose"; readonly pick: number; readonly to: number };
const twists: fc.Arbitrary<readonly Twist[]> = fc.array(
  fc.record({ kind: fc.constantFrom("splice" as const, "rehang" as const, "loose" as const), pick: fc.nat(), to: fc.nat() }),
  { maxLength: 6 },
);

function twist(netlist: Netlist, { kind, pick, to }: Twist, n: number): Netlist {
  const at = pick % netlist.conductors.length;
  const wire = netlist.conductors[at]!;
  const [a, b] = wire.ends;
  if (a === null || b === null) return netlist;
  if (kind === "splice") {
    const part: Part = { id: `butt${n}`, kind: "splice" };
    const halves: Conductor[] = [
      { ...wire, ends: [a, `butt${n}.J`] },
      { ...wire, id: `${wire.id}-b${n}`, ends: [`butt${n}.J`, b] },
    ];
    return { parts: [...netlist.parts, part], conductors: netlist.conductors.toSpliced(at, 1, ...halves) };
  }
  if (kind === "loose") return { ...netlist, conductors: [...netlist.conductors, { ...wire, id: `loose${n}`, ends: [a, null] }] };
  const rest = netsOf({ ...netlist, conductors: netlist.conductors.toSpliced(at, 1) });
  const places = rest.with(b).filter((t) => t !== b && t !== a && !/^(comp|fan)\./.test(t));
  const place = places[to % Math.max(1, places.length)];
  return place === undefined ? netlist : { ...netlist, conductors: netlist.conductors.with(at, { ...wire, ends: [a, place] }) };
}

/** A circuit as found: the switches' own, twisted. */
export const circuits: fc.Arbitrary<Netlist> = fc.tuple(switches, twists).map(([s, changes]) => changes.reduce(twist, buildAsFound(s)));

/** Ids of the start aids of a circuit. */
export function aidsOf(netlist: Netlist): readonly string[] {
  return netlist.parts.filter((p) => isAid(p.kind)).map((p) => p.id);
}
