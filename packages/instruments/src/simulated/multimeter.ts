import type { SeededRandom } from "@amp-saver/core/numeric";
import type { DisplayOf, InstrumentCommand } from "../message.ts";
import type { Fault, Probes } from "./bench-message.ts";
import { meterShows } from "./meter-circuit.ts";
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
        const value = ohms === null ? null : Math.round((ohms + 0.02 * this.random.bell()) * 10) / 10;
        return { ...base, value, unit: "ohm", beeps: this.range === "continuity" && value !== null && value < 30 };
      }
      case "volts":
      case "volts-low-impedance": {
        if (!this.onSupply()) return { ...base, value: null, unit: "V" };
        // What the neutral’s current lifts it by is the load’s doing, which this circuit does not carry.
        const lift = powered && this.between !== "L-N" ? neutralV : 0;
        const shown = (this.shown({ volts: powered ? volts : null, strays: faults.has("stray-volts") }) ?? 0) + lift;
        return { ...base, value: Math.round(shown * this.gain * 10) / 10, unit: "V" };
      }
      case "dc-volts":
        return { ...base, value: Math.round(100 * this.dcVolts(powered, nowS)) / 100 + 0, unit: "V" };
      case "capacitance": {
        const printed = powered || this.between !== "can C-HERM" ? null : (this.unit.unit.given.runCapacitorF?.value ?? null);
        const farads = printed === null ? null : printed * this.unit.printShare * this.gain;
        const weakF = farads === null || !faults.has("weak-capacitor") ? farads : farads * P.weakCapacitor.value;
        const shown = weakF === null ? null : this.shown({ weakF });
        return { ...base, value: shown === null ? null : Math.round(shown * 1e7) / 10, unit: "µF" };
      }
    }
  }

  /** What the practice bench's meter shows here. */
  private shown(more: Partial<Parameters<typeof meterShows>[0]>): number | null {
    if (this.between === "together") return null;
    const { given } = this.unit.unit;
    return meterShows({ unit: given, volts: null, strays: false, weakF: null, range: this.range, between: this.between, ...more });
  }

  private onSupply(): boolean {
    return this.between === "L-N" || this.between === "L-G" || this.between === "N-G";
  }

  /** Resistance between the probes with their own; null for an open circuit, and on the supply, which is never measured so. */
  private ohms(): number | null {
    if (this.between === "together") return P.leadOhm.value;
    return this.onSupply() ? null : this.shown({ range: "ohm" });
  }
}
