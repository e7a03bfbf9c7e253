import { fahrenheitFromC, ftFromMetres } from "../../quantity/index.ts";
import { type AltitudeRule, ENGINE_PARAMS as P } from "./params.ts";

/** Which losses count for a set. */
export interface Derating {
  readonly altitude: AltitudeRule;
  readonly heat: boolean;
  readonly propane: boolean;
}

/** What counts unless something else is said: 3 % per 1,000 ft, and heat. */
const USUAL_DERATING: Derating = { altitude: "common", heat: true, propane: false };

/** Density of the standard atmosphere over that at sea level (ISO 2533 troposphere, from memory; to 11,000 m). */
export function airDensityShare(altitudeM: number): number {
  return Math.max(0, 1 - 2.25577e-5 * Math.min(11_000, altitudeM)) ** 4.25588;
}

/** Shares of its rating that are left after height, heat and fuel, each 0 to 1. */
export interface DeratingShares {
  readonly altitude: number;
  readonly heat: number;
  readonly fuel: number;
  /** The product. */
  readonly all: number;
}

/** What is left of an engine's rating at an altitude and outdoor temperature; below sea level nothing is gained. */
export function deratingShares(altitudeM: number, outdoorC: number, rule: Derating = USUAL_DERATING): DeratingShares {
  const altitude = clamp(thin(rule.altitude, Math.max(0, altitudeM)));
  const heat = rule.heat ? clamp(1 - P.heatPerF.value * Math.max(0, fahrenheitFromC(outdoorC) - P.heatFromF.value)) : 1;
  const fuel = rule.propane ? clamp(1 - P.propaneLoss.value) : 1;
  return { altitude, heat, fuel, all: altitude * heat * fuel };
}

function thin(school: AltitudeRule, altitudeM: number): number {
  if (school === "none") return 1;
  if (school === "air-density") return airDensityShare(altitudeM);
  const per1000Ft = school === "common" ? P.altitudePer1000Ft.value : P.steeperPer1000Ft.value;
  return 1 - (per1000Ft * ftFromMetres(altitudeM)) / 1000;
}

function clamp(share: number): number {
  return Math.max(0, Math.min(1, share));
}
