import { canonical } from "@amp-saver/core/quantity";
import { isHighVolts } from "@amp-saver/core/reference";
import {
  COLORED,
  CONTROLS,
  FAN_CAPACITORS,
  FOUND_AIDS,
  PLAIN_CONDENSER,
  PLAIN_ROOFTOP,
  RUN_PLACES,
  STARTING_POINTS,
  UNBROKEN_POLES,
} from "@amp-saver/core/study/as-found";
import { AID_WAYS, COMMON_WAYS, JUMPER, RUN_WAYS, TAP_WAYS } from "@amp-saver/core/study/wiring-plan";
import { JOINTS, type Wiring } from "@amp-saver/records";

/** What each switch may be set to. */
export const SWITCH_OPTIONS = {
  control: CONTROLS,
  unbroken: UNBROKEN_POLES,
  runAt: RUN_PLACES,
  aid: FOUND_AIDS,
  fan: FAN_CAPACITORS,
  colors: COLORED,
} as const;
export const WAY_OPTIONS = { run: RUN_WAYS, common: COMMON_WAYS, tap: TAP_WAYS, aid: AID_WAYS, joint: JOINTS } as const;

/** Gauge of the jumper that a far box needs, AWG. */
export const JUMPER_AWG = JUMPER.awg;

/** Ways of a plan that a wiring met in the field settles. */
const PLANNED = ["run", "common", "tap", "aid"] as const;

/** Names of the wirings one may begin from. */
export const STARTING_POINT_IDS: readonly string[] = STARTING_POINTS.map((p) => p.id);

/** The record's fields when one begins from a wiring met in the field; the plain one of the unit's volts for none. */
export function beginFrom(id: string, volts: number): Partial<Wiring> {
  const point = STARTING_POINTS.find((p) => p.id === id);
  const plain = isHighVolts(volts) ? PLAIN_CONDENSER : PLAIN_ROOFTOP;
  return {
    switches: point?.switches ?? plain,
    family: point?.family ?? "F4",
    run: point?.options.run ?? null,
    common: point?.options.common ?? null,
    tap: point?.options.tap ?? null,
    aid: point?.options.aid ?? null,
    jumper: point?.options.jumper ?? null,
    own: {},
    leads: {},
    corrected: null,
    built: null,
  };
}

/** The wiring met in the field that a unit’s is: of two that look alike the one that is planned so; null for none of them. */
export function startingPointOf(wiring: Pick<Wiring, "switches" | "family" | (typeof PLANNED)[number]>): string | null {
  const alike = STARTING_POINTS.filter((p) => canonical(p.switches) === canonical(wiring.switches));
  const planned = alike.find((p) => p.family === wiring.family && PLANNED.every((way) => (p.options[way] ?? null) === wiring[way]));
  return (planned ?? alike[0])?.id ?? null;
}
