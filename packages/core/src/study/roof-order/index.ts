export { type RoofAct, type RoofOrder, type RoofUnit, roofOrder } from "./order.ts";
export { ROOF_ORDER_PARAMS } from "./params.ts";
export { roofForTwo, type TwoTask } from "./two.ts";
