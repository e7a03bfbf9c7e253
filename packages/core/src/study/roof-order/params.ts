import { COMMON_PRACTICE, type ParamTable } from "../../quantity/index.ts";

/** Minutes of what is done on a roof besides wiring and learning. */
export const ROOF_ORDER_PARAMS = {
  startReadMin: { label: "A start read: called, caught, written down", unit: "min", value: 1, min: 0.5, max: 10, source: COMMON_PRACTICE },
  startsRead: { label: "Starts read on each side", unit: "1", value: 3, min: 1, max: 10, source: COMMON_PRACTICE },
  restMin: { label: "Rest between two starts that are read", unit: "min", value: 5, min: 3, max: 15, source: COMMON_PRACTICE },
  isolateMin: { label: "Every source off, locked and proven dead", unit: "min", value: 10, min: 3, max: 60, source: COMMON_PRACTICE },
  openMin: { label: "Opened, bled and looked over", unit: "min", value: 10, min: 3, max: 60, source: COMMON_PRACTICE },
  mountMin: { label: "Mounted and its leads fed", unit: "min", value: 10, min: 3, max: 60, source: COMMON_PRACTICE },
  powerMin: { label: "Compared, covered and powered", unit: "min", value: 5, min: 2, max: 30, source: COMMON_PRACTICE },
  closeMin: { label: "Sealed and closed", unit: "min", value: 8, min: 3, max: 60, source: COMMON_PRACTICE },
} as const satisfies ParamTable;
