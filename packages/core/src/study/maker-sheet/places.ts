import { type Netlist, type PartKind, partOf, type Terminal, terminal, terminalsOf } from "../../network/index.ts";
import { AID_PLACES, isAidPlace, type SheetPlace } from "./step.ts";

/** Terminals of this unit that a place of a sheet may mean; empty where the unit has none. */
export type PlacesHere = (place: SheetPlace) => readonly Terminal[];

/** Where the places of a sheet are on a unit; `can` is the run capacitor of its compressor. */
export function placesHere(netlist: Netlist, can: string): PlacesHere {
  const all = netlist.parts.flatMap((part) => terminalsOf(part, netlist));
  const of = (kind: PartKind): readonly Terminal[] =>
    netlist.parts.filter((part) => part.kind === kind).flatMap((part) => terminalsOf(part, netlist));
  const named = (kind: PartKind, ...names: readonly string[]): readonly Terminal[] =>
    of(kind).filter((t) => names.some((name) => t === terminal(partOf(t), name)));
  return (place) => {
    if (isAidPlace(place)) return of(AID_PLACES[place]);
    switch (place) {
      case "cap-c":
        return [terminal(can, "C")];
      case "cap-herm":
        return [terminal(can, "HERM")];
      case "cap-fan": {
        const own = all.filter((t) => t === terminal(can, "FAN"));
        return own.length > 0 ? own : named("fan-capacitor", "FAN");
      }
      case "compressor-c":
        return named("compressor", "C");
      case "compressor-r":
        return named("compressor", "R");
      case "compressor-s":
        return named("compressor", "S");
      case "contactor-l1":
        return named("contactor", "L1");
      case "contactor-t1":
        return named("contactor", "T1");
      case "contactor-l2":
        return named("contactor", "L2");
      case "contactor-t2":
        return named("contactor", "T2");
      case "contactor-coil":
        return named("contactor", "A1", "A2");
      case "board":
        return [...of("relay"), ...of("through").filter((t) => /board|freeze/.test(partOf(t)))];
      case "overload":
        return of("through").filter((t) => /overload/.test(partOf(t)));
      case "plug":
        return of("through").filter((t) => /plug/.test(partOf(t)));
      case "fan":
        return of("fan-motor");
    }
  };
}
