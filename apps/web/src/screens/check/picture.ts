import type { AirConditioner, Method, Source } from "@amp-saver/records";
import type { Gap } from "../../chart/headroom.tsx";
import type { PictureTrace } from "../../chart/picture-trace.ts";
import type { StartPictureProps } from "../../chart/start-picture.tsx";
import { CHECK } from "../../words/check.ts";
import { type CheckView, type GapView, type TraceView, traceOf } from "../../workbench/check-view.ts";

type Study = Parameters<typeof traceOf>[0];

/** What the start picture draws, from a view and the line laid over it. */
export function pictureOf(
  view: CheckView,
  against: { readonly study: Study; readonly method: Method } | null,
  loadsA: number,
  unit: AirConditioner,
  source: Source | undefined,
): Omit<StartPictureProps, "width" | "height" | "show" | "label"> {
  const shore = source?.type === "shore";
  const fanA = unit.fanA?.value ?? 0;
  const gap = (title: string, of: GapView, word: string, decides: boolean, limitWord: (limit: number) => string): Gap => ({
    title,
    loadsA,
    fanA,
    askedA: of.askedA,
    limitA: of.limitA,
    marginA: of.marginA,
    toleranceA: of.toleranceA,
    word,
    decides,
    leans: of.fit === "just-fits" && of.marginA !== null && of.marginA <= 0,
    limitWord: of.limitA === null ? CHECK.noGap : limitWord(of.limitA),
  });
  return {
    start: gap(
      CHECK.start,
      view.start,
      CHECK.starting,
      view.decides === "start",
      shore
        ? CHECK.gapBreaker
        : source?.type === "generator"
          ? view.start.fit === "too-much"
            ? CHECK.gapSetFails
            : CHECK.gapSet
          : CHECK.gapGenerator,
    ),
    run: view.run && gap(CHECK.run, view.run, CHECK.running, view.decides === "run", shore ? CHECK.runGapBreaker : CHECK.runGapGenerator),
    planned: trace(view.trace),
    before: against === null ? null : trace(traceOf(against.study, against.method, source?.type === "generator")),
    nominalV: source === undefined || source.volts.value < 180 ? 120 : 240,
    synchronousRpm: view.synchronousRpm,
    minutesWall: view.run?.limitA == null ? "" : CHECK.minutesWall(view.run.limitA),
  };
}

function trace(view: TraceView): PictureTrace {
  return {
    points: view.points,
    steadyA: view.steadyA,
    steadyV: view.steadyV,
    steadyRpm: view.status === "started" ? (view.points.at(-1)?.rpm ?? null) : null,
    label: CHECK.traceLabel(view.method, view.status, view.startS, view.endsAtS, view.peakA),
    short: CHECK.traceShort(view.method, view.status, view.startS, view.endsAtS),
    lastS: view.startS ?? view.endsAtS ?? 1.2,
    peakA: view.peakA,
    askedA: view.askedA,
    askedLabel: view.askedA === null ? "" : CHECK.asks(view.method, view.askedA),
    lowestV: view.lowestV,
  };
}
