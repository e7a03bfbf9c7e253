import { formatAmps, formatWith } from "@amp-saver/core/quantity";
import { METHODS, type Method } from "@amp-saver/records";
import { Link } from "react-router";
import { useSettings } from "../../app/settings.tsx";
import type { JobBundle } from "../../store/queries.ts";
import { Choice } from "../../ui/choice.tsx";
import { Provenance } from "../../ui/provenance.tsx";
import { RuleSlider } from "../../ui/rule-slider.tsx";
import { type FitName, VerdictGlyph } from "../../ui/verdict-glyph.tsx";
import { CHECK, METHOD_WORDS } from "../../words/check.ts";
import { FIT_WORDS } from "../../words/common.ts";
import type { CheckView } from "../../workbench/check-view.ts";
import { shownAs } from "../../workbench/measure.ts";
import type { useGlances } from "../../workers/use-study.ts";
import type { Thresholds } from "./surroundings.ts";
import type { Question } from "./use-question.ts";

interface ControlsProps {
  readonly bundle: JobBundle;
  readonly question: Question;
  readonly view: CheckView | null;
  readonly glances: ReturnType<typeof useGlances>["answer"];
  readonly turn: Thresholds | undefined;
}

const OUTDOOR = { us: { min: 50, max: 125 }, si: { min: 10, max: 52 } } as const;
const ALTITUDE = { us: { min: 0, max: 12000, step: 100 }, si: { min: 0, max: 3660, step: 20 } } as const;
const MOST_LOADS_A = 30;

/** The rail: source, way of starting, other loads, weather and height. Nothing to apply: it answers as it moves. */
export function Controls({ bundle, question, view, glances, turn }: ControlsProps) {
  const { job, rig, unit, sources } = bundle;
  const { measure } = useSettings();
  const { conditions, method, against, drag, keep, input } = question;
  const fitOf = (key: "source" | "method", id: string): FitName => {
    const i = input.glanceOf.findIndex((of) => (of as Record<string, string>)[key] === id);
    return glances?.[i]?.verdict.overall ?? "not-known";
  };
  const outdoor = shownAs("hottestC", measure);
  const altitude = shownAs("altitudeM", measure);
  const source = sources.find((s) => s.id === job.sourceId);
  const lockedA = unit.lockedRotorA?.value ?? (unit.ratedLoadA?.value ?? 13) * 5;
  const limitA = conditions.limitA ?? view?.assumptions.find((a) => a.code === "starter-limit")?.value ?? Math.round(0.35 * lockedA);
  const wall = (shown: typeof outdoor, value: number | null | undefined) =>
    value == null ? null : { at: shown.fromSi(value), text: formatWith(shown.fromSi(value), 0, shown.unit) };
  return (
    <section
      aria-label={CHECK.controls}
      className="border-ink bg-bench px-4 py-3 max-[999px]:border-t-[1.5px] min-[1000px]:border-l-[1.5px] min-[1000px]:px-5"
    >
      <h2 className="text-[15px] text-ink2">{CHECK.source}</h2>
      {sources.length === 0 && (
        <Link to={`/job/${job.id}/survey`} className="block py-2 underline underline-offset-4">
          {CHECK.addSource}
        </Link>
      )}
      <ul className="-mx-2">
        {sources.map((s) => (
          <li key={s.id}>
            <button
              type="button"
              aria-pressed={s.id === job.sourceId}
              onClick={() => keep({ sourceId: s.id })}
              className={`flex min-h-[29px] w-full items-center justify-between gap-2 px-2 text-left pointer-coarse:min-h-[48px] ${s.id === job.sourceId ? "bg-ink font-semibold text-face" : ""}`}
            >
              <span className="truncate">{s.name}</span>
              <span className="flex shrink-0 items-center gap-2.5 text-[14.5px]">
                <VerdictGlyph fit={fitOf("source", s.id)} />
                <span aria-hidden="true" className="w-[78px] text-right">
                  {FIT_WORDS[fitOf("source", s.id)]}
                </span>
              </span>
            </button>
          </li>
        ))}
      </ul>
      <div className="mt-2.5 border-t border-ink pt-2">
        <h2 className="mb-1 text-[15px] text-ink2">{CHECK.way}</h2>
        <Choice<Method>
          label={CHECK.way}
          hideLabel
          value={method}
          options={METHODS.map((m) => ({ value: m, word: METHOD_WORDS[m], under: <VerdictGlyph fit={fitOf("method", m)} /> }))}
          onChange={(next) => keep({ method: next, ...(next === against && { against: method }) })}
        />
        <label className="mt-2 flex items-center justify-between gap-2 text-[15px]">
          <span className="text-ink2">{CHECK.against}</span>
          <select
            value={against ?? ""}
            onChange={(event) => keep({ against: METHODS.find((m) => m === event.target.value) ?? null })}
            className="edge min-h-[32px] bg-face px-2 font-semibold pointer-coarse:min-h-[44px]"
          >
            <option value="">{CHECK.againstNone}</option>
            {METHODS.filter((m) => m !== method).map((m) => (
              <option key={m} value={m}>
                {METHOD_WORDS[m]}
              </option>
            ))}
          </select>
        </label>
        {method === "soft" && (
          <RuleSlider
            label={CHECK.limit}
            inputId="limit"
            min={Math.ceil(lockedA * 0.2)}
            max={Math.floor(lockedA * 0.8)}
            step={0.5}
            value={limitA}
            text={formatAmps(limitA)}
            figureExtra={<Provenance from={conditions.limitA === null ? "typical" : "sheet"} />}
            onChange={(value) => drag({ limitA: value })}
            onCommit={(value) => keep({ limitA: value }, "limitA")}
          />
        )}
      </div>
      <div className="mt-2 border-t border-ink pt-1.5">
        <RuleSlider
          label={CHECK.loads}
          inputId="loads"
          min={0}
          max={MOST_LOADS_A}
          step={0.1}
          value={conditions.otherLoadsA}
          text={formatAmps(conditions.otherLoadsA)}
          onChange={(value) => drag({ otherLoadsA: value })}
          onCommit={(value) => keep({ otherLoadsA: value }, "otherLoadsA")}
        />
      </div>
      <div className="mt-1 border-t border-ink pt-1.5">
        <RuleSlider
          label={CHECK.outdoor}
          inputId="outdoor"
          {...OUTDOOR[measure]}
          step={1}
          value={Math.round(outdoor.fromSi(conditions.outdoorC))}
          text={formatWith(outdoor.fromSi(conditions.outdoorC), 0, outdoor.unit)}
          wall={wall(outdoor, turn?.outdoorC)}
          figureExtra={
            job.outdoorC === null ? (
              <Provenance from={rig.hottestC.from} word />
            ) : (
              <Reset label={CHECK.back} onClick={() => keep({ outdoorC: null })} />
            )
          }
          onChange={(value) => drag({ outdoorC: outdoor.toSi(value) })}
          onCommit={(value) => keep({ outdoorC: outdoor.toSi(value) }, "outdoorC")}
        />
      </div>
      {source?.type === "inverter-generator" && (
        <div className="mt-1 border-t border-ink pt-1.5">
          <RuleSlider
            label={CHECK.altitude}
            inputId="altitude"
            {...ALTITUDE[measure]}
            value={Math.round(altitude.fromSi(conditions.altitudeM))}
            text={formatWith(altitude.fromSi(conditions.altitudeM), 0, altitude.unit)}
            wall={wall(altitude, turn?.altitudeM)}
            figureExtra={
              job.altitudeM === null ? (
                <Provenance from={rig.altitudeM.from} word />
              ) : (
                <Reset label={CHECK.back} onClick={() => keep({ altitudeM: null })} />
              )
            }
            onChange={(value) => drag({ altitudeM: altitude.toSi(value) })}
            onCommit={(value) => keep({ altitudeM: altitude.toSi(value) }, "altitudeM")}
          />
        </div>
      )}
      <PlateLine bundle={bundle} />
    </section>
  );
}

function Reset({ label, onClick }: { readonly label: string; readonly onClick: () => void }) {
  return (
    <button type="button" onClick={onClick} className="text-[14px] underline underline-offset-3 pointer-coarse:min-h-[44px]">
      {label}
    </button>
  );
}

function PlateLine({ bundle: { unit } }: { readonly bundle: JobBundle }) {
  const cells = (["lockedRotorA", "ratedLoadA", "fanA", "runCapacitorF"] as const).map((name) => ({ name, figure: unit[name] }));
  return (
    <div className="mt-2 border-t border-ink pt-1.5">
      <h2 className="text-[15px] text-ink2">{CHECK.unitHead(unit.name)}</h2>
      <dl className="mt-1 flex justify-between">
        {cells.map(({ name, figure }) => {
          const shown = shownAs(name, "us");
          return (
            <div key={name}>
              <dt className="text-[14px] text-ink2">{CHECK.plate[name]}</dt>
              <dd className="figure text-[16px] whitespace-nowrap">
                {figure === undefined
                  ? "?"
                  : formatWith(shown.fromSi(figure.value), figure.value >= 100 || name === "runCapacitorF" ? 0 : 1, shown.unit)}
              </dd>
            </div>
          );
        })}
      </dl>
    </div>
  );
}
