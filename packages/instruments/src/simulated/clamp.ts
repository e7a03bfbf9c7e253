import type { SeededRandom } from "@amp-saver/core/numeric";
import type { Jaws } from "@amp-saver/core/study/clamp";
import type { DisplayOf, InstrumentCommand } from "../message.ts";
import type { Fault } from "./bench-message.ts";
import { BENCH_PARAMS as P } from "./params.ts";
import { spread } from "./spread.ts";
import type { UnitRun } from "./unit-run.ts";

/** Most refreshes that are worked through at once; a bench that runs fast skips those before. */
const MOST_REFRESHES = 600;

/** A clamp meter: it reads what flows where its jaws are, and does not know where that is. */
export class SimulatedClamp {
  mode: DisplayOf<"clamp">["mode"] = "live";
  unit: UnitRun;
  jaws: Jaws = "common";
  private readonly random: SeededRandom;
  private liveA = 0;
  private heldA: number | null = null;
  private inrushA: number | null = null;
  /** The start whose inrush is on the display. */
  private seenStartS: number | null = null;
  private nextRefreshS: number;
  /** What it shows over what flows: one figure for all it reads. */
  private readonly gain: number;

  constructor(unit: UnitRun, random: SeededRandom) {
    this.unit = unit;
    this.random = random;
    this.gain = 1 + P.gainShare.value * spread(random);
    this.nextRefreshS = P.refreshS.value * random.next();
  }

  hang(unit: UnitRun, jaws: Jaws): void {
    this.unit = unit;
    this.jaws = jaws;
  }

  command(command: InstrumentCommand): void {
    if (command.do === "mode") this.mode = command.mode;
    this.heldA = null;
    this.inrushA = null;
    this.seenStartS = this.unit.startedAtS;
  }

  /** Goes on to `nowS`. A bouncing contact counts for one start; returns true when it has. */
  advance(nowS: number, faults: ReadonlySet<Fault>): boolean {
    const refresh = P.refreshS.value;
    this.nextRefreshS = Math.max(this.nextRefreshS, nowS - MOST_REFRESHES * refresh);
    for (; this.nextRefreshS <= nowS; this.nextRefreshS += refresh) {
      this.liveA = this.shown(this.unit.rmsA(this.jaws, this.nextRefreshS - refresh, this.nextRefreshS));
      if (this.mode === "max-hold" && this.liveA > (this.heldA ?? 0)) this.heldA = this.liveA;
    }
    return this.catchInrush(nowS, faults.has("bounce"));
  }

  display(): DisplayOf<"clamp"> {
    const amps = { live: this.liveA, "max-hold": this.heldA, inrush: this.inrushA }[this.mode];
    return { kind: "clamp", mode: this.mode, amps, resolutionA: (amps ?? 0) < 100 ? 0.1 : 1 };
  }

  private catchInrush(nowS: number, bounces: boolean): boolean {
    const { startedAtS } = this.unit;
    const window = P.inrushWindowS.value;
    if (this.mode !== "inrush" || startedAtS === null || startedAtS === this.seenStartS || nowS < startedAtS + window) return false;
    this.seenStartS = startedAtS;
    const trueA = this.unit.rmsA(this.jaws, startedAtS, startedAtS + window);
    if (trueA < P.triggerA.value) return false;
    this.inrushA = this.shown(bounces ? trueA * P.bounceFactor.value : trueA);
    return bounces;
  }

  /** With noise, and in the digits the display has. */
  private shown(amps: number): number {
    const noisy = amps * this.gain * (1 + P.noiseShare.value * this.random.bell());
    return noisy < 100 ? Math.round(noisy * 10) / 10 : Math.round(noisy);
  }
}
