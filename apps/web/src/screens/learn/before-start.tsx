import { format } from "date-fns";
import { SectionHeading } from "../../ui/layout/section-heading.tsx";
import { Pick } from "../../ui/pick.tsx";
import { LEARN } from "../../words/learn.ts";
import { RuleFields } from "../rule-fields.tsx";
import { isHeld, learningSource, type RuleSource, rulesFor, turns } from "./learn.view.ts";
import type { LearnPartProps } from "./learn-part-props.ts";
import { StrongTicks } from "./strong-ticks.tsx";

/** The source, the rule, and how long it all takes. */
export function BeforeStart({ bundle, conduct, starter }: LearnPartProps) {
  const { job } = bundle;
  const { own, views, now, save } = conduct;
  const { learning } = own;
  const rules = rulesFor(starter);
  const plan = turns(views, now);
  return (
    <section className="mt-4">
      <SectionHeading>{LEARN.ready}</SectionHeading>
      {!isHeld(own, learningSource(bundle, learning)) && <StrongTicks bundle={bundle} conduct={conduct} />}
      <Pick<RuleSource>
        label={LEARN.rulePick}
        value={learning.ruleFrom}
        options={rules.map(({ from }) => ({ value: from, word: LEARN.ruleNames[from] }))}
        onChange={(from) => {
          const rule = rules.find((r) => r.from === from)?.rule ?? learning.rule;
          save(job, { ruleFrom: from, rule: { ...rule } }, "rule");
        }}
      />
      <p className="text-small leading-[1.2] text-ink2">{LEARN.ruleSource}</p>
      {learning.ruleFrom === "own" && (
        <RuleFields rule={learning.rule} onChange={(become) => save(job, (kept) => ({ rule: become(kept.rule) }), "rule")} />
      )}
      {plan.totalS > 0 && (
        <p className="py-2 font-semibold">
          {LEARN.totalTitle}: {LEARN.total(plan.totalS, format(now + plan.totalS * 1000, "H:mm"))}
        </p>
      )}
    </section>
  );
}
