import { useBench } from "../../store/use-bench.ts";
import { useInstruments } from "../../store/use-instruments.ts";
import { Answer } from "../../ui/answer.tsx";
import { Evidence, Rail, StageFrame } from "../../ui/layout/stage-frame.tsx";
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
    <StageFrame alone={state === null}>
      <Evidence>
        <Answer question={INSTRUMENTS.question} parts={parts} sure={any ? INSTRUMENTS.sure : INSTRUMENTS.without} />
        {list?.map((instrument) => (
          <DisplayRow
            key={instrument.id}
            instrument={instrument}
            display={displays.get(instrument.id)}
            send={(command) => void send(instrument.id, command)}
          />
        ))}
        <p className="py-3 text-body text-ink2">
          {!any && INSTRUMENTS.sure} {INSTRUMENTS.bridge}
        </p>
      </Evidence>
      {state !== null && (
        <Rail>
          <BenchPanel state={state} hand={hand} />
        </Rail>
      )}
    </StageFrame>
  );
}
