import { shutdownAfterS } from "@amp-saver/core/device/engine";
import type { DisplayOf, InstrumentCommand } from "../message.ts";
import { BENCH_PARAMS as P } from "./params.ts";

/** The panel of the bench's generator: load, overload lamp, eco, fuel, and shutting down by the overload curve. */
export class SimulatedGenerator {
  running = true;
  eco = false;
  overload: DisplayOf<"generator-panel">["overload"] = "none";
  private readonly runningW: number;
  private watts = 0;
  private fuelWh: number = P.tankWh.value;
  /** Share of the time to shutting down that has been used up. */
  private heat = 0;

  constructor(runningW: number) {
    this.runningW = runningW;
  }

  command(command: InstrumentCommand): void {
    if (command.do === "eco") this.eco = command.on;
    if (command.do === "restart") {
      this.running = true;
      this.overload = "none";
      this.heat = 0;
    }
  }

  /** A start it could not carry: it lets go at once. */
  letGo(): void {
    this.running = false;
    this.overload = "shut-down";
    this.watts = 0;
  }

  /** Carries a load for some seconds; false once it shuts down. */
  carry(watts: number, seconds: number): boolean {
    if (!this.running) return false;
    this.watts = watts;
    this.fuelWh = Math.max(0, this.fuelWh - (watts * seconds) / 3600);
    const shutdownS = shutdownAfterS(watts / this.runningW);
    this.heat = Number.isFinite(shutdownS) ? this.heat + seconds / shutdownS : Math.max(0, this.heat - seconds / 300);
    this.overload = watts > this.runningW ? "warning" : "none";
    if (this.heat < 1 && this.fuelWh > 0) return true;
    this.letGo();
    return false;
  }

  display(): DisplayOf<"generator-panel"> {
    return {
      kind: "generator-panel",
      running: this.running,
      watts: this.running ? Math.round(this.watts / 10) * 10 : 0,
      overload: this.overload,
      eco: this.eco,
      fuelShare: Math.round((this.fuelWh / P.tankWh.value) * 100) / 100,
    };
  }
}
