import type { JobBundle } from "../../store/queries.ts";
import { Answer } from "../../ui/answer.tsx";
import { LinkButton } from "../../ui/layout/link-button.tsx";
import { Parts } from "../../ui/layout/parts.tsx";
import { FIT } from "../../words/fit.ts";
import { LOCKED } from "../../words/isolate.ts";
import { useLock } from "../use-lock.ts";
import { usePart } from "../use-part.ts";
import { useUnitWiring } from "../use-unit-wiring.ts";
import { ClosePhase } from "./close-phase.tsx";
import type { FitProps } from "./fit-props.ts";
import { MountPhase } from "./mount-phase.tsx";
import { PowerPhase } from "./power-phase.tsx";
import { WirePhase } from "./wire-phase.tsx";

const PHASES = ["mount", "wire", "power", "close"] as const;

/** Fit: mount, wire step by step, first power, close. Work on the circuit opens only while it is proven dead here. */
export function FitScreen({ bundle }: { readonly bundle: JobBundle }) {
  const { job } = bundle;
  const { wiring, plan, names } = useUnitWiring(bundle);
  const { work, view, lock, proof, save, relock } = useLock(bundle, wiring, 5);
  const [phase, open] = usePart(PHASES, work.mountFirst ? "mount" : "wire");
  const phases = work.mountFirst ? PHASES : (["wire", "mount", "power", "close"] as const);
  const page = (): React.ReactNode => {
    const props: FitProps = { bundle, work, wiring, view, plan, names, proof, save, relock };
    if (phase === "power") return <PowerPhase {...props} lock={lock} />;
    if (phase === "close") return <ClosePhase {...props} />;
    if (lock === null) return phase === "mount" ? <MountPhase {...props} /> : <WirePhase {...props} />;
    return (
      <div className="mx-auto w-full max-w-[820px] px-4 py-3 min-[1000px]:px-6">
        <Answer question={FIT.question} parts={FIT.locked(LOCKED[lock])} />
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
