import type { FitLog } from "@amp-saver/records";
import { useMemo, useState } from "react";
import { nowIso } from "../../store/identity.ts";
import { Answer } from "../../ui/answer.tsx";
import { Button } from "../../ui/button.tsx";
import { SectionHeading } from "../../ui/layout/section-heading.tsx";
import { Evidence, Rail, StageFrame } from "../../ui/layout/stage-frame.tsx";
import { Tick } from "../../ui/tick.tsx";
import { FOUND, PREPARE } from "../../words/wiring.ts";
import { BUILT } from "../../words/wiring-plan.ts";
import { BlockedPlan } from "./blocked-plan.tsx";
import { builtView, wireKey } from "./built.view.ts";
import { ConductorForm } from "./conductor-form.tsx";
import { MapFrame } from "./map-frame.tsx";
import type { PartProps } from "./part-props.ts";
import { allStates } from "./steps.view.ts";
import { corrected } from "./wiring.view.ts";

interface BuiltCheckProps extends PartProps {
  readonly work: FitLog;
  /** Keeps when wires were seen where the map has them, by their keys. */
  readonly onSeen: (entries: Readonly<Record<string, string | undefined>>) => void;
}

/** Check before power: the wiring as built against what the family asks for and against the plan. */
export function BuiltCheck(props: BuiltCheckProps) {
  const { wiring, view, names, save, work, onSeen } = props;
  const [picked, setPicked] = useState<string | null>(null);
  const { plan } = view;
  const built = useMemo(() => builtView(wiring, view, work), [wiring, view, work]);
  const states = useMemo(() => (built === null ? [] : [...allStates(view), built.netlist]), [view, built]);
  if (!plan.ok || built === null) return <BlockedPlan {...props} question={BUILT.question} />;
  const [first] = built.faults;
  const parts =
    first !== undefined
      ? BUILT.wrong(BUILT.fault[first.code], BUILT.symptom[first.symptom])
      : built.otherwise[0] !== undefined
        ? BUILT.otherwise(built.otherwise[0])
        : built.unconfirmed.length > 0
          ? BUILT.unconfirmed(built.unconfirmed.length)
          : built.asPlanned
            ? BUILT.right
            : BUILT.differs;
  const open = built.netlist.conductors.filter((c) => built.unconfirmed.includes(c.id));
  const wire = built.netlist.conductors.find((c) => c.id === picked);
  const planned = new Map(plan.value.finished.conductors.map((c) => [c.id, c]));
  const ends = (of: { readonly ends: readonly (string | null)[] } | undefined): string =>
    (of?.ends ?? []).map((e) => (e === null ? FOUND.free : names.terminal(e))).join(" – ");
  const faulty = new Set(built.faults.flatMap((f) => f.at));
  return (
    <StageFrame>
      <Evidence>
        <Answer guide="fit" question={BUILT.question} parts={parts} sure={BUILT.sure} />
        <div className="mt-3">
          <MapFrame
            netlist={built.netlist}
            states={states}
            names={names}
            label={PREPARE.mapLabel(BUILT.state)}
            fileName="wiring-as-built"
            lit={faulty.size === 0 ? null : { conductors: new Set(built.differing), terminals: faulty }}
            picked={picked}
            onPick={(id) => setPicked(id === picked ? null : id)}
          />
        </div>
        {built.faults.length > 0 && (
          <section className="mt-3">
            <SectionHeading>{BUILT.faults}</SectionHeading>
            <ul>
              {built.faults.map((fault) => (
                <li key={`${fault.code} ${fault.at.join(" ")}`} className="border-b border-hair py-1.5">
                  <b className="text-lead">{BUILT.symptom[fault.symptom]}</b> {BUILT.fault[fault.code]}{" "}
                  <span className="text-ink2">{fault.at.map(names.terminal).join(", ")}</span>
                </li>
              ))}
            </ul>
          </section>
        )}
      </Evidence>
      <Rail>
        <p className="pb-2 text-body">{BUILT.help}</p>
        <ConductorForm
          key={picked}
          netlist={built.netlist}
          wire={wire}
          names={names}
          onChange={(change) => {
            if (wire === undefined) return null;
            const next = corrected(built.netlist, wire.id, change);
            if (!next.ok) return FOUND.refused[next.reason];
            save({ built: next.value }, "built");
            return null;
          }}
        />
        {open.length > 0 && (
          <section className="mt-3">
            <SectionHeading>{BUILT.confirm}</SectionHeading>
            <p className="py-1 text-body">{BUILT.confirmHelp}</p>
            {open.map((c) => (
              <Tick
                key={wireKey(c)}
                label={BUILT.seen(names.wire(c.id), ends(c))}
                ticked={false}
                onChange={(yes) => onSeen({ [wireKey(c)]: yes ? nowIso() : undefined })}
              />
            ))}
          </section>
        )}
        <section className="mt-3">
          <SectionHeading>{BUILT.differences}</SectionHeading>
          {built.differing.length === 0 && <p className="py-1">{BUILT.sameAsPlan}</p>}
          <ul>
            {built.differing.map((id) => (
              <li key={id} className="border-b border-hair py-1 text-body">
                {names.wire(id)}: {ends(built.netlist.conductors.find((c) => c.id === id))}
                <span className="block text-ink2">
                  {PREPARE.views.plan}: {ends(planned.get(id))}
                </span>
              </li>
            ))}
          </ul>
          {wiring.built !== null && (
            <Button look="quiet" onClick={() => save({ built: null }, "built")}>
              {BUILT.reset}
            </Button>
          )}
        </section>
      </Rail>
    </StageFrame>
  );
}
