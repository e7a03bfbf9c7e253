import { itemAt } from "@amp-saver/core/quantity";
import { useMemo, useState } from "react";
import { useStore } from "../../store/provider.tsx";
import { useSettings } from "../../store/settings.tsx";
import { Answer } from "../../ui/answer.tsx";
import { Button } from "../../ui/button.tsx";
import { Choice } from "../../ui/choice.tsx";
import { useKeys } from "../../ui/keys.tsx";
import { Evidence, Rail, StageFrame } from "../../ui/layout/stage-frame.tsx";
import { PREPARE } from "../../words/wiring.ts";
import { PLAN } from "../../words/wiring-plan.ts";
import { BlockedPlan } from "./blocked-plan.tsx";
import { MapFrame } from "./map-frame.tsx";
import type { PartProps } from "./part-props.ts";
import { PlanOptionsForm } from "./plan-options.tsx";
import { SheetNote } from "./sheet-note.tsx";
import { StepList } from "./step-list.tsx";
import { allStates, opens } from "./steps.view.ts";
import { TwoFaces } from "./two-faces.tsx";
import { WayBack } from "./way-back.tsx";
import { leadsOf, wireProof } from "./wiring.view.ts";
import { wordedRestore, wordedSteps } from "./worded-steps.ts";

const STATES = ["found", "todo", "done"] as const;
type State = (typeof STATES)[number];
const KEY_STEP = { "[": -1, "]": 1 } as const;

/** The plan: every step in order, the map of the state it is in, and what to crimp on the ground. */
export function PlanScreen(props: PartProps) {
  const { bundle, wiring, starter, view, names } = props;
  const { plan, groups } = view;
  const { namesInFiles } = useSettings();
  const { store } = useStore();
  const [state, setState] = useState<State>("todo");
  const [at, setAt] = useState(0);
  const states = useMemo(() => allStates(view), [view]);
  const unproved = view.opened.filter((id) => !wireProof(wiring, bundle.photos, id).release.released);
  const worded = wordedSteps(view, names).map((step, k) => ({ ...step, unproved: opens(view, k, unproved) }));
  const turn = (by: number): void => setState((now) => itemAt(STATES, Math.max(0, Math.min(2, STATES.indexOf(now) + by))));
  const print = (): void => {
    if (plan.ok)
      void import("./print-plan.tsx").then(({ printPlan }) =>
        printPlan(bundle, wiring, starter, view, names, namesInFiles, (id) => store.blobs(id)),
      );
  };
  useKeys({ "[": () => turn(KEY_STEP["["]), "]": () => turn(KEY_STEP["]"]), p: print });
  if (!plan.ok) return <BlockedPlan {...props} question={PLAN.question(bundle.unit.name)} />;
  const step = Math.min(at, groups.length - 1);
  const netlist = state === "found" ? view.asFound : state === "done" ? plan.value.finished : itemAt(states, step + 1);
  const group = itemAt(groups, step);
  const lit = state === "todo" ? { conductors: new Set(group.conductors), terminals: new Set(group.terminals) } : null;
  const retired = plan.value.retired.map((id) => names.part(id).name);
  return (
    <StageFrame>
      <Evidence>
        <Answer
          guide="prepare"
          question={PLAN.question(bundle.unit.name)}
          parts={PLAN.answer(leadsOf(view.options.family).length, view.moved, view.cuts)}
          sure={PLAN.sure(retired, wiring.aid === "remove", unproved.length === 0)}
        />
        <div className="mt-2 flex flex-wrap items-end gap-3">
          <div className="grow max-w-[420px]">
            <Choice<State>
              label={PREPARE.stateLabel}
              hideLabel
              value={state}
              options={STATES.map((value) => ({ value, word: PREPARE.states[value] }))}
              onChange={setState}
            />
          </div>
          <Button keyCap="P" onClick={print}>
            {PREPARE.print}
          </Button>
        </div>
        <TwoFaces bundle={bundle} wiring={wiring} plan={view} names={names} lit={lit}>
          <MapFrame
            netlist={netlist}
            states={states}
            names={names}
            label={PREPARE.mapLabel(PREPARE.states[state])}
            fileName={`wiring-${state}`}
            lit={lit}
            fresh={
              state === "found"
                ? NONE
                : new Set(view.opened.concat(netlist.conductors.filter((c) => /^(starter|jumper)\./.test(c.id)).map((c) => c.id)))
            }
          />
        </TwoFaces>
      </Evidence>
      <Rail later>
        <SheetNote bundle={bundle} view={view} />
        <StepList
          steps={worded}
          at={step}
          onAt={(next) => {
            setAt(next);
            setState("todo");
          }}
        />
        <PlanOptionsForm {...props} />
        <WayBack steps={wordedRestore(view, names)} to={`/job/${bundle.job.id}/fit/undo`} />
        <p className="mt-3 border-t-[1.5px] border-ink pt-2 font-bold">{PREPARE.dead}</p>
      </Rail>
    </StageFrame>
  );
}

const NONE: ReadonlySet<string> = new Set();
