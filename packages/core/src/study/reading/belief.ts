// biome-ignore-all lint/style/noNonNullAssertion: loops over arrays by index, whose bounds the loop keeps.
import { READING_PARAMS as P } from "./params.ts";

/** How sure one is of a figure: mass over its logarithm, in even steps. */
export interface Belief {
  readonly from: number;
  readonly mass: Float64Array;
}

/** Step of the logarithm. */
const STEP = 0.004;
/** How far beyond what was read the figure is looked for; nothing is taken to show less than a third or more than three times of it. */
const REACH = Math.log(3);
/** Mass that no longer counts. */
const NOTHING = 1e-12;
/** Normal abscissas and weights of the scatter, which is not known beforehand. */
const SCATTER_AT = [-1.5, -0.75, 0, 0.75, 1.5] as const;
const SCATTER_WEIGHTS = SCATTER_AT.map((z) => Math.exp((-z * z) / 2));
/** Half of a 95 % range in standard deviations. */
export const Z95 = 1.96;

/** What is expected of a figure before it is read: its logarithm and standard deviation. */
export interface Prior {
  readonly log: number;
  readonly deviation: number;
}

/** How readings of a kind go: their usual standard deviation from one to the next, of the logarithm, and the share of gross ones. */
export interface Manner {
  readonly scatter: number;
  readonly grossShare: number;
}

/**
 * What readings of one start after another say of the figure behind them. Each lies about it with a
 * scatter that is itself not known, which with few readings comes to a t interval; some are gross and
 * tell nothing but a wide range, so that the middle is robust. The meter's own error is not in it.
 */
export function believe(amps: readonly number[], prior: Prior | null, { scatter, grossShare }: Manner): Belief {
  const logs = amps.map(Math.log);
  const from = Math.min(...logs) - REACH;
  const mass = new Float64Array(Math.ceil((Math.max(...logs) + REACH - from) / STEP) + 1);
  const gross = grossShare / (2 * REACH);
  const scatters = SCATTER_AT.map((z, s) => {
    const deviation = scatter * P.scatterFactor.value ** z;
    return { weight: SCATTER_WEIGHTS[s]!, height: (1 - grossShare) / (deviation * Math.sqrt(2 * Math.PI)), half: 1 / (2 * deviation ** 2) };
  });
  for (let k = 0; k < mass.length; k++) {
    const at = from + k * STEP;
    let likelihood = 0;
    for (const { weight, height, half } of scatters) {
      let product = weight;
      for (const log of logs) product *= height * Math.exp(-half * (log - at) ** 2) + (Math.abs(log - at) < REACH ? gross : 0);
      likelihood += product;
    }
    mass[k] = likelihood * (prior === null ? 1 : normal(at - prior.log, prior.deviation));
  }
  return whole({ from, mass });
}

function normal(x: number, deviation: number): number {
  return Math.exp(-((x / deviation) ** 2) / 2) / (deviation * Math.sqrt(2 * Math.PI));
}

function whole({ from, mass }: Belief): Belief {
  const sum = mass.reduce((a, b) => a + b, 0);
  return { from, mass: mass.map((m) => m / sum) };
}

/** The logarithm of one figure over another. */
export function over(above: Belief, below: Belief): Belief {
  const mass = new Float64Array(above.mass.length + below.mass.length - 1);
  const turned = below.mass.length - 1;
  for (let i = 0; i < above.mass.length; i++) {
    const a = above.mass[i]!;
    if (a < NOTHING) continue;
    for (let j = 0; j <= turned; j++) mass[i + turned - j]! += a * below.mass[j]!;
  }
  return { from: above.from - below.from - turned * STEP, mass };
}

/** The same, less sure by a further error of the logarithm. */
export function blurred(belief: Belief, deviation: number): Belief {
  if (deviation < STEP / 2) return belief;
  const reach = Math.ceil((4 * deviation) / STEP);
  const kernel = Float64Array.from({ length: 2 * reach + 1 }, (_, k) => normal((k - reach) * STEP, deviation) * STEP);
  const mass = new Float64Array(belief.mass.length + 2 * reach);
  for (let i = 0; i < belief.mass.length; i++) {
    const m = belief.mass[i]!;
    if (m < NOTHING) continue;
    for (let j = 0; j < kernel.length; j++) mass[i + j]! += m * kernel[j]!;
  }
  return whole({ from: belief.from - reach * STEP, mass });
}

/** Where so much of the mass lies below. */
export function quantileOf({ from, mass }: Belief, share: number): number {
  let sum = 0;
  for (let k = 0; k < mass.length; k++) {
    const next = sum + mass[k]!;
    if (next >= share) return from + (k + (mass[k]! === 0 ? 0 : (share - sum) / mass[k]!) - 0.5) * STEP;
    sum = next;
  }
  return from + (mass.length - 1) * STEP;
}

/** The 95 % range of the logarithm. */
export function range95(belief: Belief): readonly [low: number, high: number] {
  return [quantileOf(belief, 0.025), quantileOf(belief, 0.975)];
}
