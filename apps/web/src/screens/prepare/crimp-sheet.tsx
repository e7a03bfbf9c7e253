import { rowOf } from "@amp-saver/core/quantity";
import { insulation } from "../../chart/wiring/insulation.ts";
import { SectionHeading } from "../../ui/layout/section-heading.tsx";
import type { WiringNames } from "../../words/wiring.ts";
import { PLAN } from "../../words/wiring-plan.ts";
import { endRows, spliceRows } from "./ends.view.ts";
import type { PlanView } from "./wiring.view.ts";

/** What to crimp before the ladder, and what to carry. */
export function CrimpSheet({ view, names }: { readonly view: PlanView; readonly names: WiringNames }) {
  return (
    <section className="mt-2">
      <SectionHeading>{PLAN.crimps}</SectionHeading>
      <p className="py-1 text-small leading-[1.2] text-ink2">{PLAN.crimpHelp}</p>
      <ul className="text-body">
        {endRows(view).map(({ end, pull }) => (
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
                end.splice === null ? end.crimp && PLAN.crimpNames[end.crimp] : PLAN.spliceNames[end.splice.name],
                end.color,
                `${end.awg} AWG`,
                PLAN.made[end.made],
                pull === null ? null : PLAN.pull(pull.newton, pull.pounds),
              ]
                .filter((s) => s !== null)
                .join(", ")}
            </span>
          </li>
        ))}
      </ul>
      <p className="py-1 text-small text-ink2">{PLAN.pullSource}</p>
      <h3 className="mt-1 font-bold">{PLAN.kit}</h3>
      <ul className="text-body">
        {view.kit.map((line) => (
          <li key={`${line.what} ${line.color}`}>{kitSentence(line)}</li>
        ))}
        {view.extras.map((extra) => (
          <li key={extra}>{PLAN.extras[extra]}</li>
        ))}
      </ul>
      <h3 className="mt-2 font-bold">{PLAN.splices}</h3>
      <ul className="text-small">
        {spliceSentences().map((sentence) => (
          <li key={sentence} className="border-b border-hair py-0.5">
            {sentence}
          </li>
        ))}
      </ul>
      <p className="py-1 text-small text-ink2">{PLAN.spliceHelp}</p>
    </section>
  );
}

/** A line of the kit in words. */
export function kitSentence({ what, color, needed, spare }: PlanView["kit"][number]): string {
  const name = rowOf(PLAN.crimpNames, what) ?? rowOf(PLAN.spliceNames, what) ?? what;
  return PLAN.kitLine(color === null ? name : `${name}, ${color}`, needed, spare);
}

/** Every kind of joint in words. */
export function spliceSentences(): readonly string[] {
  return spliceRows().map((s) =>
    PLAN.spliceRow(PLAN.spliceNames[s.name], s.thinnestAwg, s.thickestAwg, s.most, s.heatC, s.vibration, s.reversible),
  );
}
