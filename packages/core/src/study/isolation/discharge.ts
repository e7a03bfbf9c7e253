import type { Netlist, PartKind } from "../../network/index.ts";
import { ISOLATION_PARAMS as P } from "./params.ts";

/** A capacitor to be bled, with how it may be charged. */
export interface ChargedCapacitor {
  /** Part and, on a dual one, which section. */
  readonly id: string;
  readonly kind: "run" | "fan" | "start";
  readonly between: readonly [string, string];
  readonly farad: number;
  /** Whether somebody read the farads; else they are the usual ones. */
  readonly faradRead: boolean;
  /** AC volts printed on it, or the highest usual ones where nobody read them. */
  readonly printedV: number;
  readonly voltsRead: boolean;
  /** Whether its tabs are out of reach: it is bled at the far ends of its wires. */
  readonly sealed: boolean;
}

/** How long bleeding takes, and what it asks of the resistors. */
export interface Bleed {
  /** Highest volts it can hold: √2 × the printed AC volts. */
  readonly fromV: number;
  readonly seconds: number;
  /** Watts in both resistors together at first. */
  readonly peakW: number;
  /** Seconds for which they take more than they are rated for. */
  readonly overRatingS: number;
}

/** Time through the bleeder down to the limit: R·C·ln(U0 ÷ 10 V), closed form of an RC discharge. */
export function bleed({ farad, printedV }: Pick<ChargedCapacitor, "farad" | "printedV">): Bleed {
  const fromV = Math.SQRT2 * printedV;
  const seconds = fromV <= P.dischargedV.value ? 0 : P.bleederOhm.value * farad * Math.log(fromV / P.dischargedV.value);
  const peakW = (fromV * fromV) / P.bleederOhm.value;
  const ratedV = Math.sqrt(2 * P.bleederW.value * P.bleederOhm.value);
  return { fromV, seconds, peakW, overRatingS: P.bleederOhm.value * farad * Math.max(0, Math.log(fromV / ratedV)) };
}

const KINDS: Partial<Record<PartKind, ChargedCapacitor["kind"]>> = {
  "run-capacitor": "run",
  "fan-capacitor": "fan",
  "start-capacitor": "start",
  "hard-start": "start",
};

/** What is printed on a capacitor, as far as it was read. */
export interface Printed {
  readonly volts: number | null;
  readonly farad: number | null;
}

/** What is known of a unit's capacitors: farads of the survey, and what was read on each, by its id. */
export interface CapacitorFigures {
  readonly runF: number | null;
  readonly startF: number | null;
  readonly printed: Readonly<Record<string, Printed>>;
}

/** Every capacitor of a circuit, isolated ones too; a dual one has two sections, each to its common tag. What nobody read is taken as usual. */
export function capacitorsOf(netlist: Netlist, { runF, startF, printed }: CapacitorFigures): readonly ChargedCapacitor[] {
  const usualF = { run: runF ?? P.usualRunF.value, fan: P.usualFanF.value, start: startF ?? P.usualStartF.value };
  const known = { run: runF, fan: null, start: startF };
  const usualV = { run: P.usualRunV.value, fan: P.usualRunV.value, start: P.usualStartV.value };
  return netlist.parts.flatMap((part) => {
    const kind = KINDS[part.kind];
    if (kind === undefined) return [];
    const one = (id: string, as: ChargedCapacitor["kind"], a: string, b: string): ChargedCapacitor => ({
      id,
      kind: as,
      between: [`${part.id}.${a}`, `${part.id}.${b}`],
      farad: printed[id]?.farad ?? usualF[as],
      faradRead: (printed[id]?.farad ?? known[as]) !== null,
      // A dual one has one print for both its sections.
      printedV: printed[id]?.volts ?? printed[part.id]?.volts ?? usualV[as],
      voltsRead: (printed[id]?.volts ?? printed[part.id]?.volts ?? null) !== null,
      sealed: part.sealed === true,
    });
    if (kind === "start") return [one(part.id, kind, "1", "2")];
    if (kind === "fan") return [one(part.id, kind, "C", "FAN")];
    const dual = part.tabs?.FAN !== undefined || netlist.conductors.some((c) => c.ends.includes(`${part.id}.FAN`));
    return [one(part.id, "run", "C", "HERM"), ...(dual ? [one(`${part.id} FAN`, "fan", "C", "FAN")] : [])];
  });
}
