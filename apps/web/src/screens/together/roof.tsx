import { formatNumber, type Param } from "@amp-saver/core/quantity";
import { ROOF_ORDER_PARAMS } from "@amp-saver/core/study/roof-order/params";
import { fileStem } from "@amp-saver/records/exchange";
import { useMemo, useState } from "react";
import type { RigBundle } from "../../store/bundle.ts";
import { useFitLogs } from "../../store/queries.ts";
import { useSettings } from "../../store/settings.tsx";
import { Answer } from "../../ui/answer.tsx";
import { Fold } from "../../ui/fold.tsx";
import { LinkButton } from "../../ui/layout/link-button.tsx";
import { SectionHeading } from "../../ui/layout/section-heading.tsx";
import { Evidence, Rail, StageFrame } from "../../ui/layout/stage-frame.tsx";
import { makePdf } from "../../ui/make-pdf.ts";
import { OpenFigure } from "../../ui/open-figure.tsx";
import { PlainTable } from "../../ui/plain-table.tsx";
import { RoofButton } from "../../ui/roof-button.tsx";
import { saveFile } from "../../ui/save-file.ts";
import { COMMON } from "../../words/common.ts";
import { OPENED } from "../../words/explain.ts";
import { HAND_OVER } from "../../words/hand-over.ts";
import { QUOTE } from "../../words/quote.ts";
import { ROOF_WORK } from "../../words/roof-work.ts";
import { wiringNames } from "../../words/wiring.ts";
import { PLAN } from "../../words/wiring-plan.ts";
import { QuoteFigures } from "../choose/quote-figures.tsx";
import { kitSentence } from "../prepare/crimp-sheet.tsx";
import { roofWork } from "./roof.view.ts";

/** The work over a whole roof: the order that wastes no rest, one kit, one quote. */
export function RoofWorkScreen({ bundle }: { readonly bundle: RigBundle }) {
  const { rig, units, jobs } = bundle;
  const works = useFitLogs();
  const { prices, quotePrices, quoteFrom, measure, namesInFiles } = useSettings();
  const [said, setSaid] = useState<string | null>(null);
  const work = useMemo(() => roofWork(bundle, works, prices.starterUsd, quotePrices), [bundle, works, prices.starterUsd, quotePrices]);
  const { order, planned, unplanned, handedOver, quote } = work;
  const allDone = handedOver.length > 0 && handedOver.length === units.length;
  const nameOf = (ids: readonly string[]): string =>
    ids.length === planned.length && ids.length > 1
      ? ROOF_WORK.all
      : ids.map((id) => units.find((u) => u.id === id)?.name ?? id).join(", ");
  const [first] = planned;
  const names = first === undefined ? null : wiringNames(first.plan.asFound, null, measure);
  const starters = [...new Set(planned.map(({ starterName }) => starterName))];
  const starter = starters.length === 1 ? (starters[0] ?? null) : null;
  const pdf = async (): Promise<void> => {
    if (quote === null) return;
    const { quoteDocument } = await import("../choose/quote-pdf.ts");
    const head = {
      rig: rig.name,
      unit: ROOF_WORK.units(planned.length),
      starter,
      source: null,
      lockedRotorA: null,
      smallest: [],
      from: quoteFrom.trim(),
      today: new Date(),
    };
    const blob = await makePdf(quoteDocument(quote, head));
    saveFile(`${fileStem(namesInFiles, "rig", rig.id, rig.name)}-quote.pdf`, blob, "application/pdf");
  };
  const [job] = jobs;
  return (
    <StageFrame>
      <Evidence>
        <Answer
          guide="together"
          question={ROOF_WORK.question(rig.name, units.length)}
          parts={
            allDone
              ? ROOF_WORK.allDone
              : planned.length === 0
                ? ROOF_WORK.none
                : ROOF_WORK.answer(order.minutes, order.oneByOneMin - order.minutes)
          }
          sure={allDone ? undefined : ROOF_WORK.sure}
        />
        {unplanned.length > 0 && <p className="mt-2 font-semibold text-lead">{ROOF_WORK.left(unplanned)}</p>}
        {handedOver.length > 0 && !allDone && <p className="mt-2 text-ink2">{ROOF_WORK.handedOver(handedOver)}</p>}
        {planned.length === 0 && !allDone && job !== undefined && (
          <LinkButton to={`/job/${job.id}/prepare`} className="mt-4">
            {QUOTE.toPrepare}
          </LinkButton>
        )}
        {order.acts.length > 0 && (
          <>
            <SectionHeading spaced>{ROOF_WORK.order}</SectionHeading>
            <PlainTable
              heads={ROOF_WORK.heads}
              rows={order.acts.map(({ what, ids, minutes }) => [ROOF_WORK.act[what], nameOf(ids), ROOF_WORK.minutes(minutes)])}
            />
            <OpenFigure
              name={OPENED.roof}
              value={ROOF_WORK.minutes(order.minutes)}
              formula={OPENED.roofFormula}
              inputs={Object.values<Param>(ROOF_ORDER_PARAMS).map(({ label, value, unit, source }) => ({
                text: `${label}: ${formatNumber(value, value % 1 === 0 ? 0 : 1)}${unit === "1" ? "" : ` ${unit}`}`,
                origin: "typical",
                source,
              }))}
            />
            <Fold label={ROOF_WORK.forTwo(ROOF_WORK.minutes(work.forTwo.minutes))}>
              <p className="py-1">{ROOF_WORK.forTwoHelp}</p>
              <PlainTable
                heads={ROOF_WORK.forTwoHeads}
                rows={work.forTwo.turns.map(({ what, roof, below, minutes }) => [
                  what === "fit" ? `${ROOF_WORK.task[roof.task]}: ${nameOf(roof.ids)}` : ROOF_WORK.task[roof.task],
                  below.task === "fit" ? `${ROOF_WORK.task.fit}: ${nameOf(below.ids)}` : ROOF_WORK.task[below.task],
                  ROOF_WORK.minutes(minutes),
                ])}
              />
              <LinkButton to={`/pair/${rig.id}`}>{COMMON.secondPhone}</LinkButton>
            </Fold>
            <p className="text-small text-ink2">{ROOF_WORK.source}</p>
          </>
        )}
        {names !== null && (
          <>
            <SectionHeading spaced>{ROOF_WORK.kit}</SectionHeading>
            <ul className="text-body">
              {[
                ...work.kit.map((line) => kitSentence(line, names.crimps)),
                ...work.extras.map((e) => PLAN.extras[e](names.size(work.jumperAwg))),
              ].map((text) => (
                <li key={text} className="border-b border-hair py-1">
                  {text}
                </li>
              ))}
            </ul>
          </>
        )}
      </Evidence>
      <Rail>
        {quote !== null && (
          <section>
            <SectionHeading>{ROOF_WORK.quote}</SectionHeading>
            <p className="text-small text-ink2">{ROOF_WORK.quoteHelp}</p>
            <QuoteFigures view={quote} starter={starter} />
            <RoofButton
              onClick={() =>
                void pdf().then(
                  () => setSaid(null),
                  () => setSaid(HAND_OVER.failed),
                )
              }
            >
              {QUOTE.pdf}
            </RoofButton>
            {said !== null && (
              <p role="alert" className="mt-1 font-semibold">
                {said}
              </p>
            )}
          </section>
        )}
      </Rail>
    </StageFrame>
  );
}
