import type { Cord } from "../../device/cord/index.ts";
import { HARD_START_PARAMS } from "../../device/hard-start/index.ts";
import { faradFromUf, itemAt, type Quantity } from "../../quantity/index.ts";
import { GAUGES } from "../../reference/index.ts";
import { canParallel, isEngine, type SourceCase, type StartCase } from "../motor-start/index.ts";
import { costOf, type RemedyCode, type RemedyCost } from "./cost.ts";
import { REMEDY_PARAMS as P, type Prices } from "./params.ts";
import { type StarterRating, sizeStarter } from "./size.ts";

/** A remedy before it is simulated. */
export interface Candidate extends RemedyCost {
  readonly code: RemedyCode;
  /** Which of the other sources, and which starter of the catalogue; −1 otherwise. */
  readonly other: number;
  readonly starter: number;
  readonly given: StartCase;
}

/** What there is to choose from besides the case itself. */
export interface Choices {
  readonly others: readonly SourceCase[];
  readonly starters: readonly StarterRating[];
  readonly prices: Prices;
  /** Whether the unit has start parts whose state nobody tested, or a capacitor found weak; what service would restore. */
  readonly service: { readonly startAid: boolean; readonly runCapacitorF: Quantity | null };
}

/** Every remedy that makes sense for a case. */
export function candidates(given: StartCase, { others, starters, prices, service }: Choices): readonly Candidate[] {
  const asIs: StartCase = { ...given, aidStaysIn: false, method: { kind: "as-found" } };
  const soft: StartCase = { ...asIs, method: given.method.kind === "soft" ? given.method : { kind: "soft" } };
  const of = (code: RemedyCode, given: StartCase): Candidate => ({ code, other: -1, starter: -1, given, ...costOf(code, prices) });
  const list: Candidate[] = [of("as-is", asIs)];
  const loaded = (given.backgroundA ?? 1) > 0;
  const serviced = serviceOf(asIs, service);
  if (serviced !== null) list.push(of("service", serviced));
  if (loaded) list.push(of("shed", { ...asIs, backgroundA: 0 }));
  const cords = heavier(given.source.cords ?? []);
  if (cords !== null) list.push(of("cord", { ...asIs, source: { ...given.source, cords } }));
  list.push(of("hard", { ...asIs, method: { kind: "hard" } }));
  const matching = starters.flatMap((rating, starter) => (sizeStarter(rating, given.unit).length === 0 ? [{ rating, starter }] : []));
  for (const { rating, starter } of matching) {
    const fitted = of("soft", withStarter(soft, rating));
    list.push({ ...fitted, starter, usd: rating.usd ?? fitted.usd });
  }
  if (matching.length === 0) list.push(of("soft", soft));
  if (loaded) list.push(of("soft-shed", { ...soft, backgroundA: 0 }));
  others.forEach((source, other) => {
    list.push({ ...of("other-source", { ...asIs, source }), other });
  });
  const { source } = given;
  if (canParallel(source) && source.second === undefined) {
    const second = { ...(source.runningW && { runningW: source.runningW }), ...(source.surgeW && { surgeW: source.surgeW }) };
    list.push(of("parallel", { ...asIs, source: { ...source, second } }));
  }
  if (isEngine(source)) {
    const bigger = grown(source, P.biggerFactor.value);
    list.push(of("bigger", { ...asIs, source: bigger }), of("bigger-soft", { ...soft, source: bigger }));
  }
  return list;
}

/** The unit as service would leave it: not as it was seen to start, since its parts are others then. */
function serviceOf(asIs: StartCase, { startAid, runCapacitorF }: Choices["service"]): StartCase | null {
  if (!startAid && runCapacitorF === null) return null;
  const aid = startAid
    ? { startAid: "ptc" as const, startAidF: asIs.unit.startAidF || faradFromUf(HARD_START_PARAMS.startCapacitorUf.value) }
    : {};
  return { ...asIs, unit: { ...asIs.unit, ...aid, ...(runCapacitorF !== null && { runCapacitorF }) } };
}

/** Cords some sizes heavier; null where there are none or they are the heaviest already. */
function heavier(cords: readonly Cord[]): readonly Cord[] | null {
  const grownCords = cords.map(({ awg, lengthM }) => {
    const at = Math.min(GAUGES.length - 1, GAUGES.indexOf(awg) + P.heavierSteps.value);
    return { awg: itemAt(GAUGES, at), lengthM };
  });
  return grownCords.some((cord, i) => cord.awg !== itemAt(cords, i).awg) ? grownCords : null;
}

function withStarter(soft: StartCase, { startCapacitorF }: StarterRating): StartCase {
  return startCapacitorF === null || soft.method.kind !== "soft" ? soft : { ...soft, method: { ...soft.method, startCapacitorF } };
}

function grown<S extends Extract<SourceCase, { readonly kind: "generator" | "inverter-generator" | "inverter" }>>(
  source: S,
  factor: number,
): S {
  const times = (q: Quantity | undefined): Quantity | undefined => q && { ...q, value: q.value * factor };
  const { runningW, surgeW } = source;
  return { ...source, ...(runningW && { runningW: times(runningW) }), ...(surgeW && { surgeW: times(surgeW) }) };
}
