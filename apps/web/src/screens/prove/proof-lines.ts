import type { JobBundle } from "../../store/queries.ts";
import { PROOF } from "../../words/proof.ts";
import { PROVE } from "../../words/prove.ts";
import type { Proved } from "./proof.view.ts";

/** A proof in sentences: what is shown, how it stands to what was predicted, what is not shown. */
export interface ProofLines {
  readonly shown: readonly string[];
  readonly predicted: readonly string[];
  readonly gaps: readonly string[];
}

/** Words a proof, for the page and for paper alike. */
export function proofLines(
  { sources }: Pick<JobBundle, "sources">,
  study: Proved["study"],
  { predicted, learned }: Proved["input"],
  air: (celsius: number) => string,
): ProofLines {
  const { start, running, expected } = study.readings;
  const name = (id: string): string => sources.find((s) => s.id === id)?.name ?? "";
  const shown = [
    ...(start === null
      ? []
      : [
          PROOF.reduction(start.before.medianA, start.after.medianA, start),
          PROOF.spread(PROOF.sides.before, start.before.lowA, start.before.highA, start.before.count),
          PROOF.spread(PROOF.sides.after, start.after.lowA, start.after.highA, start.after.count),
          ...(start.kind === "inrush" ? [PROVE.foot] : []),
          ...(start.meters === "same" ? [] : [PROVE.meters[start.meters]]),
        ]),
    ...(learned === null || learned.runs === 0 ? [] : [PROOF.learned(learned.runs)]),
    ...(running === null ? [] : [PROOF.running[running.verdict]]),
    ...study.sources.map((s) => PROOF.source(name(s.sourceId), s, s.outdoorC === null ? "" : air(s.outdoorC), s.loadsOn)),
  ];
  const beside = (
    side: keyof typeof PROOF.sides,
    measuredA: number | undefined,
    expectedA: number | null | undefined,
    how: Proved["study"]["before"],
  ): string[] => (measuredA === undefined || expectedA == null ? [] : [PROOF.against(side, measuredA, expectedA, how)]);
  return {
    shown,
    predicted: [
      ...(expected?.ofUnit === true && start !== null ? [PROOF.expectedDrop(expected.low, expected.high)] : []),
      ...beside("before", start?.before.medianA, predicted?.beforeA, study.before),
      ...beside("after", start?.after.medianA, predicted?.afterA, study.after),
      ...beside("running", running?.after.medianA, predicted?.runningA, study.running),
    ],
    gaps: study.gaps.map((gap) => PROOF.gaps[gap]),
  };
}
