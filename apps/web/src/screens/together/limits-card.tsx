import type { PlanStudy, TogetherQuestion } from "@amp-saver/cases";
import { cardOff, cardOn, TOGETHER } from "../../words/together.ts";
import { limitsCard } from "./limits-card.view.ts";

interface LimitsCardProps {
  readonly rig: string;
  readonly source: string;
  readonly study: PlanStudy;
  readonly question: TogetherQuestion;
  readonly nameOf: (id: string) => string;
}

/** What may be on while an air conditioner starts and while it runs, on one source: to hand to whoever uses the rig. */
export function LimitsCard({ rig, source, study, question, nameOf }: LimitsCardProps) {
  const card = limitsCard(study, question);
  const spells = [
    { title: TOGETHER.cardStart, ...card.start },
    { title: TOGETHER.cardRun, ...card.run },
  ];
  return (
    <section className="limits-card mt-4 max-w-[620px] border-[1.8px] border-ink px-4 py-3" aria-label={TOGETHER.card}>
      <p className="text-body text-ink2">{TOGETHER.card}</p>
      <h2 className="figure text-large">{TOGETHER.cardFor(rig, source)}</h2>
      <div className="mt-2 grid gap-x-6 gap-y-3 min-[35rem]:grid-cols-2">
        {spells.map(({ title, on, off }) => (
          <div key={title}>
            <h3 className="border-b-[1.5px] border-ink pb-0.5 font-bold">{title}</h3>
            <dl className="mt-1 text-body">
              <dt className="font-semibold">{TOGETHER.mayBeOn}</dt>
              <dd>{cardOn(on, nameOf)}</dd>
              <dt className="mt-1 font-semibold text-lead">{TOGETHER.mustBeOff}</dt>
              <dd>{cardOff(off, nameOf)}</dd>
            </dl>
          </div>
        ))}
      </div>
      <p className="mt-3 text-small leading-[1.2]">{TOGETHER.cardFoot}</p>
    </section>
  );
}
