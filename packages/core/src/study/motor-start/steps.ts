import type { MotorStartInput } from "./input.ts";

/** A step over the fastest of a circuit's own time constants that the integrator still follows (fourth order: below 2.8). */
const REACH = 1.9;
/** How many times finer than usual a start may be followed; beyond, its figures cannot belong together. */
const MOST_TIMES = 24;

type Circuit = Pick<MotorStartInput, "motor" | "source" | "runCapacitorF" | "method">;

/** Most ohms that a PTC and its capacitor put beside the run capacitor while it heats, as one branch at line frequency. */
function aidOhm({ method, runCapacitorF, motor }: Circuit): number {
  const aid = method.kind === "as-found" || method.kind === "hard" ? method.aid : null;
  if (aid?.kind !== "ptc") return 0;
  const reactance = (farad: number): number => 1 / (2 * Math.PI * motor.hz * farad);
  const run = reactance(runCapacitorF);
  return (run * run) / (2 * (run + reactance(aid.startCapacitorF)));
}

/**
 * Fastest rate of the windings on their source, 1/s: resistance over leakage of either winding, the other's
 * line in between, and the capacitor's swing with the start winding.
 */
function fastestRate(circuit: Circuit): number {
  const { motor, source, runCapacitorF } = circuit;
  const { r1, x1, r2, x2, ra, xa, turnsRatio: a, hz } = motor;
  const w = 2 * Math.PI * hz;
  const { seriesOhm, seriesH } = source;
  const main = (x1 + x2) / w + seriesH;
  const auxiliary = (xa + a * a * x2) / w + seriesH;
  const between = seriesOhm * (1 / main + 1 / auxiliary);
  const swing = 1 / Math.sqrt(auxiliary * runCapacitorF);
  return Math.max((r1 + r2) / main + between, Math.hypot((ra + a * a * r2 + aidOhm(circuit)) / auxiliary + between, swing));
}

function timesFiner(input: Circuit, steps: number): number {
  const stepS = 0.5 / input.motor.hz / steps;
  return Math.max(1, Math.ceil((fastestRate(input) * stepS) / REACH));
}

/** Steps of a half cycle in which a start is followed: as many as usual, more where its circuit is stiff. */
export function stepsFor(input: Circuit, usual: number): number {
  return usual * timesFiner(input, usual);
}

/** Whether a start can be followed at all; figures that contradict each other by a factor cannot. */
export function isComputable(input: Circuit, usual: number): boolean {
  const times = timesFiner(input, usual);
  return Number.isFinite(times) && times <= MOST_TIMES;
}
