import type { RigSummary } from "@amp-saver/records";
import { format, parseISO } from "date-fns";
import { useDeferredValue, useMemo, useState } from "react";
import { useNavigate } from "react-router";
import { useJob } from "../../store/queries.ts";
import { Answer } from "../../ui/answer.tsx";
import { Button } from "../../ui/button.tsx";
import { useKeys } from "../../ui/keys.tsx";
import { Evidence } from "../../ui/layout/stage-frame.tsx";
import { SearchField } from "../../ui/search-field.tsx";
import { COMMON } from "../../words/common.ts";
import { HOME } from "../../words/home.ts";
import { nextWords } from "../../words/stages.ts";
import { useStages } from "../use-stages.ts";
import { LazySheet } from "./lazy-sheet.tsx";
import { LogRow } from "./log-row.tsx";
import { byMonth, filtered, type LogFilter, logLines, stageCounts } from "./logbook.view.ts";
import { OwnRecordPanel } from "./own-record.tsx";
import { StageFilter } from "./stage-filter.tsx";
import { useAnswers } from "./use-answers.ts";

/** Rows shown at first, and with every press for more. */
const ROWS = 25;

/** The logbook: what is next, and every job with its stage and answer. */
export function Logbook({ rigs }: { readonly rigs: readonly RigSummary[] }) {
  const navigate = useNavigate();
  const [naming, setNaming] = useState(false);
  const [typed, setTyped] = useState<LogFilter>({ words: "", stage: "all" });
  const [most, setMost] = useState(ROWS);
  const filter = useDeferredValue(typed);
  const log = useMemo(() => logLines(rigs), [rigs]);
  const rows = useMemo(() => filtered(log, filter), [log, filter]);
  const counts = useMemo(() => stageCounts(log), [log]);
  const shown = useMemo(() => rows.slice(0, most), [rows, most]);
  useAnswers(shown);
  const nextLine = log.find((line) => !line.handedOver) ?? log[0];
  const latest = useJob(nextLine?.id ?? "") ?? undefined;
  const stages = useStages(latest);
  const openNext = (): void => {
    if (latest === undefined || stages === null) return;
    const { next } = stages;
    void navigate(`/job/${latest.job.id}/${next?.stage ?? "hand-over"}${next?.part === undefined ? "" : `/${next.part}`}`);
  };
  useKeys({ n: () => setNaming(true), o: openNext });
  const narrow = (change: Partial<LogFilter>): void => {
    setTyped({ ...typed, ...change });
    setMost(ROWS);
  };
  return (
    <>
      <section className="border-b-[1.5px] border-ink px-4 py-4 min-[62.5rem]:px-6">
        <Answer
          question={HOME.question}
          parts={
            latest === undefined || stages === null ? [{ text: COMMON.loading }] : [{ text: `${latest.rig.name}: ` }, ...nextWords(stages)]
          }
          sure={`${nextLine?.unitName}. ${nextLine?.title}`}
          extra={
            <div className="flex shrink-0 gap-2 max-[62.4375rem]:hidden">
              <Button look="primary" keyCap="O" onClick={openNext}>
                {HOME.open}
              </Button>
              <Button keyCap="N" onClick={() => setNaming(true)}>
                {HOME.newRig}
              </Button>
            </div>
          }
        />
        <div className="mt-3 flex flex-col gap-2 min-[62.5rem]:hidden">
          <Button look="primary" className="min-h-[62px] text-large" onClick={openNext}>
            {HOME.open}
          </Button>
          <Button className="min-h-[62px] text-large" onClick={() => setNaming(true)}>
            {HOME.newRig}
          </Button>
        </div>
      </section>
      <section className="min-h-0 grow bg-bench">
        <div className="flex items-center gap-4 border-b-[1.5px] border-ink px-4 py-2.5 min-[62.5rem]:px-6">
          <h2 className="font-bold">{HOME.logbook}</h2>
          <SearchField label={HOME.find} value={typed.words} onChange={(words) => narrow({ words })} className="grow" />
          <span className="whitespace-nowrap max-[43.6875rem]:hidden">
            {HOME.units(log.length)}, {HOME.rigs(rigs.length)}
          </span>
        </div>
        <div className="border-b-[1.5px] border-ink bg-face min-[43.75rem]:flex min-[43.75rem]:items-start min-[43.75rem]:justify-between">
          <OwnRecordPanel />
          <StageFilter value={typed.stage} counts={counts} onChange={(stage) => narrow({ stage })} />
        </div>
        {rows.length === 0 && <p className="px-6 py-4">{HOME.noMatch(filter.words, filter.stage !== "all")}</p>}
        {byMonth(shown).map(({ month, lines }) => (
          <section key={month} aria-label={monthOf(month)}>
            <h3 className="border-b border-hair px-4 pt-2 pb-0.5 text-small font-semibold min-[62.5rem]:px-6">{monthOf(month)}</h3>
            <ul>
              {lines.map((line) => (
                <LogRow key={line.id} line={line} />
              ))}
            </ul>
          </section>
        ))}
        {rows.length > shown.length && (
          <Evidence>
            <Button onClick={() => setMost(most + ROWS)}>{HOME.more(Math.min(ROWS, rows.length - shown.length), rows.length)}</Button>
          </Evidence>
        )}
      </section>
      <LazySheet open={naming} onOpenChange={setNaming} />
    </>
  );
}

const monthOf = (month: string): string => format(parseISO(`${month}-15`), "MMMM yyyy");
