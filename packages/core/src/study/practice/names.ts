import { type Netlist, type Terminal, terminal, terminalsOf } from "../../network/index.ts";
import { DEAD_PAIRS } from "../isolation/index.ts";

/** Id of the compressor; empty where there is none. */
export function compressorOf({ parts }: Pick<Netlist, "parts">): string {
  return parts.find((p) => p.kind === "compressor")?.id ?? "";
}

/** A terminal of the compressor. */
export function compressorAt(netlist: Pick<Netlist, "parts">, name: "C" | "R" | "S"): Terminal {
  return terminal(compressorOf(netlist), name);
}

/** The conductor on compressor common; undefined where there is none. */
export function commonOf({ netlist }: { readonly netlist: Netlist }): string | undefined {
  return netlist.conductors.find((c) => c.ends.includes(compressorAt(netlist, "C")))?.id;
}

/** A terminal of the compressor’s run capacitor. */
export function runCapacitorAt({ parts }: Pick<Netlist, "parts">, name: "C" | "HERM"): Terminal {
  return terminal(parts.find((p) => p.kind === "run-capacitor")?.id ?? "", name);
}

/** Pairs of the supply’s terminals that are measured before it is dead. */
export function supplyPairs(netlist: Netlist): readonly (readonly [Terminal, Terminal])[] {
  const supply = netlist.parts.find((p) => p.kind === "supply");
  if (supply === undefined) return [];
  const two = terminalsOf(supply, netlist).includes(terminal(supply.id, "L1"));
  return DEAD_PAIRS[two ? 240 : 120].map((pair) => {
    const [a = "", b = ""] = pair.split("-");
    return [terminal(supply.id, a), terminal(supply.id, b)] as const;
  });
}
