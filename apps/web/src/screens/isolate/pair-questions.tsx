import type { FitLog } from "@amp-saver/records";
import { useRef } from "react";
import { RoofButton } from "../../ui/roof-button.tsx";
import { Tick } from "../../ui/tick.tsx";
import { ISOLATE } from "../../words/isolate.ts";
import type { Question } from "../asked.tsx";
import type { SaveFitLog } from "../save-fit-log.ts";
import { type IsolationView, openQuestions } from "./isolate.view.ts";
import { VoltsField } from "./volts-field.tsx";

/** Live, dead, live, as questions: the meter proved, all pairs, the meter proved again. `earlierV` is what it was last proved on today. */
export function usePairQuestions(view: IsolationView, work: FitLog, earlierV: number | null, save: SaveFitLog): readonly Question[] {
  /** What was last typed and ticked: it may still be on its way into the record, and an emptied field does not lose its range. */
  const last = useRef(new Map<string, { readonly volts: number | null; readonly low: boolean }>());
  const open = openQuestions(view);
  /** A meter's range stays as it is from one pair to the next. */
  const usual = Object.values(work.pairs).some((p) => p?.lowImpedance === true);
  const meter = (at: "before" | "after"): Question => ({
    id: `meter ${at}`,
    group: ISOLATE.meter,
    intro: <p className="py-1 text-body">{ISOLATE.meterHelp}</p>,
    done: !open.has(`meter-${at}`),
    content:
      at === "before" ? (
        <>
          <VoltsField label={ISOLATE.before} value={work.meterBefore} onVolts={(meterBefore) => save({ meterBefore }, "meterBefore")} />
          {work.meterBefore === null && earlierV !== null && (
            <RoofButton onClick={() => save({ meterBefore: earlierV }, "meterBefore")}>{ISOLATE.sameAgain(earlierV)}</RoofButton>
          )}
        </>
      ) : (
        <>
          <VoltsField label={ISOLATE.after} value={work.meterAfter} onVolts={(meterAfter) => save({ meterAfter }, "meterAfter")} />
          {work.meterAfter === null && work.meterBefore !== null && (
            <RoofButton onClick={() => save({ meterAfter: work.meterBefore }, "meterAfter")}>
              {ISOLATE.sameAgain(work.meterBefore)}
            </RoofButton>
          )}
        </>
      ),
  });
  const pairs = view.pairs.map(({ pair, verdict }): Question => {
    const kept = work.pairs[pair];
    const name = ISOLATE.pairName(pair);
    const told = last.current.get(pair) ?? { volts: kept?.volts ?? null, low: kept?.lowImpedance ?? usual };
    const set = (reading: typeof kept): void => {
      save({}, `pair ${pair}`, { pairs: { [pair]: reading } });
    };
    return {
      id: `pair ${pair}`,
      group: ISOLATE.pairs,
      intro: <p className="py-1 text-body">{ISOLATE.pairsHelp}</p>,
      done: !open.has(`pair ${pair}`),
      content: (
        <div className="border-l-[3px] border-ink pl-2">
          <VoltsField
            label={name}
            value={kept?.volts ?? null}
            onVolts={(volts) => {
              last.current.set(pair, { ...told, ...last.current.get(pair), volts });
              set(volts === null ? undefined : { volts, lowImpedance: last.current.get(pair)?.low ?? usual });
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
          {kept === undefined && (
            <RoofButton
              onClick={() => {
                last.current.set(pair, { volts: 0, low: true });
                set({ volts: 0, lowImpedance: true });
              }}
            >
              {ISOLATE.showsNone}
            </RoofButton>
          )}
          {verdict !== null && (
            <p role={verdict === "dead" ? undefined : "alert"} className={`py-1 font-semibold ${verdict === "dead" ? "" : "text-lead"}`}>
              {name}: {ISOLATE.verdict[verdict]}
            </p>
          )}
        </div>
      ),
    };
  });
  return [meter("before"), ...pairs, meter("after")];
}
