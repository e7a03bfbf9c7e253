import { COMMON_PRACTICE, FROM_MEMORY, type ParamTable } from "../../quantity/index.ts";

/** What remedies cost (US dollars, as told by people of the trade), weigh and take, and how far they go. */
export const REMEDY_PARAMS = {
  starterUsd: { label: "Soft starter", unit: "USD", value: 350, min: 0, max: 5000, spread: [300, 400], source: COMMON_PRACTICE },
  kitUsd: { label: "Hard start kit", unit: "USD", value: 55, min: 0, max: 5000, spread: [50, 60], source: COMMON_PRACTICE },
  visitUsd: { label: "A technician’s visit", unit: "USD", value: 175, min: 0, max: 5000, spread: [150, 200], source: COMMON_PRACTICE },
  cordUsd: { label: "A heavier cord", unit: "USD", value: 120, min: 0, max: 2000, source: FROM_MEMORY },
  secondUsd: { label: "A second generator of the same make", unit: "USD", value: 1000, min: 0, max: 20000, source: FROM_MEMORY },
  generatorUsd: {
    label: "A bigger generator, more than the one there is",
    unit: "USD",
    value: 2000,
    min: 0,
    max: 20000,
    source: COMMON_PRACTICE,
  },
  starterKg: { label: "Soft starter with box and leads", unit: "kg", value: 1, min: 0, max: 10, source: FROM_MEMORY },
  kitKg: { label: "Hard start kit", unit: "kg", value: 0.5, min: 0, max: 5, source: FROM_MEMORY },
  cordKg: { label: "Heavier cord, more than the one there is", unit: "kg", value: 5, min: 0, max: 40, source: FROM_MEMORY },
  secondKg: { label: "Second small generator", unit: "kg", value: 22, min: 5, max: 150, source: FROM_MEMORY },
  generatorKg: { label: "Bigger generator, more than the one there is", unit: "kg", value: 25, min: 0, max: 300, source: FROM_MEMORY },
  starterMin: { label: "Fitting a starter, its learning included", unit: "min", value: 75, min: 15, max: 480, source: COMMON_PRACTICE },
  kitMin: { label: "Fitting a hard start kit", unit: "min", value: 20, min: 5, max: 240, source: COMMON_PRACTICE },
  serviceMin: { label: "Testing and replacing capacitor and start aid", unit: "min", value: 45, min: 10, max: 240, source: FROM_MEMORY },
  biggerFactor: { label: "Bigger generator over the one there is", unit: "1", value: 1.6, min: 1.1, max: 4, source: COMMON_PRACTICE },
  sureEnough: {
    label: "Share of tries from which a much cheaper remedy is named",
    unit: "1",
    value: 0.8,
    min: 0.5,
    max: 0.95,
    source: "a decision of this product",
  },
  muchCheaper: {
    label: "Price over the dearer one's at which a remedy is much cheaper",
    unit: "1",
    value: 0.5,
    min: 0.1,
    max: 0.9,
    source: "a decision of this product",
  },
  heavierSteps: {
    label: "Sizes of the table by which a heavier cord is heavier",
    unit: "1",
    value: 2,
    min: 1,
    max: 6,
    source: COMMON_PRACTICE,
  },
} as const satisfies ParamTable;

/** Prices that a user may put in place of the table's. */
export const PRICES = ["starterUsd", "kitUsd", "visitUsd", "cordUsd", "secondUsd", "generatorUsd"] as const;
export type Prices = Readonly<Record<(typeof PRICES)[number], number>>;

/** The table's prices. */
export const USUAL_PRICES: Prices = {
  starterUsd: REMEDY_PARAMS.starterUsd.value,
  kitUsd: REMEDY_PARAMS.kitUsd.value,
  visitUsd: REMEDY_PARAMS.visitUsd.value,
  cordUsd: REMEDY_PARAMS.cordUsd.value,
  secondUsd: REMEDY_PARAMS.secondUsd.value,
  generatorUsd: REMEDY_PARAMS.generatorUsd.value,
};
