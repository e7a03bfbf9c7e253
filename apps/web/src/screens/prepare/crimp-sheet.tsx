import { figureText, type Measure } from "@amp-saver/core/figure";
import { rowOf } from "@amp-saver/core/quantity";
import { insulation } from "../../chart/wiring/insulation.ts";
import { Fold } from "../../ui/fold.tsx";
import { SectionHeading } from "../../ui/layout/section-heading.tsx";
import { wireSizes } from "../../words/wire-size.ts";
import type { WiringNames } from "../../words/wiring.ts";
import { PLAN } from "../../words/wiring-plan.ts";
import { cutsOff, genderWord, spliceRows } from "./ends.view.ts";
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
            <span className="block pl-[22px] text-ink2">{endSentence(end, names)}</span>
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

/** One end in words: what it has, what it meets, what is to be bought for it with its gender, and what it must hold. */
export function endSentence(end: PlanView["ends"][number], names: WiringNames): string {
  const word = (what: typeof end.has): string => (what === "bare" || what === "cut" ? PLAN.onIt[what] : names.crimps[what]);
  const made = end.crimp;
  const gender = genderWord(made);
  const told = made !== null && gender !== null && !word(made).includes(gender) ? `, ${PLAN.gender[gender]}` : "";
  const wants = made === null ? null : `${word(made)}${told}`;
  const keeps = end.made === "comes so" || made === "as the starter’s sheet says";
  const part = (...of: readonly (string | null)[]): string => of.filter((s) => s !== null).join(", ");
  const found = part(PLAN.has(word(end.has)), PLAN.meets[end.meets], cutsOff(end) ? PLAN.cutOff : null);
  const needs = part(
    wants === null ? null : keeps ? PLAN.keeps(wants) : PLAN.buy(end.color === null ? wants : `${wants}, ${end.color}`),
    end.splice === null || wants !== null ? null : PLAN.spliceNames[end.splice.name],
    names.size(end.awg),
    keeps ? null : PLAN.made[end.made],
    end.pullN === null ? null : PLAN.pull(end.pullN, names.measure),
  );
  return `${found}; ${needs}`;
}

/** A line of the kit in words. */
export function kitSentence(
  { what, color, needed, spare }: Pick<PlanView["kit"][number], "what" | "color" | "needed" | "spare">,
  crimps: WiringNames["crimps"],
): string {
  const name = rowOf(crimps, what) ?? rowOf(PLAN.spliceNames, what) ?? what;
  return PLAN.kitLine(color === null ? name : `${name}, ${color}`, needed, spare);
}

/** Every kind of joint in words. */
export function spliceSentences(measure: Measure): readonly string[] {
  return spliceRows().map((row) => spliceSentence(row, measure));
}

/** One kind of joint in words: what it takes and what comes of it. */
export function spliceSentence(s: ReturnType<typeof spliceRows>[number], measure: Measure): string {
  const sizes = wireSizes(s.thinnestAwg, s.thickestAwg, measure);
  return PLAN.spliceRow(PLAN.spliceNames[s.name], sizes, s.most, figureText("roofC", measure, s.heatC), s.vibration, s.reversible);
}
