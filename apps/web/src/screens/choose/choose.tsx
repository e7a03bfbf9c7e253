import { conditionsOf, hasWatts, startCase } from "@amp-saver/cases";
import type { RemedyCode } from "@amp-saver/core/study/remedy";
import { type Job, withDone } from "@amp-saver/records";
import { useMemo } from "react";
import { useNavigate } from "react-router";
import { editCommit } from "../../store/commands.ts";
import { useStore } from "../../store/provider.tsx";
import type { JobBundle } from "../../store/queries.ts";
import { useSettings } from "../../store/settings.tsx";
import { Answer } from "../../ui/answer.tsx";
import { Failed } from "../../ui/failed.tsx";
import { Later } from "../../ui/later.tsx";
import { LinkButton } from "../../ui/layout/link-button.tsx";
import { Evidence, Rail, StageFrame } from "../../ui/layout/stage-frame.tsx";
import { useWide } from "../../ui/use-wide.ts";
import { MISSING } from "../../words/check.ts";
import { CHOOSE, chooseSentence, REMEDY_WORDS } from "../../words/choose.ts";
import { COMMON } from "../../words/common.ts";
import { SMALLEST } from "../../words/smallest.ts";
import { useRemedies, useSensitivities } from "../../workers/use-study.ts";
import { useShares } from "../../workers/use-trials.ts";
import { keptSmallest } from "../smallest.view.ts";
import { SmallestPanel } from "../smallest-panel.tsx";
import { Catalogue } from "./catalogue.tsx";
import { advice, choicesOf } from "./choose.view.ts";
import { PricesForm } from "./prices.tsx";
import { QuotePanel } from "./quote-sheet.tsx";
import { RemedyRow } from "./remedy-row.tsx";
import { WorstCase } from "./worst-case.tsx";

/** Rows that a phone's first screen has room for; the rest is drawn a frame later. */
const FIRST_ROWS = 3;

/** Choose: every remedy on the source that is asked about, side by side. */
export function ChooseScreen({ bundle }: { readonly bundle: JobBundle }) {
  const { job, rig, unit, sources, starters } = bundle;
  const { commit, epoch } = useStore();
  const { prices } = useSettings();
  const navigate = useNavigate();
  const wide = useWide();
  const source = sources.find((s) => s.id === job.sourceId);
  const smallest = keptSmallest(job, rig, unit, source);
  const others = useMemo(() => sources.filter((s) => s.id !== job.sourceId && hasWatts(s)), [sources, job.sourceId]);
  const conditions = { ...conditionsOf(rig, job, starters), aidStaysIn: false };
  const question = startCase(unit, source, job.method, conditions);
  const { answer, failed, again } = useRemedies(
    question.ok ? { given: question.given, choices: choicesOf(unit, others, starters, prices, conditions.altitudeM) } : null,
  );
  const cases = useMemo(() => answer?.map((r) => r.given) ?? null, [answer]);
  const tries = useShares(cases, true);
  const nameOf = ({ code, other, starter }: Named): string =>
    (other >= 0 ? others[other]?.name : starter >= 0 ? CHOOSE.starter(starters[starter]?.name ?? "") : REMEDY_WORDS[code].name) ?? code;
  const { remedies, settled, taken, surer } = useMemo(() => advice(answer ?? [], tries.shares), [answer, tries.shares]);
  const { answer: measured } = useSensitivities(surer === null ? null : (taken?.given ?? null));
  const broken = failed ?? tries.failed;
  const parts = !question.ok
    ? [{ text: MISSING[question.missing].answer }]
    : broken !== null
      ? [{ text: COMMON.failed }]
      : !settled
        ? [{ text: COMMON.working }]
        : chooseSentence(
            taken === null ? null : { code: taken.code, name: nameOf(taken), usd: taken.usd, tries: taken.assessment.tries },
            surer === null ? null : { name: nameOf(surer), usd: surer.usd },
            measured?.[0]?.code ?? null,
          );
  const openIn = (change: Partial<Job>): void => {
    void commit(editCommit<Job>(job, (kept) => ({ ...change, answer: null, done: withDone(kept, "choose") }))).then(
      (result) => result.ok && navigate(`/job/${job.id}/check`),
    );
  };
  const rows = remedies.map((remedy) => (
    <RemedyRow
      key={`${remedy.code} ${remedy.other} ${remedy.starter}`}
      name={nameOf(remedy)}
      gives={givesOf(remedy.code, smallest)}
      noise={REMEDY_WORDS[remedy.code].noise}
      remedy={remedy}
      starter={starters[remedy.starter]}
      mark={remedy === taken ? CHOOSE.best : remedy === surer ? CHOOSE.sureMark : null}
      onOpen={openerOf(remedy, { sourceId: others[remedy.other]?.id ?? null, starterId: starters[remedy.starter]?.id ?? null }, openIn)}
    />
  ));
  return (
    <StageFrame>
      <Evidence>
        <Answer guide="choose" question={CHOOSE.question(source?.name ?? null)} parts={parts} sure={CHOOSE.sure} />
        <WorstCase bundle={bundle} />
        {!question.ok && (
          <LinkButton to={`/job/${job.id}/survey`} className="mt-4">
            {MISSING[question.missing].action}
          </LinkButton>
        )}
        {broken !== null && <Failed text={broken} onAgain={failed === null ? tries.again : again} />}
        {answer !== undefined && (
          <ul className="mt-4 border-t-[1.5px] border-ink">
            {rows.slice(0, FIRST_ROWS)}
            <Later atOnce={wide}>{rows.slice(FIRST_ROWS)}</Later>
          </ul>
        )}
        {question.ok && <SmallestPanel bundle={bundle} atOnce={settled} />}
        <p className="mt-4 max-w-[760px] border-t-[1.5px] border-ink pt-2 font-semibold">{CHOOSE.never}</p>
      </Evidence>
      <Rail later>
        <Catalogue key={`catalogue ${epoch}`} bundle={bundle} />
        <PricesForm />
        <QuotePanel bundle={bundle} />
      </Rail>
    </StageFrame>
  );
}

/** What a remedy gives; of a bigger generator how big it must be, once that is known. */
function givesOf(code: RemedyCode, smallest: ReturnType<typeof keptSmallest>): string {
  const { gives } = REMEDY_WORDS[code];
  const least = code === "bigger" ? smallest?.["as-found"] : code === "bigger-soft" ? smallest?.soft : undefined;
  if (least?.runningW == null || least.surgeW === null) return gives;
  return `${SMALLEST.bigger(least.runningW, least.surgeW)} ${gives}`;
}

interface Named {
  readonly code: RemedyCode;
  readonly other: number;
  readonly starter: number;
}

interface Chosen {
  readonly sourceId: Job["sourceId"];
  readonly starterId: Job["starterId"] & (string | null);
}

/** How a remedy is asked about in Check; null for what would have to be bought or changed first. */
function openerOf({ code }: Named, { sourceId, starterId }: Chosen, open: (change: Partial<Job>) => void): (() => void) | null {
  switch (code) {
    case "as-is":
      return () => open({ method: "as-found" });
    case "shed":
      return () => open({ method: "as-found", otherLoadsA: 0 });
    case "hard":
      return () => open({ method: "hard" });
    case "soft":
      return () => open({ method: "soft", starterId });
    case "soft-shed":
      return () => open({ method: "soft", otherLoadsA: 0 });
    case "other-source":
      return () => open({ method: "as-found", sourceId });
    default:
      return null;
  }
}
