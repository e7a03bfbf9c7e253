import { BATTERY_PARAMS } from "@amp-saver/core/device/battery/params";
import { BREAKER_PARAMS } from "@amp-saver/core/device/breaker/params";
import { COMPRESSOR_MOTOR_PARAMS } from "@amp-saver/core/device/compressor-motor/params";
import { CORD_PARAMS } from "@amp-saver/core/device/cord/params";
import { ENGINE_PARAMS } from "@amp-saver/core/device/engine/params";
import { GENERATOR_PARAMS } from "@amp-saver/core/device/generator/params";
import { HARD_START_PARAMS } from "@amp-saver/core/device/hard-start/params";
import { INVERTER_GENERATOR_PARAMS } from "@amp-saver/core/device/inverter-generator/params";
import { SHORE_PARAMS } from "@amp-saver/core/device/shore/params";
import { SOFT_STARTER_PARAMS } from "@amp-saver/core/device/soft-starter/params";
import type { ParamTable } from "@amp-saver/core/quantity";
import { CODE_PARAMS } from "@amp-saver/core/reference";
import { ASSESS_PARAMS } from "@amp-saver/core/study/assess/params";
import { BOUNDARY_PARAMS } from "@amp-saver/core/study/boundary/params";
import { CALIBRATION_PARAMS } from "@amp-saver/core/study/calibration/params";
import { MEASURABLE } from "@amp-saver/core/study/confidence/params";
import { DAY_PARAMS } from "@amp-saver/core/study/day-plan/params";
import { ISOLATION_PARAMS } from "@amp-saver/core/study/isolation/params";
import { LEARNING_RUN_PARAMS } from "@amp-saver/core/study/learning-runs/params";
import { MOUNTING_PARAMS } from "@amp-saver/core/study/mounting/params";
import { OWN_RECORD_PARAMS } from "@amp-saver/core/study/own-record/params";
import { BUDGET_PARAMS } from "@amp-saver/core/study/power-budget/params";
import { ACT_SECONDS, PRACTICE_PARAMS } from "@amp-saver/core/study/practice/params";
import { PROOF_PARAMS } from "@amp-saver/core/study/proof/params";
import { QUOTE_PARAMS } from "@amp-saver/core/study/quote/params";
import { READING_PARAMS } from "@amp-saver/core/study/reading/params";
import { REMEDY_PARAMS } from "@amp-saver/core/study/remedy/params";
import { ROOF_ORDER_PARAMS } from "@amp-saver/core/study/roof-order/params";
import { START_PART_PARAMS } from "@amp-saver/core/study/start-parts/params";
import { TOGETHER_PARAMS } from "@amp-saver/core/study/together/params";
import { TROUBLE_PARAMS } from "@amp-saver/core/study/trouble/params";
import { WAITING_PARAMS } from "@amp-saver/core/study/waiting/params";
import { WAVEFORM_PARAMS } from "@amp-saver/core/study/waveform/params";
import { WINDING_PARAMS } from "@amp-saver/core/study/windings/params";

/** Every table of figures that a result rests on, under the name of what it belongs to. */
export const FIGURE_TABLES = [
  { id: "figures-motor", title: "Compressor motor", table: COMPRESSOR_MOTOR_PARAMS },
  { id: "figures-hard-start", title: "Hard start kit", table: HARD_START_PARAMS },
  { id: "figures-starter", title: "Soft starter", table: SOFT_STARTER_PARAMS },
  { id: "figures-inverter-generator", title: "Inverter generator and inverter", table: INVERTER_GENERATOR_PARAMS },
  { id: "figures-generator", title: "Open-frame generator", table: GENERATOR_PARAMS },
  { id: "figures-engine", title: "Engine: altitude, heat, fuel", table: ENGINE_PARAMS },
  { id: "figures-shore", title: "Shore power and circuits", table: SHORE_PARAMS },
  { id: "figures-breaker", title: "Breaker", table: BREAKER_PARAMS },
  { id: "figures-cord", title: "Cords and plugs", table: CORD_PARAMS },
  { id: "figures-battery", title: "Battery", table: BATTERY_PARAMS },
  { id: "figures-code", title: "Rules of the code", table: CODE_PARAMS },
  { id: "figures-verdict", title: "Verdicts", table: ASSESS_PARAMS },
  { id: "figures-map", title: "Where an answer turns", table: BOUNDARY_PARAMS },
  { id: "figures-measure", title: "Minutes of measuring", table: MEASURABLE },
  { id: "figures-fixes", title: "Fixes and their prices", table: REMEDY_PARAMS },
  { id: "figures-quote", title: "Quote", table: QUOTE_PARAMS },
  { id: "figures-isolation", title: "Proven dead", table: ISOLATION_PARAMS },
  { id: "figures-windings", title: "Ohms of the windings", table: WINDING_PARAMS },
  { id: "figures-start-parts", title: "Start parts", table: START_PART_PARAMS },
  { id: "figures-trouble", title: "Something is wrong", table: TROUBLE_PARAMS },
  { id: "figures-roof", title: "Work on all units", table: ROOF_ORDER_PARAMS },
  { id: "figures-mounting", title: "Mounting", table: MOUNTING_PARAMS },
  { id: "figures-waiting", title: "Waiting or faulty", table: WAITING_PARAMS },
  { id: "figures-learning", title: "Learning runs", table: LEARNING_RUN_PARAMS },
  { id: "figures-readings", title: "Readings", table: READING_PARAMS },
  { id: "figures-recorded", title: "Recorded starts", table: WAVEFORM_PARAMS },
  { id: "figures-refine", title: "Refining by what was measured", table: CALIBRATION_PARAMS },
  { id: "figures-proof", title: "Proof", table: PROOF_PARAMS },
  { id: "figures-together", title: "What can run together", table: { ...BUDGET_PARAMS, ...TOGETHER_PARAMS } },
  { id: "figures-day", title: "Hour by hour", table: DAY_PARAMS },
  { id: "figures-practice", title: "Practice unit", table: PRACTICE_PARAMS },
  { id: "figures-practice-times", title: "Practice: time of each act", table: ACT_SECONDS },
  { id: "figures-own", title: "Your own jobs", table: OWN_RECORD_PARAMS },
] as const satisfies readonly { readonly id: string; readonly title: string; readonly table: ParamTable }[];
