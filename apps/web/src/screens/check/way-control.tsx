import { isAided } from "@amp-saver/cases";
import { formatAmps } from "@amp-saver/core/quantity";
import { METHODS, type Method } from "@amp-saver/records";
import { Choice } from "../../ui/choice.tsx";
import { Provenance } from "../../ui/provenance.tsx";
import { RuleSlider } from "../../ui/rule-slider.tsx";
import { Tick } from "../../ui/tick.tsx";
import { VerdictGlyph } from "../../ui/verdict-glyph.tsx";
import { CHECK, METHOD_WORDS } from "../../words/check.ts";
import { type ControlProps, fitOf } from "./control-props.ts";

const LIMIT_SHARES = [0.2, 0.8] as const;

/** Which way of starting, what it is laid over, and a starter's limit. */
export function WayControl(props: ControlProps) {
  const { unit, job, starters } = props.bundle;
  const starter = starters.find((s) => s.id === job.starterId);
  const { method, against, conditions, keep, drag } = props.question;
  const assumed = props.view?.assumptions.find((a) => a.code === "starter-limit")?.value;
  const lockedA = props.view?.assumptions.find((a) => a.code === "locked-amps")?.value ?? unit.lockedRotorA?.value;
  const limitA = conditions.limitA ?? assumed;
  return (
    <>
      <Choice<Method>
        label={CHECK.way}
        hideLabel
        value={method}
        options={METHODS.map((m) => ({
          value: m,
          word: METHOD_WORDS[m],
          under: <VerdictGlyph fit={fitOf(props, "method", m) ?? "not-known"} />,
        }))}
        onChange={(next) => keep({ method: next, ...(next === against && { against: method }) })}
      />
      <label className="mt-1.5 mb-1 flex items-center justify-between gap-2 text-body">
        <span className="text-ink2">{CHECK.against}</span>
        <select
          value={against ?? ""}
          onChange={(event) => keep({ against: METHODS.find((m) => m === event.target.value) ?? null })}
          className="edge min-h-[29px] bg-face px-2 font-semibold pointer-coarse:min-h-[44px]"
        >
          <option value="">{CHECK.againstNone}</option>
          {METHODS.filter((m) => m !== method).map((m) => (
            <option key={m} value={m}>
              {METHOD_WORDS[m]}
            </option>
          ))}
        </select>
      </label>
      {method === "soft" && starter !== undefined && <p className="text-small">{CHECK.starter(starter.name)}</p>}
      {method === "soft" && isAided(unit) && (
        <Tick
          label={CHECK.aidStaysIn}
          help={CHECK.aidHelp}
          ticked={conditions.aidStaysIn}
          onChange={(aidStaysIn) => keep({ aidStaysIn })}
        />
      )}
      {method === "soft" && limitA !== undefined && lockedA !== undefined && (
        <RuleSlider
          label={CHECK.limit}
          inputId="limit"
          min={Math.ceil(lockedA * LIMIT_SHARES[0])}
          max={Math.floor(lockedA * LIMIT_SHARES[1])}
          step={0.5}
          value={limitA}
          text={formatAmps(limitA)}
          figureExtra={<Provenance from={conditions.limitA === null ? "typical" : "sheet"} />}
          onChange={(value) => drag({ limitA: value })}
          onCommit={(value) => keep({ limitA: value }, "limitA")}
        />
      )}
    </>
  );
}
