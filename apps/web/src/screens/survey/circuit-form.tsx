import { formatNumber } from "@amp-saver/core/quantity";
import { GAUGES } from "@amp-saver/core/reference";
import type { AirConditioner } from "@amp-saver/records";
import { useSettings } from "../../store/settings.tsx";
import { Pick } from "../../ui/pick.tsx";
import { CIRCUIT_WORDS, SURVEY } from "../../words/survey.ts";
import { wireSize } from "../../words/wire-size.ts";
import { FigureInput } from "../figure-input.tsx";
import { circuitIssues } from "./circuit.view.ts";
import { gaugeOf } from "./gauge.view.ts";

interface CircuitFormProps {
  readonly unit: AirConditioner;
  readonly save: (change: Partial<AirConditioner>, field: string) => void;
}

/** Breaker and wire of the unit's own circuit, set beside its plate. */
export function CircuitForm({ unit, save }: CircuitFormProps) {
  const issues = circuitIssues(unit);
  const { measure } = useSettings();
  return (
    <fieldset className="mt-2 border-t-[1.5px] border-ink pt-1">
      <legend className="float-left text-body font-semibold">{SURVEY.circuit}</legend>
      <div className="clear-both">
        <FigureInput
          name="breakerA"
          figure={unit.branchBreakerA}
          usual="measured"
          onChange={(next) => save({ branchBreakerA: next }, "branchBreakerA")}
        />
        <Pick
          label={SURVEY.wire}
          value={unit.branchAwg === undefined ? "" : String(unit.branchAwg)}
          options={[{ value: "", word: SURVEY.notRead }, ...GAUGES.map((awg) => ({ value: String(awg), word: wireSize(awg, measure) }))]}
          onChange={(awg) => save({ branchAwg: awg === "" ? undefined : gaugeOf(awg) }, "branchAwg")}
        />
        <ul>
          {issues.map(({ code, severity, figures, source }) => (
            <li key={code} className="border-b border-hair py-1.5 text-body">
              <b className={severity === "warn" ? "text-lead" : ""}>{CIRCUIT_WORDS.severity[severity]}</b>{" "}
              {CIRCUIT_WORDS.issues[code]((name) =>
                name === "awg" ? wireSize(figures.awg ?? 0, measure) : formatNumber(figures[name] ?? 0, 1),
              )}{" "}
              <span className="block text-small text-ink2">{CIRCUIT_WORDS.source(source)}</span>
            </li>
          ))}
        </ul>
      </div>
    </fieldset>
  );
}
