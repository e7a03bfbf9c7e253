import { formatAmps } from "@amp-saver/core/quantity";
import { type AirConditioner, type Job, type Rig, type Source, STAGES } from "@amp-saver/records";
import { format, isToday, parseISO } from "date-fns";
import { Link } from "react-router";
import { StageBar } from "../../ui/stage-bar.tsx";
import { VerdictGlyph } from "../../ui/verdict-glyph.tsx";
import { FIT_WORDS, STAGE_WORDS } from "../../words/common.ts";
import { HOME } from "../../words/home.ts";

interface LogRowProps {
  readonly job: Job;
  readonly rig: Rig;
  readonly unit: AirConditioner;
  readonly source: Source | undefined;
}

/** One job in the logbook: what, how far, and the kept answer. */
export function LogRow({ job, rig, unit, source }: LogRowProps) {
  const at = STAGES.indexOf(job.stage);
  const { answer } = job;
  const fit = answer?.fit ?? "not-known";
  const margin = answer?.marginA ?? null;
  const figure = margin === null ? FIT_WORDS[fit] : `${formatAmps(Math.abs(margin))}${margin < 0 ? ` ${HOME.over}` : ""}`;
  const changed = parseISO(job.updatedAt);
  return (
    <li className="border-b border-hair bg-face">
      <Link
        to={`/job/${job.id}/${job.stage}`}
        className="grid min-h-[69px] items-center gap-x-6 px-4 py-2 -outline-offset-3 max-[999px]:grid-cols-[1fr_auto] min-[1000px]:grid-cols-[minmax(220px,1.6fr)_150px_minmax(220px,1.2fr)_130px] min-[1000px]:px-6"
      >
        <span className="min-w-0">
          <span className="block truncate">
            <b className="text-[16px]">{rig.name}</b> <span className="text-ink2">{rig.note}</span>
          </span>
          <span className="block truncate text-[14.5px]">
            {unit.name} · {job.title}
          </span>
        </span>
        <span className="max-[999px]:order-3 max-[999px]:flex max-[999px]:items-center max-[999px]:gap-2">
          <StageBar at={at} of={STAGES.length} label={HOME.stageAt(at + 1, STAGE_WORDS[job.stage])} />
          <span className="block text-[15px]">
            <span className="figure">{at + 1}</span> {STAGE_WORDS[job.stage]}
          </span>
        </span>
        <span className="max-[999px]:text-right">
          <span className="flex items-center gap-2 max-[999px]:justify-end">
            <span className="figure text-[17px]">{answer === null ? HOME.noAnswer : figure}</span>
            <VerdictGlyph fit={fit} />
            {answer !== null && margin !== null && <span className="max-[999px]:hidden">{FIT_WORDS[fit]}</span>}
          </span>
          <span className="block text-[14.5px] text-ink2 max-[999px]:hidden">{source?.name ?? HOME.noSource}</span>
        </span>
        <span className="text-[14.5px] text-ink2 max-[999px]:text-right">
          {isToday(changed) ? format(changed, "'today,' h:mm aaa") : format(changed, "d MMM yyyy")}
        </span>
      </Link>
    </li>
  );
}
