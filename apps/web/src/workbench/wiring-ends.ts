import type { PlanView } from "./wiring.ts";

const NEWTON_PER_POUND = 4.448;

/** Every end to be made with what it must hold, in both units. */
export function endRows({ ends }: PlanView) {
  return ends.map((end) => ({
    end,
    pull: end.pullN === null ? null : { newton: end.pullN, pounds: Math.round(end.pullN / NEWTON_PER_POUND) },
  }));
}
