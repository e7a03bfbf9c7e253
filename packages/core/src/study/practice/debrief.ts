import { nameOn, placesOf, type Terminal } from "../../network/index.ts";
import { ISOLATION_PARAMS } from "../isolation/index.ts";
import type { Bench } from "./bench.ts";
import { sectionsNow } from "./bench.ts";
import { PROVING, type PracticeAct, type PracticeStep } from "./case.ts";
import { supplyPairs } from "./names.ts";

/** What is still unproven when hands go in. */
const UNPROVEN = ["source-on", "not-locked", "meter-before", "pairs", "meter-after", "charge"] as const;
export type Unproven = (typeof UNPROVEN)[number];

/** Hands put where it could have hurt: the act, and what nobody had shown by then. Nothing unproven is proof; anything is luck. */
export interface HandsIn {
  readonly act: number;
  readonly unproven: readonly Unproven[];
}

const HANDS: ReadonlySet<PracticeAct["act"]> = new Set(["touch", "lift", "land", "tug", "cut", "splice", "fit", "clamp"]);

/** What has been shown since power could last have come. */
interface Shown {
  readonly before: boolean;
  readonly pairs: ReadonlySet<string>;
  readonly after: boolean;
  /** Capacitor sections read below the limit, and when first. */
  readonly first: ReadonlyMap<string, number>;
  readonly second: ReadonlySet<string>;
}
const NOTHING: Shown = { before: false, pairs: new Set(), after: false, first: new Map(), second: new Set() };

/** Follows what is proven from act to act. */
export class ProofKeeper {
  private shown: Shown = NOTHING;
  private readonly hands: HandsIn[] = [];

  /** Takes one act in, with the bench before it and what it showed. */
  take(bench: Bench, index: number, act: PracticeAct, step: PracticeStep): void {
    if ("refused" in step) return;
    if (HANDS.has(act.act)) this.hands.push({ act: index, unproven: this.lacks(bench) });
    if (act.act === "switch" && act.on) this.shown = NOTHING;
    if (act.act === "measure" && "shown" in step) this.measured(bench, act, step.shown);
  }

  /** Every time hands went in. */
  all(): readonly HandsIn[] {
    return this.hands;
  }

  private measured(bench: Bench, { range, from, to }: Extract<PracticeAct, { readonly act: "measure" }>, shown: number | null): void {
    const volts = Math.abs(shown ?? 0);
    const { meterProofV, deadV, dischargedV, againS } = ISOLATION_PARAMS;
    if (range === "volts" || range === "volts-low-z") {
      if (volts >= meterProofV.value) {
        const known = from === PROVING.from || to === PROVING.from;
        this.shown =
          known && this.allPairs(bench) ? { ...this.shown, after: true } : { ...this.shown, before: true, pairs: new Set(), after: false };
        return;
      }
      if (range === "volts-low-z" && volts < deadV.value && this.shown.before)
        this.shown = { ...this.shown, pairs: new Set(this.shown.pairs).add(pairOf(from, to)) };
      return;
    }
    if (range !== "volts-dc" || volts >= dischargedV.value) return;
    const across = (a: Terminal, b: Terminal): boolean =>
      placesOf(bench.netlist, a).includes(from) && placesOf(bench.netlist, b).includes(to);
    const section = sectionsNow(bench).find(({ a, b }) => across(a, b) || across(b, a));
    if (section === undefined) return;
    const firstS = this.shown.first.get(section.id);
    if (firstS === undefined) this.shown = { ...this.shown, first: new Map(this.shown.first).set(section.id, bench.nowS) };
    else if (bench.nowS - firstS >= againS.value) this.shown = { ...this.shown, second: new Set(this.shown.second).add(section.id) };
  }

  private allPairs(bench: Bench): boolean {
    return supplyPairs(bench.netlist).every(([from, to]) => this.shown.pairs.has(pairOf(from, to)));
  }

  /** What nobody has shown yet, were hands to go in now. */
  lacks(bench: Bench): readonly Unproven[] {
    const states = [...bench.switches.values()];
    const { before, after, second } = this.shown;
    const open: Record<Unproven, boolean> = {
      "source-on": states.some((s) => s.on),
      "not-locked": states.some((s) => !s.locked),
      "meter-before": !before,
      pairs: !this.allPairs(bench),
      "meter-after": !after,
      charge: sectionsNow(bench).some(({ id }) => !second.has(id)),
    };
    return UNPROVEN.filter((code) => open[code]);
  }
}

const pairOf = (from: string, to: string): string => [nameOn(from), nameOn(to)].toSorted().join("-");
