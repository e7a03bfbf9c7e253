import type { FitLog } from "@amp-saver/records";
import { useRef } from "react";
import { SectionHeading } from "../../ui/layout/section-heading.tsx";
import { Tick } from "../../ui/tick.tsx";
import { ISOLATE } from "../../words/isolate.ts";
import type { SaveFitLog } from "../save-fit-log.ts";
import type { IsolationView } from "./isolate.view.ts";
import { VoltsField } from "./volts-field.tsx";

interface PairListProps {
  readonly view: IsolationView;
  readonly work: FitLog;
  readonly save: SaveFitLog;
}

/** Live, dead, live: the meter proved, all pairs, the meter proved again. */
export function PairList({ view, work, save }: PairListProps) {
  /** What was last typed and ticked: it may still be on its way into the record, and an emptied field does not lose its range. */
  const last = useRef(new Map<string, { readonly volts: number | null; readonly low: boolean }>());
  return (
    <section className="mt-5">
      <SectionHeading>{ISOLATE.meter}</SectionHeading>
      <p className="py-1 text-body">{ISOLATE.meterHelp}</p>
      <VoltsField label={ISOLATE.before} value={work.meterBefore} onVolts={(meterBefore) => save({ meterBefore }, "meterBefore")} />
      <h3 className="mt-3 font-semibold">{ISOLATE.pairs}</h3>
      <p className="text-body">{ISOLATE.pairsHelp}</p>
      {view.pairs.map(({ pair, verdict }) => {
        const kept = work.pairs[pair];
        const name = ISOLATE.pairName(pair);
        const told = last.current.get(pair) ?? { volts: kept?.volts ?? null, low: kept?.lowImpedance ?? false };
        const set = (reading: typeof kept): void => {
          save({}, `pair ${pair}`, { pairs: { [pair]: reading } });
        };
        return (
          <div key={pair} className="border-l-[3px] border-ink pl-2">
            <VoltsField
              label={name}
              value={kept?.volts ?? null}
              onVolts={(volts) => {
                last.current.set(pair, { ...told, ...last.current.get(pair), volts });
                set(volts === null ? undefined : { volts, lowImpedance: last.current.get(pair)?.low ?? false });
              }}
            />
            <Tick
              label={ISOLATE.lowImpedance(name)}
              ticked={kept?.lowImpedance ?? told.low}
              onChange={(low) => {
                const { volts } = last.current.get(pair) ?? told;
                last.current.set(pair, { volts, low });
                if (volts !== null) set({ volts, lowImpedance: low });
              }}
            />
            {verdict !== null && (
              <p role={verdict === "dead" ? undefined : "alert"} className={`py-1 font-semibold ${verdict === "dead" ? "" : "text-lead"}`}>
                {name}: {ISOLATE.verdict[verdict]}
              </p>
            )}
          </div>
        );
      })}
      <VoltsField label={ISOLATE.after} value={work.meterAfter} onVolts={(meterAfter) => save({ meterAfter }, "meterAfter")} />
    </section>
  );
}
