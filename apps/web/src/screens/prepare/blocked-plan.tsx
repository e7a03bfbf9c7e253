import { Answer } from "../../ui/answer.tsx";
import { Evidence, Rail, StageFrame } from "../../ui/layout/stage-frame.tsx";
import { PLAN } from "../../words/wiring-plan.ts";
import { OhmsContradict } from "./lead-wires.tsx";
import type { PartProps } from "./part-props.ts";
import { PlanOptionsForm } from "./plan-options.tsx";

interface BlockedPlanProps extends PartProps {
  readonly question: string;
}

/** What stands where there is no plan: why, and what may be chosen so that there is one. */
export function BlockedPlan({ question, ...props }: BlockedPlanProps) {
  const { plan } = props.view;
  return (
    <StageFrame>
      <Evidence>
        <Answer
          guide="prepare"
          question={question}
          parts={PLAN.blockedSentence(plan.ok ? "" : PLAN.blocked[plan.reason])}
          sure={PLAN.blockedHelp}
        />
        <OhmsContradict {...props} />
      </Evidence>
      <Rail>
        <PlanOptionsForm {...props} />
      </Rail>
    </StageFrame>
  );
}
