import { nameOn } from "@amp-saver/core/network";
import { format, isSameDay, parseISO } from "date-fns";
import { useRef } from "react";
import { printedCommit } from "../../store/printed-commit.ts";
import { useStore } from "../../store/provider.tsx";
import { type JobBundle, useFitLogs } from "../../store/queries.ts";
import { Answer } from "../../ui/answer.tsx";
import { Caution } from "../../ui/caution.tsx";
import { LinkButton } from "../../ui/layout/link-button.tsx";
import { RoofButton } from "../../ui/roof-button.tsx";
import { ISOLATE, taskWords } from "../../words/isolate.ts";
import { Asked, type RestOfThem } from "../asked.tsx";
import { ownPlanMinutes, planMinutes } from "../fit/fit.view.ts";
import { useLock } from "../use-lock.ts";
import { useUnitWiring } from "../use-unit-wiring.ts";
import { capacitorQuestions } from "./capacitor-questions.tsx";
import { FEED_ANSWERS, feedQuestions } from "./feed-questions.tsx";
import { feedsBefore, openQuestions, provedAt, siteToday } from "./isolate.view.ts";
import { OverrideList } from "./override-list.tsx";
import { usePairQuestions } from "./pair-questions.tsx";
import { siteQuestionsOf, siteRest } from "./site-questions.tsx";
import { SiteVerdict } from "./site-verdict.tsx";
import { zeroRests } from "./zero-rests.ts";

/** Isolate: go or no-go, every source off, live–dead–live, every capacitor bled; then work opens on this device. */
export function IsolateScreen({ bundle }: { readonly bundle: JobBundle }) {
  const { job } = bundle;
  const { commit } = useStore();
  const { wiring, plan, names } = useUnitWiring(bundle);
  const { work, stored, view, lock, proof, now, roof, shareRoof, save, saveEvidence, saveFeed, declare, relock } = useLock(
    bundle,
    wiring,
    1,
  );
  const feedName = (id: string): string => {
    const feed = view.feeds.find((f) => f.id === id);
    return feed === undefined ? id : ISOLATE.feed(feed.kind, feed.of);
  };
  const today = siteToday(job, bundle, (iso) => isSameDay(parseISO(iso), now));
  const capacitorName = (id: string): string => {
    const [a, b] = view.capacitors.find((c) => c.id === id)?.between ?? [id, id];
    return `${names.terminal(a)}–${nameOn(b)}`;
  };
  const before = feedsBefore(view, work, stored, (ms) => isSameDay(ms, now));
  // A new measuring leaves earlier figures out; what the meter was proved on is asked again, and likely the same.
  const earlierV = useRef<number | null>(null);
  if (before !== null) earlierV.current = stored.meterBefore;
  const [first] = view.open;
  const parts =
    lock === null && proof !== null
      ? ISOLATE.open(format(provedAt(work, proof), "H:mm"))
      : first !== undefined
        ? ISOLATE.notYet(openQuestions(view).size, `${taskWords(first, feedName, capacitorName)}.`)
        : (lock !== null && ISOLATE.relock[lock]) || ISOLATE.ready;
  const pairs = usePairQuestions(view, work, earlierV.current, saveEvidence);
  const questions = [
    ...siteQuestionsOf(view, work, save),
    ...feedQuestions(view, work, feedName, saveFeed),
    ...pairs,
    ...capacitorQuestions(
      view,
      work,
      capacitorName,
      names.terminal,
      now,
      saveEvidence,
      (id, printed) => void commit(printedCommit(bundle.unit, id, printed)),
    ),
  ];
  const asked = openQuestions(view);
  const unlocked = view.feeds.filter(({ id }) => asked.has(`source ${id}`));
  const feedRest: RestOfThem = {
    open: unlocked.map(({ id }) => ({ id: `feed ${id}`, name: feedName(id) })),
    label: ISOLATE.allOff,
    onAll: () => void saveEvidence({}, "sources", { sources: Object.fromEntries(unlocked.map(({ id }) => [id, FEED_ANSWERS.locked])) }),
  };
  const zeroes = zeroRests(view, work, now, capacitorName, saveEvidence);
  const end = (
    <div className="mt-6 grid gap-3 pb-6">
      {lock === null ? (
        <>
          <LinkButton to={`/job/${job.id}/fit`} main>
            {ISOLATE.toFit}
          </LinkButton>
          <RoofButton onClick={() => relock("powered")}>{ISOLATE.powered}</RoofButton>
          <RoofButton onClick={() => relock("hands")}>{ISOLATE.hands}</RoofButton>
        </>
      ) : (
        <RoofButton main disabled={view.open.length > 0} onClick={declare}>
          {ISOLATE.declare}
        </RoofButton>
      )}
    </div>
  );
  return (
    <div className="mx-auto flex w-full max-w-[820px] flex-col px-4 py-3 min-[62.5rem]:px-6">
      <Answer guide="isolate" question={ISOLATE.question} parts={parts} sure={ISOLATE.sure} />
      <div className="mt-3 sideways:order-2">
        <Caution title={ISOLATE.caution}>
          {ISOLATE.cautionText} {view.liveLeg !== null && <b className="block">{ISOLATE.liveLeg[view.liveLeg]}</b>}
        </Caution>
      </div>
      {roof !== null && (
        <section className="mt-4 border-[1.5px] border-ink px-3 py-3">
          <p className="pb-2">{ISOLATE.roof(roof.unitName, format(roof.at, "H:mm"))}</p>
          <RoofButton main onClick={shareRoof}>
            {ISOLATE.shareRoof}
          </RoofButton>
        </section>
      )}
      {roof === null && before !== null && (
        <section className="mt-4 border-[1.5px] border-ink px-3 py-3">
          <p className="pb-2">{ISOLATE.feedsBefore(format(before.at, "H:mm"), Object.keys(before.sources).map(feedName))}</p>
          <RoofButton main onClick={() => void saveEvidence({ sources: before.sources }, "sources again")}>
            {ISOLATE.offAgain}
          </RoofButton>
        </section>
      )}
      {roof === null && today !== null && Object.keys(work.site).length === 0 && (
        <RoofButton onClick={() => void save({ site: today.site }, "site")}>{ISOLATE.sameSite(today.unitName)}</RoofButton>
      )}
      <div className="max-[62.4375rem]:order-2">
        <SiteVerdict view={view} minutes={planMinutes(plan)} own={ownPlanMinutes(plan, useFitLogs())} />
      </div>
      <div className="max-[62.4375rem]:order-1">
        <Asked label={ISOLATE.question} questions={questions} end={end} rests={[siteRest(view, work, save), feedRest, ...zeroes]} />
      </div>
      <div className="order-3">
        <OverrideList view={view} work={work} wordsOf={(task) => taskWords(task, feedName, capacitorName)} save={saveEvidence} />
      </div>
    </div>
  );
}
