import { figureText, type Measure } from "@amp-saver/core/figure";
import { formatNumber } from "@amp-saver/core/quantity";
import type { Windings } from "@amp-saver/core/study/windings";
import { COLD_C } from "@amp-saver/core/study/windings/params";
import type { Wiring } from "@amp-saver/records";
import { OPENED } from "../../words/explain.ts";
import { FIND } from "../../words/wiring-find.ts";

const ohm = (value: number): string => `${formatNumber(value, 2)} ohm`;
const PAIRS = ["ab", "bc", "ca"] as const;

/** Both windings as figures that open: what was read between which leads, less the probes, turned to a mild day. */
export function windingsOpened({ windings: w }: Wiring, { pins, mainOhm, startOhm }: Windings, measure: Measure) {
  const row = (of: "main" | "start", value: number) => {
    const leads = [pins.common, of === "main" ? pins.run : pins.start];
    const pair = PAIRS.find((p) => leads.every((lead) => p.includes(lead)));
    const read = pair === undefined ? null : w[pair];
    const texts = [
      pair === undefined || typeof read !== "number" ? null : OPENED.windingInputs.pair(FIND.pairs[pair], ohm(read)),
      OPENED.windingInputs.probes(ohm(w.probesOhm)),
      OPENED.windingInputs.warm(figureText("windingC", measure, w.windingC)),
    ].filter((text) => text !== null);
    return {
      name: OPENED.winding[of],
      value: ohm(value),
      formula: OPENED.windingFormula(figureText("windingC", measure, COLD_C)),
      inputs: texts.map((text) => ({ text, origin: "measured" as const })),
    };
  };
  return [row("main", mainOhm), row("start", startOhm)];
}
