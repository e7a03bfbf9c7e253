import { formatAmps } from "@amp-saver/core/quantity";
import { STAGES } from "@amp-saver/records";
import { format, isToday, parseISO } from "date-fns";
import { memo } from "react";
import { Link } from "react-router";
import { StageBar } from "../../ui/stage-bar.tsx";
import { VerdictGlyph } from "../../ui/verdict-glyph.tsx";
import { FIT_WORDS } from "../../words/common.ts";
import { HOME } from "../../words/home.ts";
import { STAGE_WORDS } from "../../words/stages.ts";
import type { LogLine } from "./logbook.view.ts";

/** One job in the logbook: what, how far, and the kept answer. */
export const LogRow = memo(function LogRow({ line }: { readonly line: LogLine }) {
  const at = STAGES.indexOf(line.stage);
  const fit = line.fit ?? "not-known";
  const { spareA, provisional } = line;
  const figure = spareA === null ? FIT_WORDS[fit] : `${formatAmps(Math.abs(spareA))}${spareA < 0 ? ` ${HOME.over}` : ""}`;
  const changed = parseISO(line.updatedAt);
  return (
    <li className="border-b border-hair bg-face">
      <Link
        to={`/job/${line.id}/${line.stage}`}
        className="grid min-h-[69px] items-center gap-x-6 px-4 py-2 -outline-offset-3 max-[62.4375rem]:grid-cols-[1fr_auto] min-[62.5rem]:grid-cols-[minmax(220px,1.6fr)_150px_minmax(220px,1.2fr)_130px] min-[62.5rem]:px-6"
      >
        <span className="min-w-0">
          <span className="block truncate">
            <b className="text-body">{line.rigName}</b> <span className="text-ink2">{line.rigNote}</span>
          </span>
          <span className="block truncate text-small">
            {line.unitName} · {line.title}
          </span>
        </span>
        <span className="max-[62.4375rem]:order-3 max-[62.4375rem]:flex max-[62.4375rem]:items-center max-[62.4375rem]:gap-2">
          <StageBar at={at} of={STAGES.length} label={HOME.stageAt(at + 1, STAGES.length, STAGE_WORDS[line.stage])} />
          <span className="block text-body">
            <span className="figure">{at + 1}</span> {line.handedOver ? HOME.handedOver : STAGE_WORDS[line.stage]}
          </span>
        </span>
        <span className="max-[62.4375rem]:text-right">
          <span className="flex items-center gap-2 max-[62.4375rem]:justify-end">
            <span className="figure text-large">{line.fit === null ? HOME.noAnswer : figure}</span>
            <VerdictGlyph fit={fit} />
            {line.fit !== null && (spareA !== null || provisional) && (
              <span className="max-[62.4375rem]:hidden">{provisional ? HOME.provisional : FIT_WORDS[fit]}</span>
            )}
          </span>
          <span className="block text-small text-ink2 max-[62.4375rem]:hidden">{line.sourceName ?? HOME.noSource}</span>
        </span>
        <span className="text-small text-ink2 max-[62.4375rem]:text-right">
          {isToday(changed) ? format(changed, "'today,' H:mm") : format(changed, "d MMM yyyy")}
        </span>
      </Link>
    </li>
  );
});
