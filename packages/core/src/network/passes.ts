import { allTerminals, type Netlist, type Part, type Terminal, terminal } from "./netlist.ts";
import { type Joined, joinedBy, wires } from "./nets.ts";

/** Pairs of a part's own terminals that current passes between when everything that can close is closed. */
function passesOf(part: Part): readonly (readonly [Terminal, Terminal])[] {
  const pair = (a: string, b: string) => [terminal(part.id, a), terminal(part.id, b)] as const;
  switch (part.kind) {
    case "contactor":
      return [pair("L1", "T1"), pair("L2", "T2")];
    case "relay":
      return [pair("COM", "NO")];
    case "through":
      return [pair("A", "B")];
    case "starter":
      if (part.family === "FM") return [pair("LINE", "RUN"), pair("LINE", "CAP")];
      return part.family === "F5" ? [pair("FEED", "RUN-OUT"), pair("COM-FEED", "COM-OUT")] : [pair("FEED", "RUN-OUT")];
    default:
      return [];
  }
}

/** What is joined once every contact is closed and the starter conducts: loads and capacitors join nothing. */
export function closedCircuit(netlist: Netlist): Joined {
  return joinedBy(allTerminals(netlist), [...wires(netlist), ...netlist.parts.flatMap(passesOf)]);
}
