import { REMEDY_PARAMS as P, PRICES, type Prices } from "./params.ts";

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

const STARTER = ["starterUsd", "starterKg", "starterMin"] as const;
const GENERATOR = ["generatorUsd", "generatorKg"] as const;

/** The figures that what a remedy costs is the sum of: money, weight to carry, minutes of work. */
export const COSTS = {
  "as-is": [],
  service: ["visitUsd", "serviceMin"],
  shed: [],
  cord: ["cordUsd", "cordKg"],
  hard: ["kitUsd", "kitKg", "kitMin"],
  soft: STARTER,
  "soft-shed": STARTER,
  "other-source": [],
  parallel: ["secondUsd", "secondKg"],
  bigger: GENERATOR,
  "bigger-soft": [...GENERATOR, ...STARTER],
} as const satisfies Readonly<Record<RemedyCode, readonly (keyof typeof P)[]>>;
export type CostFigure = (typeof COSTS)[RemedyCode][number];

/** What a remedy costs. */
export interface RemedyCost {
  readonly usd: number;
  readonly kg: number;
  readonly workMin: number;
}

/** One of the figures, at the user's prices. */
export function costFigure(figure: CostFigure, prices: Prices): number {
  const price = PRICES.find((name) => name === figure);
  return price === undefined ? P[figure].value : prices[price];
}

/** US dollars, kilograms and minutes of a remedy, at the user's prices. */
export function costOf(code: RemedyCode, prices: Prices): RemedyCost {
  const sum = (unit: string): number =>
    COSTS[code].reduce((all: number, figure: CostFigure) => all + (P[figure].unit === unit ? costFigure(figure, prices) : 0), 0);
  return { usd: sum("USD"), kg: sum("kg"), workMin: sum("min") };
}
