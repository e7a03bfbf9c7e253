import { SOFT_STARTER_PARAMS } from "@amp-saver/core/device/soft-starter/params";
import { figureText, type Measure } from "@amp-saver/core/figure";
import { formatAmps, formatNumber, type Origin } from "@amp-saver/core/quantity";
import { PROOF_PARAMS } from "@amp-saver/core/study/proof/params";
import type { Expected } from "@amp-saver/core/study/reading";
import type { AirConditioner, Job, Source } from "@amp-saver/records";
import { OPENED } from "../../words/explain.ts";
import { LEARN } from "../../words/learn.ts";
import { FIGURE_WORDS } from "../../words/survey.ts";

interface Rests {
  readonly unit: AirConditioner;
  readonly job: Pick<Job, "limitA">;
  readonly source: Source | undefined;
  readonly outdoorC: number;
}

/** What a learned start should show, opened: over which units it is drawn, and what of this one it rests on. */
export function rangeOpened({ kind, after }: Expected, { unit, job, source, outdoorC }: Rests, measure: Measure) {
  const plate = (["lockedRotorA", "ratedLoadA"] as const).flatMap((name) => {
    const figure = unit[name];
    return figure === undefined
      ? []
      : [{ text: `${FIGURE_WORDS[name].label} ${figureText(name, measure, figure.value)}`, origin: figure.from as Origin }];
  });
  const { typicalLimitShare: share } = SOFT_STARTER_PARAMS;
  const limit =
    job.limitA === null
      ? { text: OPENED.range.limitTypical(...share.spread), origin: "typical" as const, source: share.source }
      : { text: OPENED.range.limit(formatAmps(job.limitA)), origin: "measured" as const };
  return {
    name: OPENED.range.name(LEARN.kinds[kind]),
    value: OPENED.range.value(formatNumber(after.low, 1), formatAmps(after.high)),
    formula: OPENED.range.formula(PROOF_PARAMS.draws.value, formatAmps(after.middle)),
    inputs: [
      ...plate,
      ...(source === undefined ? [] : [{ text: OPENED.range.on(source.name), origin: source.volts.from as Origin }]),
      limit,
      { text: OPENED.range.air(figureText("outdoorC", measure, outdoorC)), origin: "measured" as const },
    ],
  };
}
