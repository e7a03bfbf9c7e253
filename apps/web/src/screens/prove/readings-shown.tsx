import { conditionsOf, startCase } from "@amp-saver/cases";
import { shownAs } from "@amp-saver/core/figure";
import { formatAmps, formatPercent, formatWith } from "@amp-saver/core/quantity";
import type { Reading } from "@amp-saver/records";
import { ReadingsPicture } from "../../chart/readings-picture.tsx";
import { useWidth } from "../../chart/use-width.ts";
import type { JobBundle } from "../../store/queries.ts";
import { useSettings } from "../../store/settings.tsx";
import { Later } from "../../ui/later.tsx";
import { OpenFigure } from "../../ui/open-figure.tsx";
import { useWide } from "../../ui/use-wide.ts";
import { OPENED } from "../../words/explain.ts";
import { LEFT_OUT_WORDS, PROVE } from "../../words/prove.ts";
import { useStudy } from "../../workers/use-study.ts";
import { AlikeTable } from "./alike-table.tsx";
import { ByEar } from "./by-ear.tsx";
import { type ProveView, runningVerdict } from "./prove.view.ts";
import { ReadingList } from "./reading-list.tsx";
import { readingsDrawn } from "./readings-drawn.ts";
import { Waveforms } from "./waveforms.tsx";

interface ReadingsShownProps {
  readonly bundle: JobBundle;
  readonly side: Reading["when"];
  readonly view: ProveView;
  /** What is drawn beside each other: the view, or a visit before beside this one. */
  readonly shown: ProveView;
  readonly sides: "work" | "visits";
}

/** Readings drawn, listed and compared, with the recordings of starts. */
export function ReadingsShown({ bundle, side, view, shown, sides }: ReadingsShownProps) {
  const { job, unit } = bundle;
  const { measure } = useSettings();
  const readings = bundle.readings.filter((r) => r.jobId === job.id);
  const { start } = view.study;
  const wide = useWide();
  const [frame, width] = useWidth<HTMLDivElement>();
  const lastLive = readings.findLast((r) => r.mode === "live");
  const source = bundle.sources.find((s) => s.id === (lastLive?.sourceId ?? job.sourceId));
  const conditions = conditionsOf(bundle.rig, job, bundle.starters);
  const question = startCase(unit, source, "as-found", { ...conditions, outdoorC: lastLive?.outdoorC ?? conditions.outdoorC });
  const { answer } = useStudy(lastLive !== undefined && question.ok ? question.given : null);
  const verdict = runningVerdict(readings, view, unit, answer?.ok === true ? (answer.value.result.running?.compressorA ?? null) : null);
  return (
    <>
      <div ref={frame} className="mt-4">
        {(shown.before.length > 0 || readings.length > 0) && width > 0 && (
          <ReadingsPicture width={width} sides={sides} {...readingsDrawn(shown)} />
        )}
      </div>
      <div className="mt-3 grid gap-6 min-[51.25rem]:grid-cols-2">
        {shown.alike.length > 0 && (
          <AlikeTable
            rows={shown.alike}
            bundle={bundle}
            outdoorText={(c) => formatWith(shownAs("outdoorC", measure).fromSi(c), 0, shownAs("outdoorC", measure).unit)}
          />
        )}
        <Later atOnce={wide}>
          {readings.length > 0 && (
            <ReadingList
              readings={readings}
              sources={bundle.sources}
              leftOut={new Map(view.leftOut.map((l) => [l.reading.id, LEFT_OUT_WORDS[l.reason]]))}
            />
          )}
        </Later>
      </div>
      <Later atOnce={wide} frames={2}>
        {start !== null && (
          <div className="mt-2 max-w-[620px]">
            <OpenFigure
              name={OPENED.reduction}
              value={formatPercent(start.reduction)}
              formula={OPENED.reductionFormula}
              inputs={[
                { text: OPENED.reductionInputs.before(formatAmps(start.before.medianA), start.before.count), origin: "measured" },
                { text: OPENED.reductionInputs.after(formatAmps(start.after.medianA), start.after.count), origin: "measured" },
                { text: OPENED.reductionInputs.range(formatPercent(start.low), formatPercent(start.high)), origin: "measured" },
              ]}
            />
          </div>
        )}
        {start?.kind === "inrush" && <p className="mt-2">{PROVE.foot}</p>}
        {start !== null && start.meters !== "same" && <p className="mt-2">{PROVE.meters[start.meters]}</p>}
        {start?.atSameVolts != null && (
          <p className="mt-2">{PROVE.sameVolts(start.atSameVolts.beforeV, start.atSameVolts.afterV, start.atSameVolts.reduction)}</p>
        )}
        {verdict !== null && verdict !== "not-known" && <p className="mt-1">{PROVE.runningWords[verdict]}</p>}
        <Waveforms bundle={bundle} side={side} />
        <ByEar bundle={bundle} side={side} />
      </Later>
    </>
  );
}
