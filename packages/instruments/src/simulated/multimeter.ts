import type { SeededRandom } from "@amp-saver/core/numeric";
import { quantity, rowOf } from "@amp-saver/core/quantity";
import { prepare } from "@amp-saver/core/study/motor-start";
import type { DisplayOf, InstrumentCommand } from "../message.ts";
import type { Fault, Probes } from "./bench-message.ts";
import { BENCH_PARAMS as P } from "./params.ts";
import { spread } from "./spread.ts";
import type { UnitRun } from "./unit-run.ts";

/** What the probes may find on the supply. */
export interface SupplyNow {
  readonly powered: boolean;
  /** Line to neutral at the units, and neutral to ground by the current in the neutral. */
  readonly volts: number;
  readonly neutralV: number;
  readonly nowS: number;
}

const GAIN_SHARE = 0.25;
const DC_NOISE_V = 0.01;

type Range = DisplayOf<"multimeter">["range"];

/** A multimeter on a unit's pins, its supply or its capacitor. Ohms are only shown on a dead circuit. */
export class SimulatedMultimeter {
  range: Range = "volts-low-impedance";
  unit: UnitRun;
  between: Probes = "L-N";
  private readonly random: SeededRandom;

  /** What it shows over what is there: a tenth of a clamp's, as multimeters are better. */
  private readonly gain: number;

  constructor(unit: UnitRun, random: SeededRandom) {
    this.unit = unit;
    this.random = random;
    this.gain = 1 + GAIN_SHARE * P.gainShare.value * spread(random);
  }

  /** DC volts between the probes: a little of a live line, what is left on a capacitor, or the noise of nothing. */
  private dcVolts(powered: boolean, nowS: number): number {
    const noise = DC_NOISE_V * this.random.bell();
    if (this.onSupply()) return (powered ? P.residualV.value * this.random.next() : 0) + noise;
    return this.between === "can C-HERM" && !powered ? this.unit.leftV(nowS) + noise : noise;
  }

  command(command: InstrumentCommand): void {
    if (command.do === "range") this.range = command.range;
  }

  display({ powered, volts, neutralV, nowS }: SupplyNow, faults: ReadonlySet<Fault>): DisplayOf<"multimeter"> {
    const base = { kind: "multimeter" as const, range: this.range, beeps: false };
    switch (this.range) {
      case "ohm":
      case "continuity": {
        const ohms = powered ? null : this.ohms();
        const value = ohms === null ? null : Math.round((ohms + P.leadOhm.value + 0.02 * this.random.bell()) * 10) / 10;
        return { ...base, value, unit: "ohm", beeps: this.range === "continuity" && value !== null && value < 30 };
      }
      case "volts":
      case "volts-low-impedance": {
        const stray = this.range === "volts" && faults.has("stray-volts") ? P.strayV.value : 0;
        const live = powered ? rowOf({ "L-N": volts, "L-G": volts + neutralV, "N-G": neutralV }, this.between) : undefined;
        const shown = live === undefined ? stray : live * this.gain;
        return { ...base, value: this.onSupply() ? Math.round(shown * 10) / 10 : null, unit: "V" };
      }
      case "dc-volts":
        return { ...base, value: Math.round(100 * this.dcVolts(powered, nowS)) / 100 + 0, unit: "V" };
      case "capacitance": {
        const printed = powered || this.between !== "can C-HERM" ? null : (this.unit.unit.given.runCapacitorF?.value ?? null);
        const farads = printed === null ? null : printed * this.unit.printShare * this.gain;
        const share = faults.has("weak-capacitor") ? P.weakCapacitor.value : 1;
        return { ...base, value: farads === null ? null : Math.round(farads * share * 1e7) / 10, unit: "µF" };
      }
    }
  }

  private onSupply(): boolean {
    return this.between === "L-N" || this.between === "L-G" || this.between === "N-G";
  }

  /** Winding resistance between the probes, nothing where they touch; null for an open circuit. */
  private ohms(): number | null {
    if (this.between === "together") return 0;
    const { given } = this.unit.unit;
    const source = { kind: "ideal" as const, volts: quantity(given.plateVolts, "plate") };
    const prepared = prepare({ unit: given, source, method: { kind: "direct" }, backgroundA: 0, outdoorC: 25, seconds: 1 });
    if (!prepared.ok) return null;
    const { r1, ra } = prepared.value.input.motor;
    const between: Partial<Record<Probes, number>> = { "R-C": r1, "C-S": ra, "R-S": r1 + ra };
    return between[this.between] ?? null;
  }
}
