import { nameOn, partOf, type Terminal } from "@amp-saver/core/network";
import type { Hint, PracticeAct, PracticeStep, ShownBench } from "@amp-saver/core/study/practice";
import { PRACTICE } from "../../words/practice.ts";
import { actText, type BenchNames, stepText } from "../../words/practice-acts.ts";
import { sourceName } from "../../words/practice-names.ts";
import { lower, wiringNames } from "../../words/wiring.ts";

export { BLEED_S, CLAMP_MODES, COVERS, MEASURE_RANGES, PRACTICE_FAULTS } from "@amp-saver/core/study/practice";

/** Points that a map does not draw: the proving unit, and grounds. */
const PROVER = "proving";

/** Of what is seen, what most acts leave as it is. */
export interface ShownUnit
  extends Pick<ShownBench, "netlist" | "whole" | "covered" | "realOf" | "numberOf" | "points" | "open" | "capacitors"> {
  readonly sourceNames: Readonly<Record<string, string>>;
}

/** The unit alone, without the clock and the switches. */
export function unitOf(shown: ShownBench): ShownUnit {
  const { netlist, whole, covered, realOf, numberOf, points, open, capacitors, sources } = shown;
  const sourceNames = Object.fromEntries(sources.map((source) => [source.id, sourceName(source)]));
  return { netlist, whole, covered, realOf, numberOf, points, open, capacitors, sourceNames };
}

/** Names for the map and for every sentence. The compressor’s ends have numbers: which is which is found by ohms. */
export function benchNames(shown: ShownUnit): BenchNames & { readonly place: (at: Terminal) => string } {
  const names = wiringNames(shown.whole, null, "us");
  const placeOf = new Map(Object.entries(shown.realOf).map(([place, real]) => [real, place]));
  const ends = new Map(Object.keys(shown.realOf).map((place, k) => [place, k + 1]));
  const motor = shown.whole.parts.find((p) => p.kind === "compressor")?.id;
  const place = (at: Terminal): string => {
    const end = ends.get(at);
    if (end !== undefined) return `compressor ${end}`;
    if (partOf(at) === PROVER) return `proving unit ${nameOn(at)}`;
    if (nameOn(at) === "G") return partOf(at) === motor ? "compressor case" : `${lower(names.part(partOf(at)).name)} ground`;
    return names.terminal(at);
  };
  return {
    place,
    terminal: (real) => place(placeOf.get(real) ?? real),
    wire: (id) => {
      if (id.startsWith("starter.")) return `lead ${nameOn(id)}`;
      return `wire ${wireTag(shown, id)}`;
    },
    part: (id) => lower(names.part(id).name),
    source: (id) => (shown.sourceNames[id] ?? id).toLowerCase(),
  };
}

/** How the piece of a wire that was cut ends its name. */
const PIECE = /\/\d+$/;

/** What stands on a wire’s tag. */
export function wireTag(shown: Pick<ShownUnit, "whole" | "numberOf">, id: string): string {
  if (id.startsWith("starter.")) return nameOn(id);
  const color = shown.whole.conductors.find((c) => c.id === id)?.color ?? "";
  const base = id.replace(PIECE, "");
  return `${shown.numberOf[base] ?? ""} ${color}${base === id ? "" : PRACTICE.otherPiece}`.trim();
}

/** What can be probed besides what the map draws. */
export function offMap(shown: Pick<ShownUnit, "whole">): readonly Terminal[] {
  const motor = shown.whole.parts.find((p) => p.kind === "compressor")?.id;
  const supply = shown.whole.parts.find((p) => p.kind === "supply")?.id;
  return ["proving.L", "proving.N", ...(supply === undefined ? [] : [`${supply}.G`]), ...(motor === undefined ? [] : [`${motor}.G`])];
}

/** Every point a probe can be set on, those that the map does not draw first. */
export function pointsIn(shown: Pick<ShownUnit, "whole" | "points">): readonly Terminal[] {
  return [...new Set([...offMap(shown), ...shown.points])];
}

/** The newest act and what it showed, or why it did nothing; null before the first. */
export function lastTold(acts: readonly PracticeAct[], steps: readonly PracticeStep[], names: BenchNames): string | null {
  const k = acts.findLastIndex((act, i) => i < steps.length && act.act !== "say" && act.act !== "hint");
  const [act, step] = [acts[k], steps[k]];
  if (act === undefined || step === undefined) return null;
  if ("refused" in step) return stepText(step);
  if (act.act === "measure") return `${stepText(step)}, ${names.terminal(act.from)} to ${names.terminal(act.to)}`;
  return `${actText(act, names)}: ${stepText(step)}`;
}

/** The reading on the meter’s face: of the newest measuring act. */
export function onMeter(acts: readonly PracticeAct[], steps: readonly PracticeStep[]): PracticeStep | null {
  const k = acts.findLastIndex((act, i) => act.act === "measure" && i < steps.length);
  return k < 0 ? null : (steps[k] ?? null);
}

/** The reading on the clamp’s face: of the newest time it was read. */
export function onClamp(acts: readonly PracticeAct[], steps: readonly PracticeStep[]): PracticeStep | null {
  const read = acts.findLastIndex((act, i) => act.act === "read" && i < steps.length);
  const hung = acts.findLastIndex((act) => act.act === "clamp");
  return read < 0 || hung > read ? null : (steps[read] ?? null);
}

/** Whether a hint still holds: nothing has been done since it was asked for. */
export function hintHolds(acts: readonly PracticeAct[]): boolean {
  return acts.at(-1)?.act === "hint";
}

/** The terminals a hint points at, as places of the map. */
export function hintPlaces(hint: Hint | null, shown: Pick<ShownUnit, "realOf">): ReadonlySet<Terminal> {
  if (hint?.code !== "measure") return new Set();
  const placeOf = new Map(Object.entries(shown.realOf).map(([place, real]) => [real, place]));
  return new Set([hint.act.from, hint.act.to].map((at) => placeOf.get(at) ?? at));
}
