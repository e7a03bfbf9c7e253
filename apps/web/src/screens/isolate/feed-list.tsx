import type { FitLog } from "@amp-saver/records";
import { SectionHeading } from "../../ui/layout/section-heading.tsx";
import { Tick } from "../../ui/tick.tsx";
import { ISOLATE } from "../../words/isolate.ts";
import type { SaveFitLog } from "../save-fit-log.ts";
import type { IsolationView } from "./isolate.view.ts";

const NEITHER = { off: false, locked: false } as const;

interface FeedListProps {
  readonly view: IsolationView;
  readonly work: FitLog;
  readonly nameOf: (id: string) => string;
  readonly save: SaveFitLog;
}

/** One pair of ticks for everything that can feed the circuit of this rig. */
export function FeedList({ view, work, nameOf, save }: FeedListProps) {
  return (
    <section className="mt-5">
      <SectionHeading>{ISOLATE.feeds}</SectionHeading>
      {view.feeds.map(({ id, kind }) => {
        const kept = work.sources[id] ?? NEITHER;
        const set = (change: Partial<typeof kept>): void =>
          void save({}, `source ${id}`, { sources: { [id]: change } }, { sources: { [id]: NEITHER } });
        return (
          <div key={id}>
            <Tick label={ISOLATE.off(nameOf(id))} help={ISOLATE.feedHelp[kind]} ticked={kept.off} onChange={(off) => set({ off })} />
            <Tick label={ISOLATE.locked(nameOf(id))} ticked={kept.locked} onChange={(locked) => set({ locked })} />
          </div>
        );
      })}
    </section>
  );
}
