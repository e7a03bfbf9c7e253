import { type Job, withDone } from "@amp-saver/records";
import { editCommit } from "../../store/commands.ts";
import { useStore } from "../../store/provider.tsx";
import { Answer } from "../../ui/answer.tsx";
import { LinkButton } from "../../ui/layout/link-button.tsx";
import { ASKED } from "../../words/asked.ts";
import { FIT } from "../../words/fit.ts";
import { OPENING } from "../../words/opening.ts";
import { Asked } from "../asked.tsx";
import { Photos } from "../photos/photos.tsx";
import { closingList, closingState, missingScrews } from "./fit.view.ts";
import type { FitProps } from "./fit-props.ts";
import { ScrewsByPlace } from "./open-phase.tsx";
import { ScrewTally } from "./screw-tally.tsx";

const SUBJECTS = ["as-built"] as const;

/** Close: putty, grommets, sealant, lid, every screw counted, tools down. */
export function ClosePhase({ bundle, work, save }: FitProps) {
  const { commit } = useStore();
  const { job } = bundle;
  const { open, screws } = closingState(work);
  const parts = open > 0 ? FIT.closeOpen(open) : screws !== 0 ? FIT.screwsMissing(screws) : FIT.closed;
  const closed = open === 0 && screws === 0;
  const left = closingList(work).filter((check) => work.closing[check] !== true);
  return (
    <div className="mx-auto w-full max-w-[820px] px-4 py-3 min-[62.5rem]:px-6">
      <Answer guide="fit" question={FIT.question} parts={parts} />
      <div className="mt-3">
        <Asked
          label={FIT.phases.close}
          questions={closingList(work).map((check) => ({
            id: check,
            done: work.closing[check] === true,
            tick: { label: FIT.closing[check], onChange: (yes: boolean) => save({}, `closing ${check}`, { closing: { [check]: yes } }) },
          }))}
          rests={[
            {
              open: left.map((check) => ({ id: check, name: FIT.closing[check] })),
              label: ASKED.allSo,
              onAll: () => save({}, "closing", { closing: Object.fromEntries(left.map((check) => [check, true])) }),
            },
          ]}
        />
        <ul className="pt-2">
          {missingScrews(work.screws).map(([place, count]) => (
            <li key={place} className="font-semibold text-lead">
              {OPENING.missing(OPENING.places[place], count)}
            </li>
          ))}
        </ul>
        <ScrewsByPlace work={work} save={save} />
        <ScrewTally work={work} save={save} />
      </div>
      <Photos bundle={bundle} subjects={SUBJECTS} />
      {closed && (
        <LinkButton
          to={`/job/${job.id}/learn`}
          onClick={() => {
            const edit = editCommit<Job>(job, (kept) => ({ done: withDone(kept, "isolate", "fit"), stage: "learn" }));
            void commit({ ...edit, silent: true });
          }}
          main
          className="mt-4"
        >
          {FIT.toLearn}
        </LinkButton>
      )}
    </div>
  );
}
