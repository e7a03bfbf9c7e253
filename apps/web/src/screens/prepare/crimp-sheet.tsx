import { figureText, type Measure } from "@amp-saver/core/figure";
import { rowOf } from "@amp-saver/core/quantity";
import { insulation } from "../../chart/wiring/insulation.ts";
import { Fold } from "../../ui/fold.tsx";
import { SectionHeading } from "../../ui/layout/section-heading.tsx";
import { wireSizes } from "../../words/wire-size.ts";
import type { WiringNames } from "../../words/wiring.ts";
import { PLAN } from "../../words/wiring-plan.ts";
import { spliceRows } from "./ends.view.ts";
import type { PlanView } from "./wiring.view.ts";

/** What to crimp before the ladder, and what to carry. */
export function CrimpSheet({ view, names }: { readonly view: PlanView; readonly names: WiringNames }) {
  return (
    <section className="mt-2">
      <SectionHeading>{PLAN.crimps}</SectionHeading>
      <p className="py-1 text-small leading-[1.2] text-ink2">{PLAN.crimpHelp(names.measure)}</p>
      <ul className="text-body">
        {view.ends.map((end) => (
          <li key={`${end.conductor} ${end.at}`} className="border-b border-hair py-1">
            <span className="flex items-center gap-2">
              <svg width="14" height="14" aria-hidden="true" className="shrink-0">
                <rect
                  x="1"
                  y="1"
                  width="12"
                  height="12"
                  fill={insulation(names.color(end.conductor)).base}
                  stroke="var(--ink)"
                  strokeWidth="1.5"
                />
              </svg>
              <span className="grow">{names.wire(end.conductor)}</span>
            </span>
            <span className="block pl-[22px] text-ink2">
              {[
                end.splice === null ? end.crimp && names.crimps[end.crimp] : PLAN.spliceNames[end.splice.name],
                end.color,
                names.size(end.awg),
                PLAN.made[end.made],
                end.pullN === null ? null : PLAN.pull(end.pullN, names.measure),
              ]
                .filter((s) => s !== null)
                .join(", ")}
            </span>
          </li>
        ))}
      </ul>
      <p className="py-1 text-small text-ink2">{PLAN.pullSource}</p>
      <Fold label={PLAN.splices}>
        <ul className="text-small">
          {spliceSentences(names.measure).map((sentence) => (
            <li key={sentence} className="border-b border-hair py-0.5">
              {sentence}
            </li>
          ))}
        </ul>
      </Fold>
    </section>
  );
}

/** A line of the kit in words. */
export function kitSentence({ what, color, needed, spare }: PlanView["kit"][number], names: WiringNames): string {
  const name = rowOf(names.crimps, what) ?? rowOf(PLAN.spliceNames, what) ?? what;
  return PLAN.kitLine(color === null ? name : `${name}, ${color}`, needed, spare);
}

/** Every kind of joint in words. */
export function spliceSentences(measure: Measure): readonly string[] {
  return spliceRows().map((s) =>
    PLAN.spliceRow(
      PLAN.spliceNames[s.name],
      wireSizes(s.thinnestAwg, s.thickestAwg, measure),
      s.most,
      figureText("hottestC", measure, s.heatC),
      s.vibration,
      s.reversible,
    ),
  );
}
