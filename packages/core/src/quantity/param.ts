import { type Quantity, quantity } from "./provenance.ts";

/** A tunable figure: what it is, its unit, where it may lie and who says so. */
export interface Param {
  readonly label: string;
  readonly unit: string;
  readonly value: number;
  /** Bounds within which a user or a fit may move it. */
  readonly min: number;
  readonly max: number;
  /** Spread to sample from when nobody measured it; absent when it is not uncertain. */
  readonly spread?: readonly [number, number];
  readonly source: string;
}

/** A device's named parameters. */
export type ParamTable = Readonly<Record<string, Param>>;

/** Marks a figure that rests on memory of the field's literature, with no document at hand. */
export const FROM_MEMORY = "typical, from memory";
/** Marks a fact of the trade that nobody has published. */
export const COMMON_PRACTICE = "common practice, no source";

/** Relative tolerance of a parameter nobody measured: half its spread, 0 where it has none. */
export function spreadTolerance(param: Param): number {
  return param.spread === undefined ? 0 : (param.spread[1] - param.spread[0]) / 2 / param.value;
}

/** A parameter's typical value as a quantity. */
export function typicalOf(param: Param): Quantity {
  return param.spread === undefined ? quantity(param.value, "typical") : quantity(param.value, "typical", spreadTolerance(param));
}
