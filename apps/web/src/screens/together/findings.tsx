import { coincidencesOf, keepsOf, legAdvice, type PlanStudy, type TogetherQuestion } from "@amp-saver/cases";
import { shownAs } from "@amp-saver/core/figure";
import { formatWith } from "@amp-saver/core/quantity";
import type { Source } from "@amp-saver/records";
import type { RigBundle } from "../../store/bundle.ts";
import { useSettings } from "../../store/settings.tsx";
import { OpenFigure } from "../../ui/open-figure.tsx";
import { VerdictGlyph } from "../../ui/verdict-glyph.tsx";
import { CHECK } from "../../words/check.ts";
import { FIT_WORDS } from "../../words/common.ts";
import { BUDGET_WORDS, GEAR_WORDS, TOGETHER } from "../../words/together.ts";
import { shownAnswer } from "../kept-answer.ts";
import { legsOpened } from "./legs-opened.ts";

interface FindingsProps {
  readonly study: PlanStudy;
  readonly question: TogetherQuestion;
  readonly source: Source;
  readonly bundle: RigBundle;
  readonly lockOut: boolean;
  readonly nameOf: (id: string) => string;
}

/** Each start on top of the rest, the order to start in, what the counting found, and what sits in between. */
export function Findings({ study, question, source, bundle, lockOut, nameOf }: FindingsProps) {
  const { measure } = useSettings();
  const { budget, starts } = study;
  const legs = question.given.source.legs;
  const advice = legAdvice(study, question);
  const keeps = keepsOf(study, question, source, bundle.sources, bundle.rig, bundle.loads);
  const fuel = shownAs("tankL", measure);
  const said = budget.status === "overload" ? budget.issues.filter((i) => i.code !== "start-over-limit") : budget.issues;
  return (
    <section className="mt-3">
      <ul>
        {starts
          .map(({ id, assessment, runningV }) => ({ id, runningV, shown: assessment && shownAnswer(assessment) }))
          .map(({ id, runningV, shown }) => (
            <li key={id} className="flex flex-wrap items-center justify-between gap-x-4 border-b border-hair py-1.5">
              <span>{TOGETHER.startOf(nameOf(id))}</span>
              <span className="flex items-center gap-2.5">
                {runningV !== null && <span className="text-small text-ink2">{TOGETHER.runsOn(runningV)}</span>}
                <VerdictGlyph fit={shown?.fit ?? "not-known"} />
                <span aria-hidden="true">{FIT_WORDS[shown?.fit ?? "not-known"]}</span>
                <span className="figure w-[150px] text-right">
                  {shown?.spareA != null && shown.spareA > 0 && CHECK.spareOf(shown.spareA)}
                </span>
              </span>
            </li>
          ))}
      </ul>
      {budget.startOrder !== null && budget.startOrder.length > 1 && question.given.source.kind !== "shore" && (
        <p className="mt-2 font-semibold">{TOGETHER.order(budget.startOrder.map(nameOf))}</p>
      )}
      {study.apartS !== null && !lockOut && <p className="mt-1">{TOGETHER.apart(study.apartS)}</p>}
      {legsOpened(study, question, nameOf).map((opened) => (
        <OpenFigure key={opened.name} {...opened} />
      ))}
      <ul className="mt-1 text-body">
        {said.map((issue) => (
          <li key={`${issue.code} ${"id" in issue ? issue.id : "leg" in issue ? issue.leg : ""}`} className="py-0.5">
            {issue.code === "over-breaker" && BUDGET_WORDS[issue.code](issue.leg, issue.countedA, issue.limitA, legs)}
            {issue.code === "over-running-watts" && BUDGET_WORDS[issue.code](issue.leg, issue.watts, issue.limitW)}
            {issue.code === "start-over-limit" && BUDGET_WORDS[issue.code](nameOf(issue.id), issue.totalA, issue.limitA)}
            {issue.code === "holds-under-three-hours" && BUDGET_WORDS[issue.code](issue.runA, issue.limitA)}
            {issue.code === "motor-counted" && BUDGET_WORDS[issue.code](issue.factor)}
            {issue.code === "continuous-counted" && BUDGET_WORDS[issue.code](issue.factor)}
            {issue.code === "legs-uneven" && BUDGET_WORDS[issue.code](issue.leg1, issue.leg2)}
          </li>
        ))}
        {advice?.move.map(({ id, to }) => (
          <li key={`move ${id}`} className="py-0.5 font-semibold">
            {TOGETHER.move(nameOf(id), to, advice.fullerBeforeA, advice.fullerAfterA)}
          </li>
        ))}
        {lockOut && study.pairs.length > 0 && <li className="py-0.5">{TOGETHER.locked}</li>}
        {!lockOut &&
          study.pairs.map(({ ids, totalA, limitA, startS }) => (
            <li key={ids.join(" ")} className="py-0.5">
              {totalA > limitA ? (
                <>
                  <b>{TOGETHER.pairTooMuch(ids.map(nameOf), totalA, limitA)}</b> {TOGETHER.chance(coincidencesOf(bundle.rig, startS))}
                </>
              ) : (
                TOGETHER.pairFits(ids.map(nameOf))
              )}
            </li>
          ))}
        {keeps.planned !== null && keeps.planned.shutdownS !== null && (
          <li className="py-0.5 font-semibold">{TOGETHER.shutsDown(keeps.planned.share, keeps.planned.shutdownS)}</li>
        )}
        {keeps.engine !== null && (
          <li className="py-0.5">
            {TOGETHER.fuelUse(formatWith(fuel.fromSi(keeps.engine.litresPerHour), 2, fuel.unit), keeps.engine.hours)}
          </li>
        )}
        {keeps.bank !== null && keeps.bank.hours !== null && (
          <li className="py-0.5">{TOGETHER.bankLasts(keeps.bank.hours, keeps.bank.amps)}</li>
        )}
        {keeps.chargeA !== null && <li className="py-0.5">{TOGETHER.charge(keeps.chargeA)}</li>}
        {study.fillings !== null && study.fillings.sets.length > 0 && (
          <li className="py-0.5">
            {TOGETHER.fillings(study.fillings.fitting, study.fillings.of)}
            <ul>
              {study.fillings.sets.map((ids) => (
                <li key={ids.join(" ")}>{TOGETHER.filling(ids.map(nameOf))}</li>
              ))}
            </ul>
          </li>
        )}
        {source.gear?.map((gear) => (
          <li key={gear} className="py-0.5">
            <b>{GEAR_WORDS[gear].name}.</b> {GEAR_WORDS[gear].says}
          </li>
        ))}
      </ul>
    </section>
  );
}
