// biome-ignore-all lint/style/noNonNullAssertion: loops over arrays by index, whose bounds the loop keeps.
import { invert, leastSquares } from "../../numeric/index.ts";
import { type Base, MAKE_UP, type Metered, type Moves, meteredOf, movedCase } from "./model.ts";
import type { Observed } from "./observed.ts";
import { CALIBRATION_PARAMS as P } from "./params.ts";

/** A figure that is fitted or only widens what is found: its name and what is known of it beforehand, a standard deviation of its logarithm. */
export interface Unknown {
  readonly name: string;
  readonly deviation: number;
}

/** Where a fit came to rest. */
export interface Fitted {
  readonly moves: Moves;
  /** Standard deviation of each fitted figure's logarithm, make-up and all. */
  readonly deviations: Readonly<Record<string, number>>;
  /** How far each observed figure is off, in standard deviations; null where the start does not have it. */
  readonly off: readonly (number | null)[];
  readonly metered: readonly (Metered | null)[];
  /** Where else it came to rest from other points, and how much worse that is, as twice a logarithm of odds. */
  readonly rivals: readonly { readonly moves: Moves; readonly worse: number }[];
}

/** Largest move of a logarithm. */
const FARTHEST = Math.log(2);
/** What counts for a figure that a start does not come to: as far off as the robust loss still tells apart. */
const MISSING = 12;
const STEP = 0.01;

/** Simulates each start once for each set of moves: fits ask the same many times over. */
export class Simulated {
  private readonly base: Base;
  private readonly known = new Map<string, Metered | null>();
  /** How many starts were simulated. */
  count = 0;

  constructor(base: Base) {
    this.base = base;
  }

  at({ fed, withStart }: Pick<Observed, "fed" | "withStart">, moves: Moves): Metered | null {
    const moved = movedCase(fed, this.base, moves);
    const key = `${withStart} ${JSON.stringify(moved)}`;
    const kept = this.known.get(key);
    if (kept !== undefined) return kept;
    this.count += 1;
    const made = meteredOf(moved, withStart);
    this.known.set(key, made);
    return made;
  }
}

/** Turns a deviation into one that grows slowly once it is large, as a t distribution has it. */
function robust(z: number): number {
  const nu = P.robust.value;
  return Math.sign(z) * Math.sqrt((nu + 1) * Math.log(1 + (z * z) / nu));
}

/**
 * Fits unknowns to what was observed by robust least squares, from several points, held by what is known of
 * them. `nuisances` are not fitted: what they would change widens the deviations.
 */
export function fit(
  simulated: Simulated,
  observed: readonly Observed[],
  unknowns: readonly Unknown[],
  nuisances: readonly Unknown[],
  from: readonly Moves[],
): Fitted {
  const movesOf = (parameters: readonly number[]): Moves => Object.fromEntries(unknowns.map(({ name }, k) => [name, parameters[k]!]));
  const offAt = (moves: Moves): readonly (number | null)[] =>
    observed.map((o) => {
      const metered = simulated.at(o, moves);
      return metered && o.off(metered, moves);
    });
  const residuals = (parameters: readonly number[]): readonly number[] => [
    ...offAt(movesOf(parameters)).map((z) => robust(z ?? MISSING)),
    ...parameters.map((move, k) => move / unknowns[k]!.deviation),
  ];
  const count = observed.length + unknowns.length;
  const bounds = { min: unknowns.map(() => -FARTHEST), max: unknowns.map(() => FARTHEST) };
  const cost = (parameters: readonly number[]): number => residuals(parameters).reduce((sum, r) => sum + r * r, 0);
  const ends = [
    unknowns.map(() => 0),
    ...from.map((start) => {
      const point = unknowns.map(({ name }) => Math.max(-FARTHEST, Math.min(FARTHEST, start[name] ?? 0)));
      return leastSquares(residuals, count, { from: point, ...bounds }).parameters;
    }),
  ];
  const best = ends.reduce((a, b) => (cost(b) < cost(a) ? b : a));
  const least = cost(best);
  const moves = movesOf(best);
  const off = offAt(moves);
  const spread = deviationsOf(residuals, best, unknowns.length, (name, by) => offAt({ ...moves, [name]: by }), nuisances, observed.length);
  const inflated = inflationOf(off, unknowns.length);
  return {
    moves,
    off,
    deviations: Object.fromEntries(unknowns.map(({ name, deviation }, k) => [name, Math.min(deviation, spread[k]! * inflated)])),
    metered: observed.map((o) => simulated.at(o, moves)),
    rivals: ends.slice(1).map((end) => ({ moves: movesOf(end), worse: cost(end) - least })),
  };
}

/** By how much residuals are larger than they should be; never less than as they should be. */
function inflationOf(off: readonly (number | null)[], fitted: number): number {
  const near = off.filter((z): z is number => z !== null && Math.abs(z) < P.outlierDeviations.value);
  const free = near.length - Math.min(fitted, 3);
  return free <= 0 ? 1 : Math.sqrt(Math.max(1, near.reduce((sum, z) => sum + z * z, 0) / free));
}

/** Deviations from the curvature at the end, with what the nuisances leave open. */
function deviationsOf(
  residuals: (parameters: readonly number[]) => readonly number[],
  at: readonly number[],
  n: number,
  offWith: (name: string, by: number) => readonly (number | null)[],
  nuisances: readonly Unknown[],
  observed: number,
): readonly number[] {
  const slope = (high: readonly number[], low: readonly number[]): number[] => high.map((h, i) => (h - low[i]!) / (2 * STEP));
  const columns = at.map((_, k) => {
    const moved = (by: number): readonly number[] => residuals(at.map((p, j) => (j === k ? p + by : p)));
    return slope(moved(STEP), moved(-STEP));
  });
  const normal = columns.flatMap((a) => columns.map((b) => a.reduce((sum, v, i) => sum + v * b[i]!, 0)));
  const inverse = invert(normal, n);
  const variance = at.map((_, k) => inverse[k * n + k]!);
  for (const { name, deviation } of nuisances) {
    const side = (by: number): number[] => offWith(name, by).map((z) => robust(z ?? MISSING));
    const moved = slope(side(STEP), side(-STEP));
    const gradient = columns.map((column) => moved.reduce((sum, v, i) => sum + (i < observed ? v * column[i]! : 0), 0));
    at.forEach((_, k) => {
      const shift = gradient.reduce((sum, g, j) => sum + inverse[k * n + j]! * g, 0);
      variance[k]! += (shift * deviation) ** 2;
    });
  }
  return variance.map(Math.sqrt);
}

/** The make-up as nuisances; what windings or earlier readings told of it is left out. */
export function makeUpNuisances(base: Base, spreads: Readonly<Record<(typeof MAKE_UP)[number], number>>): readonly Unknown[] {
  return MAKE_UP.filter((name) => base.split[name] === undefined).map((name) => ({ name, deviation: spreads[name] }));
}
