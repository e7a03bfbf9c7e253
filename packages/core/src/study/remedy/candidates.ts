import type { Cord } from "../../device/cord/index.ts";
import { HARD_START_PARAMS } from "../../device/hard-start/index.ts";
import { faradFromUf, itemAt, type Quantity } from "../../quantity/index.ts";
import { GAUGES } from "../../reference/index.ts";
import { canParallel, isEngine, type SourceCase, type StartCase } from "../motor-start/index.ts";
import { REMEDY_PARAMS as P, type Prices } from "./params.ts";
import { type StarterRating, sizeStarter } from "./size.ts";

/** Ways to make a unit start and keep running, cheapest kind first. A larger breaker or wire is never one. */
export const REMEDIES = [
  "as-is",
  "service",
  "shed",
  "cord",
  "hard",
  "soft",
  "soft-shed",
  "other-source",
  "parallel",
  "bigger",
  "bigger-soft",
] as const;
export type RemedyCode = (typeof REMEDIES)[number];

/** A remedy before it is simulated. */
export interface Candidate {
  readonly code: RemedyCode;
  /** Which of the other sources, and which starter of the catalogue; −1 otherwise. */
  readonly other: number;
  readonly starter: number;
  readonly given: StartCase;
  readonly usd: number;
  readonly kg: number;
  readonly workMin: number;
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
  const bare = { other: -1, starter: -1, usd: 0, kg: 0, workMin: 0 };
  const list: Candidate[] = [{ ...bare, code: "as-is", given: asIs }];
  const loaded = (given.backgroundA ?? 1) > 0;
  const serviced = serviceOf(asIs, service);
  if (serviced !== null) list.push({ ...bare, code: "service", given: serviced, usd: prices.visitUsd, workMin: P.serviceMin.value });
  if (loaded) list.push({ ...bare, code: "shed", given: { ...asIs, backgroundA: 0 } });
  const cords = heavier(given.source.cords ?? []);
  if (cords !== null)
    list.push({ ...bare, code: "cord", given: { ...asIs, source: { ...given.source, cords } }, usd: prices.cordUsd, kg: P.cordKg.value });
  list.push({
    ...bare,
    code: "hard",
    given: { ...asIs, method: { kind: "hard" } },
    usd: prices.kitUsd,
    kg: P.kitKg.value,
    workMin: P.kitMin.value,
  });
  const fitted = { ...bare, usd: prices.starterUsd, kg: P.starterKg.value, workMin: P.starterMin.value };
  const matching = starters.flatMap((rating, starter) => (sizeStarter(rating, given.unit).length === 0 ? [{ rating, starter }] : []));
  for (const { rating, starter } of matching)
    list.push({ ...fitted, code: "soft", starter, given: withStarter(soft, rating), usd: rating.usd ?? prices.starterUsd });
  if (matching.length === 0) list.push({ ...fitted, code: "soft", given: soft });
  if (loaded) list.push({ ...fitted, code: "soft-shed", given: { ...soft, backgroundA: 0 } });
  others.forEach((source, other) => {
    list.push({ ...bare, code: "other-source", other, given: { ...asIs, source } });
  });
  const { source } = given;
  if (canParallel(source) && source.second === undefined) {
    const second = { ...(source.runningW && { runningW: source.runningW }), ...(source.surgeW && { surgeW: source.surgeW }) };
    list.push({
      ...bare,
      code: "parallel",
      given: { ...asIs, source: { ...source, second } },
      usd: prices.secondUsd,
      kg: P.secondKg.value,
    });
  }
  if (isEngine(source)) {
    const bigger = grown(source, P.biggerFactor.value);
    const bought = { ...bare, usd: prices.generatorUsd, kg: P.generatorKg.value };
    list.push({ ...bought, code: "bigger", given: { ...asIs, source: bigger } });
    list.push({
      ...bought,
      code: "bigger-soft",
      given: { ...soft, source: bigger },
      usd: bought.usd + fitted.usd,
      kg: bought.kg + fitted.kg,
      workMin: fitted.workMin,
    });
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
