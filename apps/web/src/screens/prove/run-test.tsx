import { shownAs } from "@amp-saver/core/figure";
import { formatWith } from "@amp-saver/core/quantity";
import type { Proof, SourceId } from "@amp-saver/records";
import { asId, TEXT_MOST } from "@amp-saver/records";
import { useState } from "react";
import { Link } from "react-router";
import { TimerRule } from "../../chart/timer-rule.tsx";
import { useWidth } from "../../chart/use-width.ts";
import { proofCommit } from "../../store/commands.ts";
import { newId, nowIso } from "../../store/identity.ts";
import { useStore } from "../../store/provider.tsx";
import type { JobBundle } from "../../store/queries.ts";
import { useSettings } from "../../store/settings.tsx";
import { useNow } from "../../store/use-now.ts";
import { Answer } from "../../ui/answer.tsx";
import { Caution } from "../../ui/caution.tsx";
import { SectionHeading } from "../../ui/layout/section-heading.tsx";
import { Pick } from "../../ui/pick.tsx";
import { RoofButton } from "../../ui/roof-button.tsx";
import { TextField } from "../../ui/text-field.tsx";
import { useKeptText } from "../../ui/use-kept-text.ts";
import { useWakeLock } from "../../ui/use-wake-lock.ts";
import { useWide } from "../../ui/use-wide.ts";
import { COMMON } from "../../words/common.ts";
import { clock } from "../../words/learn.ts";
import { PROOF } from "../../words/proof.ts";
import { BoundedInput } from "../bounded-input.tsx";
import { GOAL_MIN, resultProof, runningTest, runsShown, type Test } from "./proof.view.ts";

/** A run on a source with its timer and its stop criteria; what to look at where it ended by itself. */
export function RunTestPart({ bundle }: { readonly bundle: JobBundle }) {
  const { job, sources } = bundle;
  const { commit } = useStore();
  const now = Math.max(useNow(1), Date.now());
  const wide = useWide();
  const [frame, width] = useWidth<HTMLDivElement>();
  const proof = resultProof(bundle);
  const on = runningTest(proof);
  const last = Object.values(proof?.tests ?? {})
    .toSorted((a, b) => a.startedAt.localeCompare(b.startedAt))
    .at(-1);
  const [sourceId, setSourceId] = useState<SourceId | "">(last?.sourceId ?? job.sourceId ?? sources[0]?.id ?? "");
  const [outdoorC, setOutdoorC] = useState<number | null>(job.outdoorC);
  const [loadsOn, setLoadsOn] = useKeptText("run test loads");
  useWakeLock(on !== null);
  const name = (id: string): string => sources.find((s) => s.id === id)?.name ?? "";
  const save = (key: string, test: Test | undefined): void => void commit(proofCommit(job, {}, `test ${key}`, { tests: { [key]: test } }));
  const begin = (): void => {
    if (sourceId === "") return;
    save(newId<string>(), { sourceId, startedAt: nowIso(), endedAt: null, outcome: null, outdoorC, loadsOn });
    setLoadsOn("");
  };
  const end = (outcome: "well" | "stopped"): void => {
    if (on !== null) save(on.key, { ...on.test, endedAt: nowIso(), outcome });
  };
  const goneS = on === null ? 0 : (now - Date.parse(on.test.startedAt)) / 1000;
  const goalS = GOAL_MIN * 60;
  const asked = on?.test.sourceId ?? sourceId;
  const shown = runsShown(proof).find((s) => s.sourceId === asked);
  const parts =
    on === null ? PROOF.testShown(name(asked), shown) : goneS >= goalS ? PROOF.testGoal(goneS / 60) : PROOF.testRuns(clock(goalS - goneS));
  const stopped = Object.values(proof?.tests ?? {}).some((t) => t.outcome === "stopped");
  const act =
    on === null ? (
      <RoofButton main power disabled={sourceId === ""} onClick={begin}>
        {PROOF.testBegin}
      </RoofButton>
    ) : (
      <RoofButton main onClick={() => end("well")}>
        {PROOF.testWell}
      </RoofButton>
    );
  // A run is not ended by a second tap where it was begun.
  const above = !wide && sources.length > 0 && (on === null || goneS >= goalS);
  return (
    <div ref={frame} className="mx-auto w-full max-w-[820px] px-4 py-3 min-[62.5rem]:px-6">
      <Answer guide="prove" question={PROOF.testQuestion(name(asked))} parts={parts} sure={PROOF.testSure} acts={above && act} />
      {on === null ? (
        <div className="mt-3">
          {sources.length === 0 ? (
            <p className="border-b border-hair py-2">
              {PROOF.testNoSource}{" "}
              <Link to={`/job/${job.id}/survey`} className="font-semibold underline underline-offset-4">
                {PROOF.toSources}
              </Link>
            </p>
          ) : (
            <Pick
              label={PROOF.testSource}
              value={sourceId}
              options={sources.map((s) => ({ value: s.id, word: s.name }))}
              onChange={(id) => setSourceId(asId("source", id))}
            />
          )}
          <BoundedInput name="outdoorC" value={outdoorC} optional onChange={setOutdoorC} />
          <TextField
            label={PROOF.testLoads}
            kept={loadsOn}
            most={TEXT_MOST.loadsOn}
            onText={(text) => {
              setLoadsOn(text);
              return null;
            }}
          />
          <div className="py-3">{!above && act}</div>
        </div>
      ) : (
        <div className="mt-3 border-y-[1.5px] border-ink bg-bench py-2">
          <p role="timer" className="figure text-clock font-semibold">
            {clock(goneS)}
          </p>
          {width > 0 && <TimerRule width={width} goneS={Math.min(goneS, goalS)} wholeS={goalS} />}
          <div className="grid gap-2 py-2">
            {!above && act}
            <RoofButton onClick={() => end("stopped")}>{PROOF.testStopped}</RoofButton>
          </div>
        </div>
      )}
      <Caution title={PROOF.testStops}>
        <ul className="list-disc pl-5">
          {PROOF.testStopList.map((stop) => (
            <li key={stop}>{stop}</li>
          ))}
        </ul>
        <p className="mt-1">{PROOF.testPeople}</p>
      </Caution>
      {stopped && (
        <>
          <SectionHeading spaced>{PROOF.lookFirst}</SectionHeading>
          <ul className="list-disc py-1 pl-6">
            {PROOF.lookList.map((look) => (
              <li key={look}>{look}</li>
            ))}
          </ul>
        </>
      )}
      <TestList proof={proof} nameOf={name} onRemove={(key) => save(key, undefined)} />
    </div>
  );
}

interface TestListProps {
  readonly proof: Proof | null;
  readonly nameOf: (id: string) => string;
  readonly onRemove: (key: string) => void;
}

function TestList({ proof, nameOf, onRemove }: TestListProps) {
  const { measure } = useSettings();
  const air = shownAs("outdoorC", measure);
  const ended = Object.entries(proof?.tests ?? {}).filter(([, t]) => t.outcome !== null && t.endedAt !== null);
  if (ended.length === 0) return null;
  return (
    <>
      <SectionHeading spaced>{PROOF.tests}</SectionHeading>
      <ul>
        {ended.map(([key, test]) => (
          <li key={key} className="flex items-center justify-between gap-3 border-b border-hair py-1">
            <span>
              {PROOF.testRow(
                nameOf(test.sourceId),
                (Date.parse(test.endedAt ?? test.startedAt) - Date.parse(test.startedAt)) / 60_000,
                test.outcome === "well",
              )}
              <span className="block text-small text-ink2">
                {[test.outdoorC === null ? "" : formatWith(air.fromSi(test.outdoorC), 0, air.unit), test.loadsOn]
                  .filter((t) => t !== "")
                  .join(", ")}
              </span>
            </span>
            <button
              type="button"
              aria-label={PROOF.testRemove(nameOf(test.sourceId))}
              onClick={() => onRemove(key)}
              className="min-h-[48px] px-1 underline underline-offset-4"
            >
              {COMMON.delete}
            </button>
          </li>
        ))}
      </ul>
    </>
  );
}
