import { type BandFailure, bandOf, checkBand } from "@amp-saver/core/device/breaker";
import { ok, type Result } from "@amp-saver/core/quantity";
import type { ShoreSource } from "@amp-saver/records";
import type { Pair } from "./points.view.ts";

export type BandEdge = "earliest" | "latest";
type Band = ShoreSource["band"];

/** The pairs of one edge as they are kept; none where the generic band is used. */
export function bandPairs(band: Band, which: BandEdge): readonly Pair[] {
  return (band?.[which] ?? []).map(({ x, y }) => [x, y]);
}

/**
 * The band with one edge replaced; an edge not yet typed is the generic one. No pairs at all goes
 * back to the generic band. Refused where it is no band.
 */
export function bandChange(band: Band, which: BandEdge, pairs: readonly Pair[]): Result<Band, BandFailure> {
  if (pairs.length === 0) return ok(undefined);
  const generic = bandOf(GENERIC_FOR_A);
  const copy = (edge: readonly { readonly x: number; readonly y: number }[]) => edge.map(({ x, y }) => ({ x, y }));
  const next = {
    earliest: copy(band?.earliest ?? generic.earliest),
    latest: copy(band?.latest ?? generic.latest),
    [which]: pairs.map(([x, y]) => ({ x, y })),
  };
  const checked = checkBand(next);
  return checked.ok ? ok(next) : checked;
}

/** Rating whose generic band stands in for an edge that was not typed: the smaller class, which trips sooner. */
const GENERIC_FOR_A = 30;
