import { useBench } from "../../store/use-bench.ts";
import { useInstruments } from "../../store/use-instruments.ts";
import { Answer } from "../../ui/answer.tsx";
import { INSTRUMENTS } from "../../words/instruments.ts";
import { BenchPanel } from "./bench-panel.tsx";
import { DisplayRow } from "./display-row.tsx";

/** Instruments: which answer, what each shows, and the bench behind the stand-ins. */
export function InstrumentsScreen() {
  const { list, displays, connection, send } = useInstruments();
  const any = (list?.length ?? 0) > 0;
  const simulated = any && (list ?? []).every((i) => i.simulated);
  const { state, hand } = useBench(simulated);
  const parts =
    list === undefined
      ? INSTRUMENTS.asking
      : !any
        ? INSTRUMENTS.none
        : connection === "lost" && displays.size > 0
          ? INSTRUMENTS.lost
          : INSTRUMENTS.answer(list.length, simulated);
  return (
    <div className={`grid min-h-full ${state === null ? "" : "min-[1000px]:grid-cols-[1fr_400px]"}`}>
      <div className="min-w-0 px-4 py-3 min-[1000px]:px-6">
        <Answer question={INSTRUMENTS.question} parts={parts} sure={any ? INSTRUMENTS.sure : INSTRUMENTS.without} />
        {list?.map((instrument) => (
          <DisplayRow
            key={instrument.id}
            instrument={instrument}
            display={displays.get(instrument.id)}
            send={(command) => void send(instrument.id, command)}
          />
        ))}
        <p className="py-3 text-[15.5px] text-ink2">
          {!any && INSTRUMENTS.sure} {INSTRUMENTS.bridge}
        </p>
      </div>
      {state !== null && (
        <aside className="border-ink bg-bench px-4 py-3 max-[999px]:border-t-[1.5px] min-[1000px]:border-l-[1.5px] min-[1000px]:px-5">
          <BenchPanel state={state} hand={hand} />
        </aside>
      )}
    </div>
  );
}
