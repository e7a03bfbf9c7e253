import { newWiring, newWork, type Work } from "@amp-saver/records";
import { format } from "date-fns";
import { useMemo } from "react";
import { Link } from "react-router";
import { workCommit } from "../../store/commands.ts";
import { nowIso } from "../../store/identity.ts";
import { useLocalProof, useNow } from "../../store/local-proof.ts";
import { useStore } from "../../store/provider.tsx";
import type { JobBundle } from "../../store/queries.ts";
import { Answer } from "../../ui/answer.tsx";
import { Caution } from "../../ui/caution.tsx";
import { RoofButton } from "../../ui/roof-button.tsx";
import { ISOLATE, taskWords } from "../../words/isolate.ts";
import { wiringNames } from "../../words/wiring.ts";
import { isolationView, lockNow, proofNow, provedAt } from "../../workbench/isolation.ts";
import { planView } from "../../workbench/wiring.ts";
import { planMinutes } from "../../workbench/work.ts";
import { CapacitorList } from "./capacitor-list.tsx";
import { FeedList } from "./feed-list.tsx";
import { OverrideList } from "./override-list.tsx";
import { PairList } from "./pair-list.tsx";
import type { SaveWork } from "./save-work.ts";
import { SiteList } from "./site-list.tsx";

/** Isolate: go or no-go, every source off, live–dead–live, every capacitor bled; then work opens on this device. */
export function IsolateScreen({ bundle }: { readonly bundle: JobBundle }) {
  const { commit } = useStore();
  const { job, unit, rig, sources, starters, wirings, works } = bundle;
  const kept = works.find((w) => w.jobId === job.id);
  const work = useMemo(() => kept ?? newWork(job.createdAt, job), [kept, job]);
  const wiring = useMemo(() => wirings.find((w) => w.unitId === unit.id) ?? newWiring(unit.createdAt, unit), [wirings, unit]);
  const view = useMemo(() => isolationView({ rig, unit, sources, wiring, work }), [rig, unit, sources, wiring, work]);
  const plan = useMemo(
    () =>
      planView(
        wiring,
        starters.find((s) => s.id === job.starterId),
      ),
    [wiring, starters, job.starterId],
  );
  const names = useMemo(() => wiringNames(plan.asFound, null), [plan]);
  const [proof, setProof] = useLocalProof(job.id);
  const now = useNow(1);
  const lock = lockNow(view, proof, now);
  const save: SaveWork = (change, field, entries) => void commit(workCommit(job, change, field, entries));
  const feedName = (id: string): string => {
    const feed = view.feeds.find((f) => f.id === id);
    return (
      feed?.name ??
      (feed === undefined || !(feed.kind in ISOLATE.feedName) ? id : ISOLATE.feedName[feed.kind as keyof typeof ISOLATE.feedName])
    );
  };
  const capacitorName = (id: string): string => {
    const [a, b] = view.capacitors.find((c) => c.id === id)?.between ?? [id, id];
    return `${names.terminal(a)} to ${names.terminal(b)}`;
  };
  const event = (what: Work["events"][number]["what"]): void =>
    void commit(workCommit(job, { events: [...work.events, { at: nowIso(), what }].slice(-500) }, `event ${what}`));
  const [first] = view.open;
  const parts =
    lock === null && proof !== null
      ? ISOLATE.open(format(provedAt(work, proof), "H:mm"))
      : first !== undefined
        ? ISOLATE.notYet(view.open.length, `${taskWords(first, feedName, capacitorName)}.`)
        : (lock !== null && ISOLATE.relock[lock]) || ISOLATE.ready;
  const lockAgain = (what: "powered" | "hands"): void => {
    setProof(null);
    event(what);
  };
  return (
    <div className="mx-auto w-full max-w-[820px] px-4 py-3 min-[1000px]:px-6">
      <Answer question={ISOLATE.question} parts={parts} sure={ISOLATE.sure} />
      <div className="mt-3">
        <Caution title={ISOLATE.caution}>
          {ISOLATE.cautionText} {view.liveLeg !== null && <b className="block">{ISOLATE.liveLeg[view.liveLeg]}</b>}
        </Caution>
      </div>
      <SiteList work={work} site={view.site} minutes={planMinutes(plan)} save={save} />
      <FeedList view={view} work={work} nameOf={feedName} save={save} />
      <PairList view={view} work={work} save={save} />
      <CapacitorList view={view} work={work} nameOf={capacitorName} now={now} save={save} />
      <OverrideList view={view} work={work} wordsOf={(task) => taskWords(task, feedName, capacitorName)} save={save} />
      <div className="mt-6 grid gap-3 pb-6">
        {lock === null ? (
          <>
            <Link
              to={`/job/${job.id}/fit`}
              className="flex min-h-[80px] items-center justify-center bg-ink px-5 text-[20px] font-semibold text-face"
            >
              {ISOLATE.toFit}
            </Link>
            <RoofButton onClick={() => lockAgain("powered")}>{ISOLATE.powered}</RoofButton>
            <RoofButton onClick={() => lockAgain("hands")}>{ISOLATE.hands}</RoofButton>
          </>
        ) : (
          <RoofButton
            main
            disabled={view.open.length > 0}
            onClick={() => {
              setProof(proofNow(view, Date.now()));
              event("proved");
            }}
          >
            {ISOLATE.declare}
          </RoofButton>
        )}
      </div>
    </div>
  );
}
