import type { Job } from "@amp-saver/records";
import { format, parseISO } from "date-fns";
import { Link } from "react-router";
import type { RigBundle } from "../../store/bundle.ts";
import { Answer } from "../../ui/answer.tsx";
import { SectionHeading } from "../../ui/layout/section-heading.tsx";
import { Evidence, Rail, StageFrame } from "../../ui/layout/stage-frame.tsx";
import { HISTORY } from "../../words/history.ts";
import { EventList } from "./event-list.tsx";
import { comingLooks, rigHistory, sinceLast } from "./history.view.ts";
import { JobTools } from "./job-tools.tsx";

const day = (iso: string): string => format(parseISO(iso), "d MMMM yyyy");

/** Years later: what was done on a rig, what is due, what changed, and how to go on. */
export function HistoryScreen({ bundle }: { readonly bundle: RigBundle }) {
  const { rig, units, jobs, works } = bundle;
  const wired = (job: Job): boolean => works.some((w) => w.jobId === job.id && Object.keys(w.steps).length > 0);
  const nameOf = (unitId: string): string => units.find((u) => u.id === unitId)?.name ?? "";
  const looks = comingLooks(bundle, format(new Date(), "yyyy-MM-dd"));
  const next = looks[0];
  const pairs = units.flatMap((unit) => sinceLast(unit, bundle) ?? []);
  const title = (job: Job): string => `${job.title} (${day(job.createdAt)})`;
  const head = "mt-5 border-b-[1.5px] border-ink pb-1 font-bold";
  return (
    <StageFrame>
      <Evidence>
        <Answer
          question={HISTORY.question(rig.name)}
          parts={HISTORY.answer(jobs.length, next === undefined ? null : day(next.day), next?.overdue ?? false)}
          sure={HISTORY.sure}
        />
        {looks.length > 0 && (
          <>
            <h2 className={head}>{HISTORY.looks}</h2>
            <ul>
              {looks.map((l) => (
                <li key={`${l.unitId} ${l.what}`} className="border-b border-hair py-1">
                  {HISTORY.look(nameOf(l.unitId), day(l.day), HISTORY.lookWords[l.what], l.overdue)}
                </li>
              ))}
            </ul>
            <p className="text-small text-ink2">{HISTORY.looksSource}</p>
          </>
        )}
        <h2 className={head}>{HISTORY.changed}</h2>
        {pairs.length === 0 && <p className="py-1 text-ink2">{HISTORY.oneVisit}</p>}
        {pairs.map(({ earlier, later, study, changed }) => (
          <section key={later.id} className="border-b border-hair py-1.5">
            <h3 className="font-semibold">{HISTORY.changedOf(nameOf(later.unitId), title(earlier), title(later))}</h3>
            {(["start", "running"] as const).map((which) => (
              <div key={which}>
                <p>{HISTORY[which](study[which])}</p>
                {HISTORY.check(which, study[which]) !== null && <p className="font-semibold">{HISTORY.check(which, study[which])}</p>}
              </div>
            ))}
            <p className="text-ink2">{HISTORY.entries(changed)}</p>
          </section>
        ))}
        <h2 className={head}>{HISTORY.events}</h2>
        <EventList events={rigHistory(bundle)} nameOf={nameOf} />
      </Evidence>
      <Rail>
        <SectionHeading>{HISTORY.jobs}</SectionHeading>
        <ul>
          {jobs.toReversed().map((job) => (
            <li key={job.id} className="border-b border-hair py-2">
              <Link
                to={`/job/${job.id}/${job.stage}`}
                className="font-semibold underline underline-offset-4 pointer-coarse:inline-block pointer-coarse:py-2.5"
              >
                {nameOf(job.unitId)}, {job.title}
              </Link>
              {job.done.includes("hand-over") && <span className="ml-2 text-ink2">{HISTORY.handedOver}</span>}
              <JobTools job={job} units={units} wired={wired(job)} />
            </li>
          ))}
        </ul>
      </Rail>
    </StageFrame>
  );
}
