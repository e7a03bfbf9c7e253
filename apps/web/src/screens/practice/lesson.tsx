import type { Mark } from "@amp-saver/core/study/practice";
import { RUNS_KEPT } from "@amp-saver/records";
import { useCallback, useEffect, useMemo, useState } from "react";
import { useParams } from "react-router";
import { practiceCommit } from "../../store/commands.ts";
import { nowIso } from "../../store/identity.ts";
import { useStore } from "../../store/provider.tsx";
import { LinkButton } from "../../ui/layout/link-button.tsx";
import { PRACTICE } from "../../words/practice.ts";
import { Debrief } from "./debrief.tsx";
import { LessonBench } from "./lesson-bench.tsx";
import { chosenAt, DAILY, dailyAt, newSeed, OWN, withRun } from "./lessons.view.ts";
import { useSession } from "./use-session.ts";

/** One lesson: its bench while it is played, and its debrief once it is finished. */
export function LessonScreen() {
  const { lesson: address = "" } = useParams();
  const { session, begin, act, end } = useSession(address);
  const { commit } = useStore();
  const [openedMs] = useState(() => Date.now());
  const seedNow = useCallback(() => (address === DAILY ? dailyAt(openedMs).seed : newSeed()), [address, openedMs]);
  useEffect(() => {
    const stale = address === DAILY && session !== null && session.seed !== dailyAt(openedMs).seed;
    if (address !== OWN && (session === null || stale)) begin({ seed: seedNow() });
  }, [address, session, begin, seedNow, openedMs]);
  const { seed = 1, own: ownUnit } = session ?? {};
  const chosen = useMemo(
    () => chosenAt(address, { seed, ...(ownUnit !== undefined && { own: ownUnit }) }, openedMs),
    [address, seed, ownUnit, openedMs],
  );
  const keep = useCallback(
    (mark: Mark) => {
      if (session === null || session.ended === null) return;
      const run = {
        seed: session.seed,
        ...(session.own !== undefined && { own: session.own }),
        acts: [...session.acts],
        endedAt: nowIso(),
        done: mark.done,
        found: [...mark.found],
        missed: [...mark.missed],
        luck: mark.luck.length,
        stopped: mark.stopped?.code ?? null,
        seconds: mark.seconds,
        expertSeconds: mark.expert.seconds,
      };
      const id = session.ended;
      void commit(practiceCommit(address, (runs) => withRun(runs, id, run, RUNS_KEPT)));
    },
    [session, address, commit],
  );
  if (chosen === null)
    return (
      <div className="grid justify-items-start gap-3 p-6">
        <p>{PRACTICE.gone}</p>
        <LinkButton to="/practice">{PRACTICE.back}</LinkButton>
      </div>
    );
  if (session === null) return <p className="p-6">{PRACTICE.working}</p>;
  const own = session.own === undefined ? {} : { own: session.own };
  if (session.ended !== null)
    return (
      <Debrief
        {...chosen}
        session={session}
        keep={keep}
        same={() => begin({ seed: session.seed, ...own })}
        another={() => begin({ seed: seedNow(), ...own })}
      />
    );
  return <LessonBench key={`${address} ${session.seed}`} chosen={chosen} session={session} act={act} end={end} />;
}
