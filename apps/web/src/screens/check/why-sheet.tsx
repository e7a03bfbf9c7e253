import { formatPercent } from "@amp-saver/core/quantity";
import { Provenance } from "../../ui/provenance.tsx";
import { Sheet } from "../../ui/sheet.tsx";
import { WhyLink } from "../../ui/why-link.tsx";
import { ASSUMED_WORDS } from "../../words/check.ts";
import { COMMON } from "../../words/common.ts";
import { findingSentence, findingSource, SEVERITY_WORDS } from "../../words/findings.ts";
import type { GuideTopic } from "../../words/guide/topic.ts";
import { WHY } from "../../words/why.ts";
import type { Trials } from "../../workers/use-trials.ts";
import type { CheckView, movedBy } from "./check.view.ts";
import { ExplainedFigures } from "./explained.tsx";

function Heading({ guide, children }: { readonly guide: GuideTopic; readonly children: string }) {
  return (
    <h3 className="font-bold">
      {children} <WhyLink to={guide} about={children} />
    </h3>
  );
}

/** The answer opened down to its findings, inputs, formulas and sources. */
export function WhySheet({
  open,
  onOpenChange,
  view,
  confidence,
  moved,
}: {
  readonly open: boolean;
  readonly onOpenChange: (open: boolean) => void;
  readonly view: CheckView;
  readonly confidence: Trials["confidence"];
  /** What moved the outcome of the tries, most first. */
  readonly moved: ReturnType<typeof movedBy>;
}) {
  return (
    <Sheet open={open} onOpenChange={onOpenChange} title={COMMON.why}>
      {view.assessment.findings.length > 0 && (
        <section>
          <Heading guide="verdicts">{WHY.findings}</Heading>
          <ul>
            {view.assessment.findings.map((issue) => (
              <li key={issue.code} className="border-b border-hair py-1.5">
                <b className={issue.severity === "stop" ? "text-lead" : ""}>{SEVERITY_WORDS[issue.severity]}.</b> {findingSentence(issue)}
                <span className="block text-small text-ink2">{findingSource(issue.source)}</span>
              </li>
            ))}
          </ul>
        </section>
      )}
      <ExplainedFigures view={view} />
      <section className="mt-4">
        <Heading guide="breaker">{WHY.limits}</Heading>
        <ul>
          {view.limits.map(({ code, share }) => (
            <li key={code} className="flex justify-between gap-4 border-b border-hair py-1 text-body">
              <span>{WHY.limitWords[code]}</span>
              <span className={`figure ${share > 1 ? "text-lead" : ""}`}>{formatPercent(share)}</span>
            </li>
          ))}
        </ul>
        <p className="py-1 text-body">{WHY.energy(view.energyJ, view.aboveRunningS)}</p>
        {view.battery !== null && <p className="py-1 text-body">{WHY.battery(view.battery)}</p>}
        {view.breaker !== null && <p className="py-1 text-body">{WHY.breaker(view.breaker.restS, view.breaker.mayTripAt)}</p>}
        {view.retries.length > 0 && <p className="py-1 text-body">{WHY.retries(view.retries)}</p>}
      </section>
      {confidence !== null && (
        <section className="mt-4">
          <Heading guide="tries">{WHY.trials}</Heading>
          <p className="py-1 text-body">
            {WHY.trialsText(confidence.holds, confidence.trials, confidence.interval, confidence.rejectedShare)}
          </p>
          <ul>
            {moved.slice(0, 5).map(({ code, share }) => {
              const assumed = view.assumptions.find((a) => a.code === code);
              return (
                <li key={code} className="flex justify-between gap-4 border-b border-hair py-1 text-body">
                  <span>{assumed === undefined ? code : ASSUMED_WORDS[code](assumed.value, assumed.tolerance)}</span>
                  <span className="figure">{formatPercent(share)}</span>
                </li>
              );
            })}
          </ul>
        </section>
      )}
      <section className="mt-4">
        <Heading guide="check">{WHY.how}</Heading>
        <p className="py-1 text-body">{WHY.howHere}</p>
      </section>
      <section className="mt-4">
        <Heading guide="provenance">{WHY.inputs}</Heading>
        <ul>
          {view.assumptions.map((a) => (
            <li key={a.code} className="flex items-baseline gap-2.5 border-b border-hair py-1.5">
              <Provenance from={a.origin} />
              <span>
                {ASSUMED_WORDS[a.code](a.value, a.tolerance)}
                <span className="block text-small text-ink2">{findingSource(a.source)}</span>
              </span>
            </li>
          ))}
        </ul>
      </section>
    </Sheet>
  );
}
