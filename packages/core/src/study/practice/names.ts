import { type Netlist, type Terminal, terminal } from "../../network/index.ts";

/** Id of the compressor; empty where there is none. */
export function compressorOf({ parts }: Pick<Netlist, "parts">): string {
  return parts.find((p) => p.kind === "compressor")?.id ?? "";
}

/** A terminal of the compressor. */
export function compressorAt(netlist: Pick<Netlist, "parts">, name: "C" | "R" | "S"): Terminal {
  return terminal(compressorOf(netlist), name);
}

/** A terminal of the compressor’s run capacitor. */
export function runCapacitorAt({ parts }: Pick<Netlist, "parts">, name: "C" | "HERM"): Terminal {
  return terminal(parts.find((p) => p.kind === "run-capacitor")?.id ?? "", name);
}
