import type { FitLog } from "@amp-saver/records";
import { nowIso } from "../../store/identity.ts";
import { SectionHeading } from "../../ui/layout/section-heading.tsx";
import { ISOLATE } from "../../words/isolate.ts";
import type { SaveFitLog } from "../save-fit-log.ts";
import { againIn, type IsolationView } from "./isolate.view.ts";
import { VoltsField } from "./volts-field.tsx";

const UNREAD = { first: null, firstAt: null, second: null } as const;

interface CapacitorListProps {
  readonly view: IsolationView;
  readonly work: FitLog;
  readonly nameOf: (id: string) => string;
  readonly now: number;
  readonly save: SaveFitLog;
}

/** Every capacitor of the circuit: how long to bleed it, and two readings half a minute apart. */
export function CapacitorList({ view, work, nameOf, now, save }: CapacitorListProps) {
  return (
    <section className="mt-5">
      <SectionHeading>{ISOLATE.capacitors}</SectionHeading>
      <p className="py-1 text-body">{ISOLATE.capacitorsHelp}</p>
      {view.capacitors.map(({ id, bleed }) => {
        const kept = work.capacitors[id] ?? UNREAD;
        const set = (change: Partial<typeof kept>): void =>
          void save({}, `capacitor ${id}`, { capacitors: { [id]: change } }, { capacitors: { [id]: UNREAD } });
        const wait = againIn(kept.firstAt, now);
        const name = nameOf(id);
        return (
          <div key={id} className="border-l-[3px] border-ink pl-2">
            <p className="pt-1">
              <b>{name}.</b> {ISOLATE.bleedFor(bleed.fromV, bleed.seconds, bleed.overRatingS)}
            </p>
            <VoltsField
              label={ISOLATE.first(name)}
              value={kept.first}
              onVolts={(first) => set({ first, firstAt: first === null ? null : nowIso(), second: null })}
            />
            {kept.first !== null && wait > 0 && (
              <p className="figure py-1" role="timer">
                {ISOLATE.again(wait)}
              </p>
            )}
            {kept.first !== null && wait === 0 && (
              <VoltsField label={ISOLATE.second(name)} value={kept.second} onVolts={(second) => set({ second })} />
            )}
          </div>
        );
      })}
    </section>
  );
}
