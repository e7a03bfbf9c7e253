import type { AirConditioner, Wiring } from "@amp-saver/records";
import { wiringCommit } from "./commands.ts";
import type { Commit } from "./port.ts";

type Printed = Wiring["printed"][string];
const UNREAD: Printed = { volts: null, farad: null };

/** What is printed on a capacitor of a unit, or on a section of one, kept under its name in the circuit. */
export function printedCommit(unit: AirConditioner, id: string, printed: Partial<Printed>): Commit {
  return wiringCommit(unit, {}, `printed ${id}`, { printed: { [id]: printed } }, { printed: { [id]: UNREAD } });
}
