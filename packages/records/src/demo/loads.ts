import type { Figure } from "../figure.ts";
import { asId, type Birth, type RigId } from "../identity.ts";
import type { Load, LoadId } from "../kind/load.ts";
import { newLoad } from "../kind/load.ts";

const typical = (value: number): Figure => ({ value, from: "typical" });
const plate = (value: number): Figure => ({ value, from: "plate" });

/** Loads of the darkroom coach, of the house and of the field kitchen, all invented. */
export function demoLoads(coach: RigId, house: RigId, kitchen: RigId): readonly Load[] {
  let second = 10;
  const load = (rig: RigId, id: string, name: string, more: Partial<Load>): Load => {
    const birth: Birth<LoadId> = { id: asId("load", `demo-load-${id}`), now: `2026-05-14T15:21:${second++}.000Z` };
    return { ...newLoad(birth, rig, name), ...more };
  };
  return [
    load(coach, "fridge", "Fridge", { runW: typical(90), startA: typical(3), priority: 1, automatic: true }),
    load(coach, "charger", "Battery charger", {
      runW: typical(530),
      continuous: true,
      automatic: true,
      chargeA: 33,
      leg: 2,
    }),
    load(coach, "bath-heater", "Chemistry bath heater", { runW: plate(250), continuous: true, priority: 2 }),
    load(coach, "enlarger", "Enlarger lamp", { runW: plate(150), priority: 2, leg: 2 }),
    load(coach, "kettle", "Kettle", { runW: plate(1500), priority: 5, on: false }),
    load(coach, "microwave", "Microwave", { runW: typical(1500), priority: 4, on: false, leg: 2 }),
    load(house, "fridge-house", "Fridge", { runW: typical(120), startA: typical(5), priority: 1, automatic: true }),
    load(house, "pump", "Well pump", { runA: plate(4.6), startA: typical(18), leg: "both", priority: 2, automatic: true }),
    load(house, "lights", "Lights", { runW: typical(200), continuous: true, priority: 1, leg: 2 }),
    load(kitchen, "fridge-hatch", "Refrigerator", { runW: plate(140), startA: typical(4), priority: 1, automatic: true }),
    load(kitchen, "lights-hatch", "Lights", { runW: plate(60), continuous: true, priority: 1 }),
    load(kitchen, "warmer", "Plate warmer", { runW: plate(700), continuous: true, priority: 4 }),
  ];
}
