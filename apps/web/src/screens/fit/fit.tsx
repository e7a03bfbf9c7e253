import { useRef } from "react";
import { wiringCommit } from "../../store/commands.ts";
import { useStore } from "../../store/provider.tsx";
import type { JobBundle } from "../../store/queries.ts";
import { Answer } from "../../ui/answer.tsx";
import { LinkButton } from "../../ui/layout/link-button.tsx";
import { Parts } from "../../ui/layout/parts.tsx";
import { FIT } from "../../words/fit.ts";
import { LOCKED } from "../../words/isolate.ts";
import { BuiltCheck } from "../prepare/built-check.tsx";
import { FindWires } from "../prepare/find-wires.tsx";
import type { PartProps } from "../prepare/part-props.ts";
import type { SaveFitLog } from "../save-fit-log.ts";
import { useLock } from "../use-lock.ts";
import { usePart } from "../use-part.ts";
import { useUnitWiring } from "../use-unit-wiring.ts";
import { ClosePhase } from "./close-phase.tsx";
import { AFTER_POWER, mountingAllows, openingOf, powerOnWired } from "./fit.view.ts";
import type { FitProps } from "./fit-props.ts";
import { MountPhase } from "./mount-phase.tsx";
import { OpenPhase } from "./open-phase.tsx";
import { PowerPhase } from "./power-phase.tsx";
import { UndoPhase, WirePhase } from "./wire-phase.tsx";

const PHASES = ["open", "find", "mount", "wire", "check", "power", "close", "undo"] as const;
const WIRED_FIRST = ["open", "find", "wire", "mount", "check", "power", "close", "undo"] as const;

/** The part of fitting that comes next. */
function nextPhase(work: FitProps["work"], plan: FitProps["plan"]): (typeof PHASES)[number] {
  if (powerOnWired(work)) return AFTER_POWER.every((c) => work.power[c] === true) ? "close" : "power";
  return openingOf(work, plan).open.length > 0 ? "open" : "find";
}

/** Fit: find the wires, mount, wire step by step, check, first power, close. Hands go in only while it is proven dead here. */
export function FitScreen({ bundle }: { readonly bundle: JobBundle }) {
  const { job } = bundle;
  const { commit } = useStore();
  const { wiring, starter, plan, names } = useUnitWiring(bundle);
  const { work, view, lock, proof, save: saveLog, relock } = useLock(bundle, wiring, 5);
  const next = nextPhase(work, plan);
  // Where it begins follows what is known until something is done here: from then on nothing moves on under the hands.
  const settled = useRef<(typeof PHASES)[number] | null>(null);
  const begins = settled.current ?? next;
  const save: SaveFitLog = (...change) => {
    settled.current = begins;
    return saveLog(...change);
  };
  const [phase, open] = usePart(PHASES, begins);
  const saveWiring: PartProps["save"] = (change, field, entries, fresh) =>
    void commit(wiringCommit(bundle.unit, change, field, entries, fresh));
  // Undoing is reached from the plan: it is no part of fitting.
  const phases = (work.mountFirst ? PHASES : WIRED_FIRST).filter((one) => one !== "undo" || phase === "undo");
  const mounted = mountingAllows(work);
  const held = !mounted && (phase === "close" || (phase === "wire" && work.mountFirst));
  const page = (): React.ReactNode => {
    const props: FitProps = { bundle, work, wiring, view, plan, names, proof, save, relock };
    const part: PartProps = { bundle, wiring, starter, view: plan, names, save: saveWiring };
    if (phase === "open") return <OpenPhase {...props} />;
    if (phase === "find") return <FindWires {...part} />;
    if (phase === "check") return <BuiltCheck {...part} work={work} onSeen={(entries) => save({}, "confirmed", { confirmed: entries })} />;
    if (held || (phase === "power" && !mounted))
      return (
        <div className="mx-auto w-full max-w-[820px] px-4 py-3 min-[62.5rem]:px-6">
          <Answer guide="fit" question={FIT.question} parts={FIT.notMounted} />
          <LinkButton to={`/job/${job.id}/fit/mount`} main className="mt-4">
            {FIT.toMount}
          </LinkButton>
        </div>
      );
    if (phase === "power") return <PowerPhase {...props} lock={lock} />;
    const Hands = { mount: MountPhase, wire: WirePhase, close: ClosePhase, undo: UndoPhase }[phase];
    if (lock === null) return <Hands {...props} />;
    return (
      <div className="mx-auto w-full max-w-[820px] px-4 py-3 min-[62.5rem]:px-6">
        <Answer guide="isolate" question={FIT.question} parts={FIT.locked(LOCKED[lock])} />
        <LinkButton to={`/job/${job.id}/isolate`} main className="mt-4">
          {FIT.toIsolate}
        </LinkButton>
      </div>
    );
  };
  return (
    <Parts label={FIT.phaseLabel} value={phase} options={phases.map((value) => ({ value, word: FIT.phases[value] }))} onChange={open}>
      {page()}
    </Parts>
  );
}
