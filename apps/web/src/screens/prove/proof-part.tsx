import { shownAs } from "@amp-saver/core/figure";
import { formatWith } from "@amp-saver/core/quantity";
import { type Job, withDone } from "@amp-saver/records";
import { format, parseISO } from "date-fns";
import { Link } from "react-router";
import { editCommit, proofCommit } from "../../store/commands.ts";
import { nowIso } from "../../store/identity.ts";
import { useStore } from "../../store/provider.tsx";
import type { JobBundle } from "../../store/queries.ts";
import { useSettings } from "../../store/settings.tsx";
import { Answer } from "../../ui/answer.tsx";
import { Lines } from "../../ui/lines.tsx";
import { RoofButton } from "../../ui/roof-button.tsx";
import { useWide } from "../../ui/use-wide.ts";
import { PROOF } from "../../words/proof.ts";
import { PROVE } from "../../words/prove.ts";
import { useProof } from "../use-proof.ts";
import { proofAnswer } from "./answer-of.ts";
import { freeze, resultProof, thaw } from "./proof.view.ts";
import { proofLines } from "./proof-lines.ts";

/** What is shown and what is not, beside what was predicted; frozen so that it can be worked out again. */
export function ProofPart({ bundle }: { readonly bundle: JobBundle }) {
  const { job, unit } = bundle;
  const { commit } = useStore();
  const { measure } = useSettings();
  const { input, study, busy } = useProof(bundle);
  const { start } = study.readings;
  const wide = useWide();
  const air = shownAs("outdoorC", measure);
  const lines = proofLines(bundle, study, input, (c) => formatWith(air.fromSi(c), 0, air.unit));
  const nothing = study.readings.verdict === "none" && study.sources.length === 0;
  const kept = resultProof(bundle)?.frozen ?? null;
  const again = kept === null ? null : thaw(kept, input);
  const freezing = (
    <>
      {kept !== null && again !== null && (
        <p>
          {PROOF.frozen(format(parseISO(kept.at), "d MMMM yyyy, H:mm"), kept.coreVersion)} {again.same ? PROOF.same : PROOF.differs}{" "}
          {again.since && <b>{PROOF.since}</b>}
        </p>
      )}
      <RoofButton
        disabled={busy || nothing}
        onClick={() => void commit(proofCommit(job, { frozen: freeze(input, study, nowIso()) }, "frozen"))}
      >
        {kept === null ? PROOF.freeze : PROOF.refreeze}
      </RoofButton>
    </>
  );
  return (
    <div className="mx-auto w-full max-w-[820px] px-4 py-3 min-[62.5rem]:px-6">
      <Answer
        guide="prove"
        question={PROOF.proofQuestion(unit.name)}
        parts={proofAnswer(bundle, study.readings)}
        acts={!wide && freezing}
        sure={start === null ? PROVE.how : PROVE.sure(start.before.count, start.after.count, start.low, start.high)}
      />
      <Lines head={PROOF.shown} lines={lines.shown} />
      <Lines head={PROOF.predicted} lines={busy && lines.predicted.length === 0 ? [PROOF.predicting] : lines.predicted} />
      <Lines head={PROOF.notShown} lines={lines.gaps.length === 0 ? [PROOF.nothingMissing] : lines.gaps} />
      <div className="mt-4 grid gap-2">
        {wide && freezing}
        <Link
          to={`/job/${job.id}/hand-over`}
          onClick={() => {
            const edit = editCommit<Job>(job, (kept) => ({ done: withDone(kept, "learn", "prove"), stage: "hand-over" }));
            void commit({ ...edit, silent: true });
          }}
          className="flex min-h-[62px] items-center justify-center bg-ink px-5 text-large font-semibold text-face"
        >
          {PROOF.toHandOver}
        </Link>
      </div>
    </div>
  );
}
