import { SOFT_STARTER_PARAMS as P } from "./params.ts";

const RAD = Math.PI / 180;

/**
 * Antiparallel thyristors in the run winding's line, fired at an angle after each zero of the
 * source and gated on to the half cycle's end. Once a half cycle the angle moves so that the
 * compressor's line current over the half cycle stays at the limit.
 */
export class SoftStarterEquations {
  phase: "ramp" | "bypass" | "open" = "ramp";
  /** Firing angle, radians after the source's zero. */
  angle = P.firstAngleDeg.value * RAD;
  capacitorIn = true;
  private readonly limitA: number;
  private readonly synchronousRadS: number;
  private lastA = 0;

  constructor(limitA: number, synchronousRadS: number) {
    this.limitA = limitA;
    this.synchronousRadS = synchronousRadS;
  }

  /** Whether the gate is on at an angle (0 to π) after the source's latest zero. */
  gateOn(angle: number): boolean {
    return angle >= this.angle - 1e-9;
  }

  /** Notes the rotor's speed; true once, when the starter's own capacitor leaves. */
  capacitorLeavesAt(radS: number): boolean {
    if (!this.capacitorIn || radS < P.capacitorOutShare.value * this.synchronousRadS) return false;
    this.capacitorIn = false;
    return true;
  }

  /**
   * One move of the regulator at the end of a half cycle.
   * @param rmsA compressor line current over the half cycle
   * @param offShare share of the half cycle in which the run winding carried nothing
   */
  onHalfCycle(t: number, rmsA: number, offShare: number, radS: number): void {
    if (this.phase !== "ramp") return;
    const share = radS / this.synchronousRadS;
    if (share >= P.bypassShare.value && rmsA * stepUp(offShare) <= this.limitA * (1 + P.bypassStep.value)) {
      this.phase = "bypass";
      return;
    }
    if (t >= P.giveUpS.value && share < P.bypassShare.value) {
      this.phase = "open";
      return;
    }
    const error = (rmsA + P.damping.value * (rmsA - this.lastA) - this.limitA) / this.limitA;
    const move = Math.max(-P.openMaxDeg.value, Math.min(P.closeMaxDeg.value, P.gainDeg.value * error));
    this.angle = Math.max(0, Math.min(P.lastAngleDeg.value * RAD, this.angle + move * RAD));
    this.lastA = rmsA;
  }
}

/**
 * Growth of the line current expected when the thyristors are bridged, from the share of a half
 * cycle in which they carried nothing: RMS of a purely inductive current under phase control, which
 * grows fastest of all loads (textbook result; Mohan, Undeland, Robbins, Power Electronics, from memory).
 */
function stepUp(offShare: number): number {
  const angle = (Math.PI / 2) * (1 + Math.min(1, offShare));
  const share = (2 / Math.PI) * ((Math.PI - angle) * (2 + Math.cos(2 * angle)) + 1.5 * Math.sin(2 * angle));
  return share > 1e-9 ? 1 / Math.sqrt(share) : Number.POSITIVE_INFINITY;
}
