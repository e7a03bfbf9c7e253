import type { Family } from "../../network/index.ts";
import type { PlanOptions } from "../wiring-plan/index.ts";
import { type AsFoundSwitches, PLAIN_CONDENSER, PLAIN_ROOFTOP } from "./switches.ts";

/** A way a unit is found wired, and how a starter then usually goes in. */
export interface StartingPoint {
  readonly id: string;
  readonly switches: AsFoundSwitches;
  readonly family: Family;
  readonly options: Omit<PlanOptions, "family">;
}

const rooftop = (id: string, change: Partial<AsFoundSwitches>, family: Family = "F4", options: StartingPoint["options"] = {}) => ({
  id,
  switches: { ...PLAIN_ROOFTOP, ...change },
  family,
  options,
});
const condenser = (id: string, change: Partial<AsFoundSwitches>, family: Family = "F4", options: StartingPoint["options"] = {}) => ({
  id,
  switches: { ...PLAIN_CONDENSER, ...change },
  family,
  options,
});

/** Wirings met in the field, by function; common practice, no source. */
export const STARTING_POINTS: readonly StartingPoint[] = [
  rooftop("rooftop-freeze-board", { freeze: true, heatPump: true }, "F4", { tap: "splice" }),
  condenser("condenser-two-pole", {}),
  rooftop("rooftop-ptc", { aid: "start-capacitor-ptc" }, "F4", { tap: "splice" }),
  rooftop("rooftop-common-joint", { aid: "start-capacitor", commonJoint: true }, "F5", { common: "cut" }),
  rooftop("rooftop-two-boxes", { control: "board", secondBox: true, lookAlike: true }),
  rooftop("rooftop-hard-start", { aid: "hard-start" }),
  condenser("condenser-one-pole-module", { poles: 1, unbroken: "L1-T1" }, "FM"),
  rooftop("rooftop-overload", { overload: true, aid: "start-capacitor", freeHerm: 0 }, "F4", { tap: "splice" }),
  condenser("condenser-run-cut", {}, "F4", { run: "cut" }),
  rooftop("rooftop-common-cut", {}, "F5", { common: "cut" }),
  rooftop("rooftop-circuit-board", { control: "board", runAt: "board", sealed: true, aid: "start-capacitor-ptc", freeC: 0, freeHerm: 0 }),
  rooftop("rooftop-look-alike", { lookAlike: true, aid: "start-capacitor-ptc" }, "F4", { tap: "splice" }),
  rooftop("rooftop-common-plug", { plug: true }, "F4", { tap: "splice" }),
  condenser("condenser-hard-start", { aid: "hard-start" }),
  rooftop("rooftop-control-board", { control: "board", aid: "start-capacitor-ptc" }),
  rooftop("rooftop-heavier-run", { lookAlike: true, aid: "start-capacitor" }, "F4", { tap: "splice" }),
  rooftop("rooftop-at-the-pin", { aid: "start-capacitor" }, "F5", { common: "pin" }),
  rooftop("rooftop-aid-junction", { aid: "start-capacitor", aidJunction: true, freeC: 2 }, "F4", { tap: "splice" }),
  condenser("condenser-separate-capacitors", { fan: "separate", poles: 1, unbroken: "L1-T1", heater: true }),
  rooftop("rooftop-boot", { boot: true }, "F5"),
];
