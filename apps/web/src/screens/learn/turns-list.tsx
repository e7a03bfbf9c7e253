import { Link } from "react-router";
import { SectionHeading } from "../../ui/layout/section-heading.tsx";
import { RoofButton } from "../../ui/roof-button.tsx";
import { Tick } from "../../ui/tick.tsx";
import { clock, LEARN } from "../../words/learn.ts";
import { turnMates, turns } from "./learn.view.ts";
import type { LearnPartProps } from "./learn-part-props.ts";
import type { Conduct } from "./use-conduct.ts";

/** The rig's units that take turns: whose turn it is, what each does, and one button for each. */
export function TurnsList({ bundle, conduct }: LearnPartProps) {
  const { job, jobs, units } = bundle;
  const { views, now, own, tell, save } = conduct;
  const others = turnMates(job, jobs);
  if (others.length === 0) return null;
  const plan = turns(views, now);
  const name = (unitId: string): string => units.find((u) => u.id === unitId)?.name ?? "";
  const next = views.find((v) => v.job.id === plan.next?.id);
  const taking = views.filter((v) => v.job.id !== job.id);
  return (
    <section className="mt-4">
      <SectionHeading>{LEARN.turnsTitle}</SectionHeading>
      <p className="text-body text-ink2">{LEARN.turnsHelp}</p>
      {others.map((other) => (
        <Tick
          key={other.id}
          label={LEARN.together(name(other.unitId))}
          ticked={taking.some((v) => v.job.id === other.id)}
          onChange={(together) => {
            save(other, { together }, "together");
            if (together !== own.learning.together) save(job, { together: together || taking.length > 1 }, "together");
          }}
        />
      ))}
      {taking.length > 0 && next !== undefined && plan.next !== null && (
        <p className="py-2 text-large font-bold">{LEARN.nextTurn(next.unitName, plan.next.startS)}</p>
      )}
      {taking.map((view) => (
        <div key={view.job.id} className="grid gap-1.5 border-b border-hair py-2">
          <p className="flex items-baseline justify-between gap-3">
            <Link
              to={`/job/${view.job.id}/learn`}
              className="inline-flex min-h-[48px] items-center font-semibold underline underline-offset-4"
            >
              {view.unitName}
            </Link>
            <span>{standing(view, now)}</span>
            <span className="figure">{LEARN.counted(view.state.counted, view.learning.rule.runs)}</span>
          </p>
          {view.state.now.phase === "running" ? (
            <RoofButton onClick={() => tell(view, view.job, "stop")}>{LEARN.unitStopped(view.unitName)}</RoofButton>
          ) : (
            view.state.now.phase === "ready" && (
              <RoofButton onClick={() => tell(view, view.job, "start")}>{LEARN.unitStarted(view.unitName)}</RoofButton>
            )
          )}
        </div>
      ))}
    </section>
  );
}

function standing({ state }: Conduct["views"][number], now: number): string {
  const phase = state.now;
  if (phase.phase === "running") return LEARN.turnRow.running(clock((phase.untilMs - now) / 1000));
  if (phase.phase === "resting") return LEARN.turnRow.resting(clock((phase.untilMs - now) / 1000));
  if (phase.phase === "done") return LEARN.turnRow.done;
  return state.calledMs === null ? LEARN.turnRow.ready : LEARN.turnRow.called;
}
