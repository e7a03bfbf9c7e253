import { lazy, Suspense } from "react";
import { importCommit } from "../../store/commands.ts";
import { keptBefore } from "../../store/kept-before.ts";
import { useStore } from "../../store/provider.tsx";
import { useSummaries } from "../../store/queries.ts";
import { Button } from "../../ui/button.tsx";
import { COMMON } from "../../words/common.ts";
import { HOME } from "../../words/home.ts";
import { FirstQuestion } from "./first-question.tsx";

const Logbook = lazy(() => import("./logbook.tsx").then((m) => ({ default: m.Logbook })));

/** The logbook; the question itself where it is empty, or was when last looked and is still to be read. */
export function HomeScreen() {
  const rigs = useSummaries();
  const { commit } = useStore();
  const empty = rigs === undefined ? !keptBefore() : rigs.every((rig) => rig.jobs.length === 0);
  if (!empty) {
    const waits = <p className="p-6">{COMMON.loading}</p>;
    return rigs === undefined ? (
      waits
    ) : (
      <Suspense fallback={waits}>
        <Logbook rigs={rigs} />
      </Suspense>
    );
  }
  const example = async (): Promise<void> => {
    const { demoRecords } = await import("@amp-saver/records/demo");
    await commit(importCommit(demoRecords()));
  };
  return (
    <section className="grow border-b-[1.5px] border-ink bg-face px-4 py-4 min-[62.5rem]:px-6">
      <FirstQuestion>
        <Button className="min-h-[52px]" onClick={() => void example()}>
          {HOME.example}
        </Button>
        <p className="basis-full text-small text-ink2">{HOME.exampleHelp}</p>
      </FirstQuestion>
    </section>
  );
}
