import type { AssessedSide } from "@amp-saver/core/study/assess";
import type { Method, Source } from "@amp-saver/records";
import type { Gap } from "../../chart/headroom.tsx";
import type { PictureTrace } from "../../chart/picture-trace.ts";
import type { StartPictureProps } from "../../chart/start-picture.tsx";
import { CHECK } from "../../words/check.ts";
import { type CheckView, type TraceView, traceOf } from "./check.view.ts";

type Study = Parameters<typeof traceOf>[0];

/** What the start picture draws, from a view and the line laid over it. */
export function pictureOf(
  view: CheckView,
  against: { readonly study: Study; readonly method: Method } | null,
  source: Source | undefined,
): Omit<StartPictureProps, "width" | "height" | "show" | "label"> {
  const shore = source?.type === "shore";
  const taken = (code: "fan-amps" | "other-loads"): number => view.assumptions.find((a) => a.code === code)?.value ?? 0;
  const [fanA, loadsA] = [taken("fan-amps"), taken("other-loads")];
  const { decides } = view.assessment;
  const gap = (title: string, of: AssessedSide, word: string, decidesIt: boolean, limitWord: (limit: number) => string): Gap => ({
    title,
    loadsA,
    fanA,
    neededA: of.neededA,
    availableA: of.availableA,
    spareA: of.spareA,
    toleranceA: of.toleranceA,
    word,
    decides: decidesIt,
    limitWord: of.availableA === null ? CHECK.noGap : limitWord(of.availableA),
  });
  return {
    start: gap(
      CHECK.start,
      view.start,
      CHECK.starting,
      decides === "start",
      shore ? CHECK.gapBreaker : source?.type === "generator" ? CHECK.gapSet : CHECK.gapGenerator,
    ),
    run: view.run && gap(CHECK.run, view.run, CHECK.running, decides === "run", shore ? CHECK.runGapBreaker : CHECK.runGapGenerator),
    planned: trace(view.trace),
    before: against === null ? null : trace(traceOf(against.study, against.method, source?.type === "generator")),
    nominalV: source === undefined || source.volts.value < 180 ? 120 : 240,
    synchronousRpm: view.synchronousRpm,
    minutesWall: view.run?.availableA == null ? "" : CHECK.minutesWall(view.run.availableA),
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
    drawnA: view.drawnA,
    drawnLabel: view.drawnA === null ? "" : CHECK.draws(view.method, view.drawnA),
    lowestV: view.lowestV,
  };
}
