import { useRef, useState } from "react";
import { useNavigate } from "react-router";
import { importCommit } from "../../store/commands.ts";
import { useStore } from "../../store/provider.tsx";
import { useLogbook, useRigs } from "../../store/queries.ts";
import { Answer } from "../../ui/answer.tsx";
import { Button } from "../../ui/button.tsx";
import { KeyCap } from "../../ui/key-cap.tsx";
import { useKeys } from "../../ui/keys.tsx";
import { COMMON } from "../../words/common.ts";
import { HOME, NEXT } from "../../words/home.ts";
import { nextStep } from "../../workbench/next-step.ts";
import { LogRow } from "./log-row.tsx";
import { NewRigSheet } from "./new-rig-sheet.tsx";
import { OwnRecordPanel } from "./own-record.tsx";
import { useAnswers } from "./use-answers.ts";

/** The logbook: what is next, and every job with its stage and answer. */
export function HomeScreen() {
  const log = useLogbook();
  const rigs = useRigs();
  useAnswers(log);
  const { commit } = useStore();
  const navigate = useNavigate();
  const [naming, setNaming] = useState(false);
  const [text, setText] = useState("");
  const find = useRef<HTMLInputElement>(null);
  const latest = log?.[0];
  const step = latest && nextStep(latest.job, latest.unit, rigs?.find((b) => b.rig.id === latest.rig.id)?.readings ?? []);
  const openNext = (): void => {
    if (latest !== undefined && step !== undefined) void navigate(`/job/${latest.job.id}/${step.stage}`);
  };
  useKeys({ n: () => setNaming(true), "/": () => find.current?.focus(), o: openNext });
  if (log === undefined || rigs === undefined) return <p className="p-6">{COMMON.loading}</p>;
  const example = async (): Promise<void> => {
    const { demoRecords } = await import("@amp-saver/records/demo");
    await commit(importCommit(demoRecords()));
  };
  const wanted = text.trim().toLowerCase();
  const rows = log.filter(({ rig, unit, source, job }) =>
    [rig.name, rig.note, unit.name, source?.name ?? "", job.title].join(" ").toLowerCase().includes(wanted),
  );
  return (
    <>
      <section className="border-b-[1.5px] border-ink px-4 py-4 min-[1000px]:px-6">
        <Answer
          question={HOME.question}
          parts={latest === undefined || step === undefined ? [{ text: HOME.none }] : NEXT[step.code](latest.rig.name)}
          sure={
            latest === undefined ? (
              <span className="block max-w-[640px]">{HOME.emptyLead}</span>
            ) : (
              `${latest.unit.name}. ${latest.job.title}`
            )
          }
          extra={
            <div className="flex shrink-0 gap-2 max-[999px]:hidden">
              {latest !== undefined && (
                <Button look="primary" keyCap="O" onClick={openNext}>
                  {HOME.open}
                </Button>
              )}
              <Button look={latest === undefined ? "primary" : "plain"} keyCap="N" onClick={() => setNaming(true)}>
                {HOME.newRig}
              </Button>
            </div>
          }
        />
        <div className="mt-3 flex flex-col gap-2 min-[1000px]:hidden">
          {latest !== undefined && (
            <Button look="primary" className="min-h-[62px] text-[18px]" onClick={openNext}>
              {HOME.open}
            </Button>
          )}
          <Button look={latest === undefined ? "primary" : "plain"} className="min-h-[62px] text-[18px]" onClick={() => setNaming(true)}>
            {HOME.newRig}
          </Button>
        </div>
        {log.length === 0 && (
          <div className="mt-4">
            <Button onClick={() => void example()}>{HOME.example}</Button>
            <p className="mt-1 text-[14px] text-ink2">{HOME.exampleHelp}</p>
          </div>
        )}
      </section>
      <section className="min-h-0 grow bg-bench">
        {log.length > 0 && (
          <div className="flex items-center gap-4 border-b-[1.5px] border-ink px-4 py-2.5 min-[1000px]:px-6">
            <h2 className="font-bold">{HOME.logbook}</h2>
            <label className="edge flex grow items-center gap-2 bg-face px-2">
              <KeyCap name="/" />
              <span className="sr-only">{HOME.find}</span>
              <input
                ref={find}
                type="search"
                value={text}
                onChange={(e) => setText(e.target.value)}
                placeholder={HOME.find}
                className="min-h-[32px] grow bg-transparent placeholder:text-ink2 pointer-coarse:min-h-[44px]"
              />
            </label>
            <span className="whitespace-nowrap max-[699px]:hidden">
              {HOME.units(log.length)}, {HOME.rigs(rigs.length)}
            </span>
          </div>
        )}
        {log.length > 0 && <OwnRecordPanel />}
        {rows.length === 0 && log.length > 0 && <p className="px-6 py-4">{HOME.noMatch(text)}</p>}
        <ul>
          {rows.map((row) => (
            <LogRow key={row.job.id} {...row} />
          ))}
        </ul>
      </section>
      <NewRigSheet open={naming} onOpenChange={setNaming} />
    </>
  );
}
