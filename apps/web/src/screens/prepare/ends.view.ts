import { keysOf } from "@amp-saver/core/quantity";
import { SPLICES } from "@amp-saver/core/reference";
import type { PlanView } from "./wiring.view.ts";

const NEWTON_PER_POUND = 4.448;

/** Every end to be made with what it must hold, in both units. */
export function endRows({ ends }: PlanView) {
  return ends.map((end) => ({
    end,
    pull: end.pullN === null ? null : { newton: end.pullN, pounds: Math.round(end.pullN / NEWTON_PER_POUND) },
  }));
}

/** Every kind of joint with what it is good for. */
export function spliceRows() {
  return keysOf(SPLICES).map((name) => ({ name, ...SPLICES[name] }));
}
