import type { Beside } from "../confidence/index.ts";
import { streamOf } from "../motor-start/index.ts";
import type { Leg } from "../power-budget/index.ts";
import type { TogetherLoad } from "./case.ts";
import { TOGETHER_PARAMS } from "./params.ts";

/** Legs that something lies on. */
const legsOf = (leg: Leg): readonly (1 | 2)[] => (leg === "both" ? [1, 2] : [leg]);

/** Amps of some loads on one leg. */
export function legAmps(loads: readonly TogetherLoad[], leg: 1 | 2): number {
  return loads.filter((l) => l.leg === "both" || l.leg === leg).reduce((sum, l) => sum + l.runA, 0);
}

/** Amps of some loads on the leg of a unit that has most of them. */
export function mostAmps(loads: readonly TogetherLoad[], leg: Leg): number {
  return Math.max(...legsOf(leg).map((one) => legAmps(loads, one)));
}

/** What is on beside a unit in each try: loads that come on by themselves are drawn at its start, and all on once it runs. */
export function besideStart(loads: readonly TogetherLoad[], leg: Leg, seed: number): Beside {
  const isOn = (load: TogetherLoad, member: number): boolean =>
    load.byItself !== true ||
    streamOf({ kind: "drawn", seed, member, attempt: 0 }, `on ${load.id}`).next() < TOGETHER_PARAMS.byItselfShare.value;
  return {
    atStartA: (i) =>
      mostAmps(
        loads.filter((load) => isOn(load, i)),
        leg,
      ),
    runningA: mostAmps(loads, leg),
  };
}
