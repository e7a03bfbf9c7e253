import { useMemo } from "react";
import { Answer } from "../../ui/answer.tsx";
import { Caution } from "../../ui/caution.tsx";
import { SectionHeading } from "../../ui/layout/section-heading.tsx";
import { RoofButton } from "../../ui/roof-button.tsx";
import { ASKED } from "../../words/asked.ts";
import { FIT } from "../../words/fit.ts";
import { ISOLATE } from "../../words/isolate.ts";
import { Asked, type Question } from "../asked.tsx";
import { CallClock } from "../call-clock.tsx";
import type { lockNow } from "../isolate/isolate.view.ts";
import { builtView } from "../prepare/built.view.ts";
import { Trouble } from "../trouble.tsx";
import { AFTER_POWER, BEFORE_POWER } from "./fit.view.ts";
import type { FitProps } from "./fit-props.ts";

/** First power: compared with the plan, cover on, everyone clear; what to expect, and when to stop. */
export function PowerPhase({ bundle, work, wiring, plan, save, relock, lock }: FitProps & { readonly lock: ReturnType<typeof lockNow> }) {
  const built = useMemo(() => builtView(wiring, plan, work), [wiring, plan, work]);
  const unconfirmed = built?.unconfirmed.length ?? 0;
  const before = BEFORE_POWER.every((c) => work.power[c] === true);
  const after = AFTER_POWER.every((c) => work.power[c] === true);
  const powered = work.events.at(-1)?.what === "powered";
  const parts = !plan.plan.ok
    ? FIT.noPlan
    : built !== null && built.faults.length > 0
      ? FIT.wrong
      : unconfirmed > 0
        ? FIT.notConfirmed(unconfirmed)
        : powered
          ? after
            ? FIT.went
            : FIT.expect
          : FIT.before;
  const ready = built !== null && unconfirmed === 0 && built.faults.length === 0;
  const question =
    (group: string) =>
    (check: (typeof BEFORE_POWER)[number]): Question => ({
      id: check,
      group,
      done: work.power[check] === true,
      tick: { label: FIT.power[check], onChange: (yes) => save({}, `power ${check}`, { power: { [check]: yes } }) },
    });
  const power: Question = {
    id: "power",
    group: FIT.powerBefore,
    done: powered,
    content: powered ? (
      <p className="py-2 font-semibold">{FIT.isOn}</p>
    ) : (
      <div className="py-3">
        <RoofButton main power disabled={!ready || !before || lock !== null} onClick={() => relock("powered")}>
          {FIT.powerOn}
        </RoofButton>
      </div>
    ),
  };
  // What is seen after power cannot have been seen before it.
  const seen = powered || after ? AFTER_POWER.map(question(FIT.powerAfter)) : [];
  const questions = [...BEFORE_POWER.map(question(FIT.powerBefore)), power, ...seen];
  return (
    <div className="mx-auto w-full max-w-[820px] px-4 py-3 min-[62.5rem]:px-6">
      <Answer guide="fit" question={FIT.question} parts={parts} sure={FIT.strong} />
      <div className="mt-3">
        <Caution title={ISOLATE.caution}>{ISOLATE.cautionText}</Caution>
      </div>
      <Asked
        label={FIT.phases.power}
        questions={questions}
        rests={[
          {
            open: BEFORE_POWER.filter((c) => work.power[c] !== true).map((c) => ({ id: c, name: FIT.power[c] })),
            label: ASKED.allSo,
            onAll: () => save({}, "power checks", { power: Object.fromEntries(BEFORE_POWER.map((c) => [c, true])) }),
          },
          {
            open: AFTER_POWER.filter((c) => work.power[c] !== true).map((c) => ({ id: c, name: FIT.power[c] })),
            label: ASKED.allSo,
            onAll: () => save({}, "power seen", { power: Object.fromEntries(AFTER_POWER.map((c) => [c, true])) }),
          },
        ]}
      />
      {powered && !after && <CallClock bundle={bundle} />}
      {powered && <Trouble bundle={bundle} />}
      <SectionHeading spaced>{FIT.powerStop}</SectionHeading>
      <ul className="list-disc py-1 pl-6 font-semibold text-lead">
        {FIT.powerStops.map((stop) => (
          <li key={stop}>{stop}</li>
        ))}
      </ul>
    </div>
  );
}
