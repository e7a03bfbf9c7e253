import { format } from "date-fns";
import { TimerRule } from "../../chart/timer-rule.tsx";
import { useWidth } from "../../chart/use-width.ts";
import { clock, LEARN } from "../../words/learn.ts";
import type { LearnView } from "./learn.view.ts";

/** What the unit does now, how long still, and by which rule: readable from a step away. */
export function TimerPanel({ view, now, held }: { readonly view: LearnView; readonly now: number; readonly held: boolean }) {
  const [frame, width] = useWidth<HTMLDivElement>();
  const { state, learning } = view;
  const { rule } = learning;
  const next = state.counted + state.failed + 1;
  const timed = state.now.phase === "running" || state.now.phase === "resting" ? state.now : null;
  const leftS = timed === null ? 0 : (timed.untilMs - now) / 1000;
  const word =
    state.now.phase === "running"
      ? leftS > 0
        ? LEARN.phase.running(next)
        : LEARN.phase.runOver(next)
      : state.now.phase === "resting"
        ? LEARN.phase.resting(next)
        : state.now.phase === "done"
          ? LEARN.phase.done
          : state.calledMs !== null
            ? LEARN.phase.called
            : held
              ? LEARN.phase.held
              : LEARN.phase.ready;
  const shown = timed !== null ? clock(leftS) : state.calledMs !== null ? clock((now - state.calledMs) / 1000) : clock(0);
  const wholeS = timed === null ? rule.restS : (timed.untilMs - timed.sinceMs) / 1000;
  return (
    <section
      ref={frame}
      className="border-y-[1.5px] border-ink bg-bench px-4 py-2 min-[62.5rem]:px-6"
      aria-label={LEARN.timerLabel(word, shown)}
    >
      <p className="flex justify-between gap-3 text-body">
        <b>{word}</b>
        {timed !== null && <span className="text-ink2">{LEARN.at(format(timed.untilMs, "H:mm:ss"))}</span>}
      </p>
      <div className="flex flex-wrap items-end justify-between gap-x-4">
        {state.now.phase !== "done" && (
          <p role="timer" className="figure text-clock font-semibold">
            {shown}
          </p>
        )}
        <p className="pb-3 text-body">{LEARN.ruleLine(rule.runS, rule.restS)}</p>
      </div>
      {width > 0 && timed !== null && <TimerRule width={width} goneS={wholeS - leftS} wholeS={wholeS} />}
      {state.now.phase === "resting" && <p className="text-body">{LEARN.after}</p>}
      {state.missed.map((missed) => (
        <p key={`${missed.what} ${"run" in missed ? missed.run : ""}`} className="font-semibold text-lead">
          {LEARN.missed(missed)}
        </p>
      ))}
      {learning.events && Object.values(learning.events).some((e) => e.what === "clock") && (
        <p className="font-semibold">{LEARN.clockBack}</p>
      )}
    </section>
  );
}
